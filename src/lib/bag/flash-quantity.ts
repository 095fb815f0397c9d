import { FOOT, measures } from '$core/units';
import { guideNumberFrom } from '$core/flash';
import { timeQuantity } from '$lib/forms/exposures';
import { listOf } from '$lib/forms/lists';
import { plainNumber, type Quantity } from '$lib/forms/quantity';

/** A guide number as it is printed: "28", "80 ft", "40 ft at ISO 25", in metres at ISO 100. */
export const guideNumberQuantity: Quantity = {
	parse(text) {
		const trimmed = text.trim();
		if (trimmed === '') return undefined;
		const [, value, unit, iso] =
			/^([\d.,]+)\s*(m|ft|feet)?(?:\s*(?:at)?\s*(?:iso)?\s*(\d+))?$/i.exec(trimmed) ?? [];
		if (value === undefined) return NaN;
		const printed = { value: Number(value.replace(',', '.')), iso: Number(iso ?? 100) };
		const metres = guideNumberFrom({ ...printed, unit: /^f/i.test(unit ?? measures().length) ? 'ft' : 'm' });
		// A number that was converted is no surer than its printing.
		return unit === undefined && iso === undefined && measures().length === 'm'
			? metres
			: Number(metres.toPrecision(3));
	},
	show: (metres) =>
		measures().length === 'ft' ? String(Number((metres / FOOT).toPrecision(3))) : plainNumber.show(metres)
};

/** Parts of full power: "1, 1/2, 1/4". */
export const powersQuantity = listOf({
	parse: timeQuantity.parse,
	show: (power) => (power < 1 ? `1/${plainNumber.show(1 / power)}` : plainNumber.show(power))
});
