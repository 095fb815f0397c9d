import { feetAndInches, FOOT, INCH, measures } from '$core/units';

/** How a kind of quantity is typed and shown. Unreadable text becomes NaN, which every schema refuses. */
export interface Quantity {
	parse: (text: string) => number | undefined;
	show: (value: number) => string;
}

export const decimal = (text: string) => Number(text.replace(',', '.').replace('−', '-'));

export const blankOr = (read: (text: string) => number) => (text: string) => {
	const trimmed = text.trim();
	return trimmed === '' ? undefined : read(trimmed);
};

export const plainNumber: Quantity = {
	parse: blankOr(decimal),
	show: (value) => String(Number(value.toPrecision(6)))
};

/** A length in metres, by the unit that was typed; bare, it is in the reader's. */
export function metresOf(text: string): number {
	const metric = /^([\d.,]+)\s*(m|cm|mm)?$/i.exec(text);
	if (metric) {
		const usual = measures().length === 'ft' ? FOOT : 1;
		const scale = { m: 1, cm: 0.01, mm: 0.001 }[metric[2]?.toLowerCase() ?? ''] ?? usual;
		return decimal(metric[1]) * scale;
	}
	const [, feet, inches] =
		/^(?:([\d.,]+)\s*(?:'|′|’|ft|foot|feet))?\s*(?:([\d.,]+)\s*(?:"|″|”|in|inch|inches)?)?$/i.exec(text) ??
		[];
	if (feet === undefined && inches === undefined) return NaN;
	return decimal(feet ?? '0') * FOOT + decimal(inches ?? '0') * INCH;
}

/** As a tape shows it where that is what was meant, else in parts of a foot: opening a form changes nothing. */
function feetShown(metres: number): string {
	const inches = metres / INCH;
	const whole = Math.round(inches);
	if (whole < 1 || Math.abs(inches - whole) > 1e-3 * inches)
		return String(Number((metres / FOOT).toPrecision(3)));
	// Whole feet need no unit beside a label that has it.
	return feetAndInches(whole).replace(/ ft$/, '');
}

/** A distance in metres, or as lenses and tapes say it: "2.5", "80 cm", "4 ft", "3' 6\"", "3 ft 6 in"; bare, in the reader's unit. */
export const distanceQuantity: Quantity = {
	parse: blankOr(metresOf),
	show: (value) => (measures().length === 'ft' ? feetShown(value) : String(Number(value.toPrecision(3))))
};
