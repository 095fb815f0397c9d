import { formatTime, parseFilmSpeed } from '$core/units';
import { blankOr, decimal, plainNumber, type Quantity } from './quantity';

/** What is set on a camera or meter, as it is typed. */

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
