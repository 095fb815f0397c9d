import { measures } from '$core/units';
import { distanceQuantity, plainNumber, type Quantity } from './quantity';

/** Metres or feet, or "inf" and "∞" for infinity, which is null in a record. */
export const distanceList = {
	parse: (text: string): (number | null)[] =>
		pieces(text).map((piece) =>
			/^(∞|inf(inity)?)$/i.test(piece) ? null : (distanceQuantity.parse(piece) ?? NaN)
		),
	show: (values: readonly (number | null)[]) =>
		values
			.map((value) => {
				if (value === null) return '∞';
				return (measures().length === 'ft' ? distanceQuantity : plainNumber).show(value);
			})
			.join(', ')
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
