import { stopsOfDensity, stopsOfFactor } from '$core/units';
import { stopsQuantity } from '$lib/forms/exposures';
import { type Quantity } from '$lib/forms/quantity';

const number = (text: string) => Number(text.replace(',', '.'));

/** Light that a filter takes: stops ("2", "1⅓"), a density ("0.6 D", "ND 0.9", or 0.3 by itself) or a factor ("4×"). */
export const filterStopsQuantity: Quantity = {
	parse(text) {
		const trimmed = text.trim();
		const factor = /^([\d.,]+)\s*[×x*]$/i.exec(trimmed);
		if (factor) return stopsOfFactor(number(factor[1]));
		const density = /^(?:nd|d)\s*([\d.,]+)$|^([\d.,]+)\s*d$|^(0[.,][369])$/i.exec(trimmed);
		if (density) return stopsOfDensity(number(density[1] ?? density[2] ?? density[3]));
		return stopsQuantity.parse(trimmed);
	},
	show: stopsQuantity.show
};
