import { formatTime, parseFilmSpeed } from '$core/units';

/** How a kind of quantity is typed and shown. Unreadable text becomes NaN, which every schema refuses. */
export interface Quantity {
	parse: (text: string) => number | undefined;
	show: (value: number) => string;
}

const decimal = (text: string) => Number(text.replace(',', '.').replace('−', '-'));

const blankOr = (read: (text: string) => number) => (text: string) => {
	const trimmed = text.trim();
	return trimmed === '' ? undefined : read(trimmed);
};

export const plainNumber: Quantity = {
	parse: blankOr(decimal),
	show: (value) => String(Number(value.toPrecision(6)))
};

/** "8" or "f/8"; and as meters show it, a mark and tenths of a stop: "f/45 and 9/10", "45 9". */
export const fNumberQuantity: Quantity = {
	parse: blankOr((text) => {
		const plain = text.replace(/^f\s*\/?\s*/i, '');
		const [, mark, tenths] = /^(\d+(?:[.,]\d+)?)\s*(?:\+|and|\s)\s*(\d)(?:\s*\/\s*10)?$/i.exec(plain) ?? [];
		// A stop is a factor of √2 in the f-number (ISO 517).
		return mark === undefined ? decimal(plain) : decimal(mark) * 2 ** (Number(tenths) / 20);
	}),
	show: plainNumber.show
};

/** Metres in a foot and an inch, by definition. */
const [FOOT, INCH] = [0.3048, 0.0254];

/** A distance in metres, or as lenses and tapes say it: "2.5", "80 cm", "4 ft", "3' 6\"", "3 ft 6 in". */
export const distanceQuantity: Quantity = {
	parse: blankOr((text) => {
		const metric = /^([\d.,]+)\s*(m|cm|mm)?$/i.exec(text);
		if (metric) {
			const scale = { cm: 0.01, mm: 0.001 }[metric[2]?.toLowerCase() ?? ''] ?? 1;
			return decimal(metric[1]) * scale;
		}
		const [, feet, inches] =
			/^(?:([\d.,]+)\s*(?:'|′|ft|foot|feet))?\s*(?:([\d.,]+)\s*(?:"|″|in|inch|inches)?)?$/i.exec(text) ?? [];
		if (feet === undefined && inches === undefined) return NaN;
		return decimal(feet ?? '0') * FOOT + decimal(inches ?? '0') * INCH;
	}),
	show: (value) => String(Number(value.toPrecision(3)))
};

const glyphs: Record<string, number> = { '½': 0.5, '⅓': 1 / 3, '⅔': 2 / 3, '¼': 0.25 };

/** "1/125", "2", "½", "2 min", with or without "s". */
export const timeQuantity: Quantity = {
	parse: blankOr((text) => {
		const [, amount, unit] = /^(.*?)\s*(s|sec|seconds?|min|minutes?)?$/i.exec(text)!;
		const scale = unit?.toLowerCase().startsWith('min') ? 60 : 1;
		if (Object.hasOwn(glyphs, amount)) return glyphs[amount] * scale;
		const fraction = /^(\d+)\s*\/\s*(\d+(?:[.,]\d+)?)$/.exec(amount);
		return scale * (fraction ? Number(fraction[1]) / decimal(fraction[2]) : decimal(amount));
	}),
	show: (value) => {
		const usual = formatTime(value).replace(/ s$/, '');
		const part = `1/${Math.round(1 / value)}`;
		const same = (text: string) => Math.abs((timeQuantity.parse(text) ?? NaN) / value - 1) < 1e-10;
		// A time that is not a usual mark is shown exactly, so that opening a form never changes it.
		return [usual, part].find(same) ?? String(value);
	}
};

/** Stops with their sign, in fractions as they are said: "−½", "1⅓", "0.15". */
export const stopsQuantity: Quantity = {
	parse: blankOr((text) => {
		const [, sign, whole, glyph] = /^([-−]?)\s*(\d*)([½⅓⅔¼]?)$/.exec(text) ?? [];
		if (glyph === undefined || whole + glyph === '') return decimal(text);
		return (sign ? -1 : 1) * (Number(whole || 0) + (glyph ? glyphs[glyph] : 0));
	}),
	show: (value) => {
		const fraction = Object.entries(glyphs).find(
			([, part]) => Math.abs(Math.abs(value % 1) - part) < 1e-9
		)?.[0];
		const whole = Math.trunc(Math.abs(value));
		return fraction ? `${value < 0 ? '−' : ''}${whole || ''}${fraction}` : plainNumber.show(value);
	}
};

/** "400", "400/27°", "27°". */
export const filmSpeedQuantity: Quantity = {
	parse: blankOr((text) => parseFilmSpeed(text) ?? NaN),
	show: plainNumber.show
};

/** Metres or feet, or "inf" and "∞" for infinity, which is null in a record. */
export const distanceList = {
	parse: (text: string): (number | null)[] =>
		pieces(text).map((piece) =>
			/^(∞|inf(inity)?)$/i.test(piece) ? null : (distanceQuantity.parse(piece) ?? NaN)
		),
	show: (values: readonly (number | null)[]) =>
		values.map((value) => (value === null ? '∞' : plainNumber.show(value))).join(', ')
};

const pieces = (text: string) =>
	text
		.split(/[;,]\s*|\s{2,}/)
		.map((piece) => piece.trim())
		.filter(Boolean);

/** A list of one kind of quantity, with commas between. */
export function listOf(quantity: Quantity) {
	return {
		parse: (text: string): number[] => pieces(text).map((piece) => quantity.parse(piece) ?? NaN),
		show: (values: readonly number[]) => values.map(quantity.show).join(', ')
	};
}

/** Labels with commas between; an empty text is no labels. */
export const labelList = {
	parse: (text: string): string[] | undefined =>
		text.trim() === '' ? undefined : text.split(',').map((piece) => piece.trim()),
	show: (values: readonly string[] | undefined) => (values ?? []).join(', ')
};
