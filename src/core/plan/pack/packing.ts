import { smallestCovers, type Needs } from './cover';
import type { CarriedFilm, Packing, PackQuestion, Use } from './types';

/** Numbers of things: cameras first, then films, filters and the support. */
function numbering({ cameras, films, filters }: PackQuestion) {
	const film = cameras.length;
	const filter = film + films.length;
	const support = filter + filters.length;
	const needsOf = (use: Use): Needs => [
		use.camera,
		film + use.film,
		...use.filters.map((at) => filter + at),
		...(use.support ? [support] : [])
	];
	const from = (set: ReadonlySet<number>, start: number, end: number) =>
		[...set].filter((thing) => thing >= start && thing < end).map((thing) => thing - start);
	const carried = (set: ReadonlySet<number>) => ({
		cameras: from(set, 0, film).sort((a, b) => a - b),
		filters: from(set, filter, support).sort((a, b) => a - b),
		support: set.has(support)
	});
	return { needsOf, carried };
}

const better = (a: Use, b: Use) =>
	Number(b.outcome.verdict === 'just-enough') - Number(a.outcome.verdict === 'just-enough') ||
	b.outcome.chances.good - a.outcome.chances.good;

/** Loads of each film, by the frames that its cameras take. */
function filmsOf({ films, scenes }: PackQuestion, uses: readonly (Use | null)[]): CarriedFilm[] {
	const frames = new Map<string, { film: number; frames: number }>();
	for (const [at, use] of uses.entries()) {
		if (!use) continue;
		const pair = `${use.camera} ${use.film}`;
		const before = frames.get(pair)?.frames ?? 0;
		frames.set(pair, { film: use.film, frames: before + scenes[at].frames });
	}
	const loads = new Map<number, number>();
	for (const { film, frames: taken } of frames.values()) {
		loads.set(film, (loads.get(film) ?? 0) + Math.ceil(taken / films[film].frames));
	}
	return [...loads]
		.sort(([a], [b]) => a - b)
		.map(([film, count]) => {
			const { price } = films[film];
			return { film, loads: count, cost: price === undefined ? null : price * count };
		});
}

const totalOf = (films: readonly CarriedFilm[]): number | null =>
	films.reduce<number | null>((sum, { cost }) => (sum === null || cost === null ? null : sum + cost), 0);

/** How good a packing is beside its size: more just enough, then cheaper, then surer. */
function rank({ uses, cost }: Packing): number[] {
	const given = uses.filter((use) => use !== null);
	const chances = given.reduce((sum, { outcome }) => sum + outcome.chances.good, 0);
	const enough = given.filter(({ outcome }) => outcome.verdict === 'just-enough').length;
	return [-enough, cost ?? Infinity, -chances];
}

function before(a: readonly number[], b: readonly number[]): boolean {
	const at = a.findIndex((value, index) => value !== b[index]);
	return at >= 0 && a[at] < b[at];
}

/**
 * The least to carry for an outing: the smallest number of cameras, films, filters and a support with
 * which every scene that can be covered is, at least usably. Of equally small ones, that with the most
 * scenes just enough, then the cheapest, then the surest.
 *
 * @param uses for each scene of the question, in its order, every way to cover it
 * @returns things by their place in the question
 * @example packingOf(question, question.scenes.map((scene) => usesOf(question, scene))).things // 3
 */
export function packingOf(question: PackQuestion, uses: readonly (readonly Use[])[]): Packing {
	const { needsOf, carried } = numbering(question);
	const groups = uses.map((each) => each.map((use) => ({ use, needs: needsOf(use) })));
	const coverable = groups.filter((group) => group.length > 0);
	const packed = smallestCovers(coverable.map((group) => group.map(({ needs }) => needs))).map((set) => {
		const given = groups.map((group) => {
			const within = group.filter(({ needs }) => needs.every((thing) => set.has(thing)));
			return within.map(({ use }) => use).sort(better)[0] ?? null;
		});
		const films = filmsOf(question, given);
		return { ...carried(set), films, things: set.size, cost: totalOf(films), uses: given };
	});
	return packed.reduce((best, next) => (before(rank(next), rank(best)) ? next : best));
}
