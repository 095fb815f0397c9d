import type { Packing } from '$core/plan';
import { formatMoney } from '$core/units';
import { capital, counted, listed } from '$words';
import type { Asked } from './pack-question';

/** What is carried, a thing a line, and what the films cost. */
export function carriedInWords(
	packing: Packing,
	asked: Asked,
	locale: string
): { lines: string[]; sum: string } {
	const lines = [
		...packing.cameras.map((at) => asked.cameras[at].name),
		...packing.films.map(({ film, loads, cost }) => {
			const price = cost === null ? '' : `, ${formatMoney(cost, locale)}`;
			return `${asked.films[film].name}, ${counted(loads, 'one load', '# loads')}${price}`;
		}),
		...packing.filters.map((at) => asked.filters[at].name),
		...(packing.support ? ['A tripod'] : [])
	];
	const count = counted(packing.things, 'One thing', '# things');
	const unpriced = packing.films
		.filter(({ cost }) => cost === null)
		.map(({ film }) => asked.films[film].name);
	const cost =
		packing.cost === null
			? `what ${listed(unpriced)} costs isn’t known: enter it when you load it`
			: `the films cost ${formatMoney(packing.cost, locale)}`;
	return { lines, sum: `${count}, with nothing to spare. ${capital(cost)}.` };
}
