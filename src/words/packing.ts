import type { Film } from '../core/film';
import type { CarriedFilm, Extra, Packing } from '../core/plan';
import { formatMoney } from '../core/units';
import { capital } from './capital';
import { counted, listed } from './language';
import { packsInWords } from './stock';

/** What the places in a packing stand for. */
export interface PackedThings {
	cameras: readonly { name: string }[];
	films: readonly Pick<Film, 'name' | 'type'>[];
	filters: readonly { name: string }[];
}

/**
 * One thing more that an outing could do with.
 *
 * @example extraInWords({ kind: 'support' }) // 'a tripod'
 */
export function extraInWords(extra: Extra): string {
	if (extra.kind === 'support') return 'a tripod';
	if (extra.kind === 'filter') return `a filter: ${extra.name}${extra.overMeter ? ' over lens and eye' : ''}`;
	return extra.kind === 'film' ? `a film: ${extra.name}` : `a camera: ${extra.name.toLowerCase()}`;
}

/** What is carried, a thing a line, what the films cost, and what has to be bought. */
export function carriedInWords(
	packing: Packing,
	asked: PackedThings,
	locale: string
): { lines: string[]; sum: string; buy: string } {
	const money = (amount: number) => formatMoney(amount, locale);
	function filmLine({ film, loads, inside, cost }: CarriedFilm): string {
		const { name } = asked.films[film];
		const cameras = listed(inside.map((at) => asked.cameras[at].name));
		if (loads === 0) return `${name}, in ${cameras} already`;
		const price = cost === null ? '' : `, ${money(cost)}`;
		const more =
			inside.length > 0
				? `${counted(loads, 'one more load', '# more loads')}`
				: counted(loads, 'one load', '# loads');
		return `${name}, ${more}${price}`;
	}
	const lines = [
		...packing.cameras.map((at) => asked.cameras[at].name),
		...packing.films.map(filmLine),
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
			: packing.cost === 0
				? 'all its film is in the cameras'
				: `the films cost ${money(packing.cost)}`;
	return {
		lines,
		sum: `${count}, with nothing to spare. ${capital(cost)}.`,
		buy: purchaseInWords(packing, asked, money)
	};
}

/** What has to be bought, as far as somebody counts what there is. */
function purchaseInWords(
	{ films, purchase }: Packing,
	asked: PackedThings,
	money: (amount: number) => string
): string {
	const counts = films.filter(({ loads }) => loads > 0);
	if (counts.length === 0 || counts.every(({ buy }) => buy === null)) return '';
	const missing = counts.filter(({ buy }) => (buy ?? 0) > 0);
	const unknown = counts.filter(({ buy }) => buy === null).map(({ film }) => asked.films[film].name);
	const rest = unknown.length > 0 ? ` Stock of ${listed(unknown)} isn’t counted.` : '';
	if (missing.length === 0) return `Nothing to buy: it’s in stock.${rest}`;
	const packs = missing.map(
		({ film, buy }) => `${packsInWords(asked.films[film].type, buy!)} of ${asked.films[film].name}`
	);
	return `To buy: ${listed(packs)}${purchase ? `, ${money(purchase)}` : ''}.${rest}`;
}
