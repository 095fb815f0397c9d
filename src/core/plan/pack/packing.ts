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

/** Frames that scenes take of each film in each camera. */
function framesTaken({ scenes }: PackQuestion, uses: readonly (Use | null)[]) {
	const taken = new Map<string, { camera: number; film: number; frames: number }>();
	for (const [at, use] of uses.entries()) {
		if (!use) continue;
		const pair = `${use.camera} ${use.film}`;
		const before = taken.get(pair)?.frames ?? 0;
		taken.set(pair, { camera: use.camera, film: use.film, frames: before + scenes[at].frames });
	}
	return [...taken.values()];
}

/**
 * Packs or rolls that frames take beyond what is in a camera.
 *
 * @example packsFor(30, 12, 12) // 2
 */
export const packsFor = (frames: number, there: number, inPack: number): number =>
	Math.ceil(Math.max(0, frames - there) / inPack);

/** Loads of each film, by the frames that its cameras take beyond what is in them. */
function filmsOf(question: PackQuestion, uses: readonly (Use | null)[]): CarriedFilm[] {
	const taken = framesTaken(question, uses);
	const films = [...new Set(taken.map(({ film }) => film))].sort((a, b) => a - b);
	return films.map((film) => {
		const { frames: inPack, price, left, inside = [] } = question.films[film];
		const within = taken.filter((each) => each.film === film);
		const loads = within.reduce((sum, { camera, frames }) => {
			const there = inside.find((each) => each.camera === camera)?.frames ?? 0;
			return sum + packsFor(frames, there, inPack);
		}, 0);
		return {
			film,
			loads,
			inside: within.flatMap(({ camera }) => (inside.some((each) => each.camera === camera) ? [camera] : [])),
			buy: left === undefined ? null : Math.max(0, loads - left),
			cost: loads === 0 ? 0 : price === undefined ? null : price * loads
		};
	});
}

/** What the packs cost that are not there. */
function purchaseOf({ films }: PackQuestion, carried: readonly CarriedFilm[]): number | null {
	return carried.reduce<number | null>((sum, { film, buy }) => {
		if (!buy) return sum;
		const { price } = films[film];
		return sum === null || price === undefined ? null : sum + price * buy;
	}, 0);
}

const totalOf = (films: readonly CarriedFilm[]): number | null =>
	films.reduce<number | null>((sum, { cost }) => (sum === null || cost === null ? null : sum + cost), 0);

/** How good a packing is beside its size: more just enough, then less to buy, then cheaper, then surer. */
function rank({ uses, films, cost }: Packing): number[] {
	const given = uses.filter((use) => use !== null);
	const chances = given.reduce((sum, { outcome }) => sum + outcome.chances.good, 0);
	const enough = given.filter(({ outcome }) => outcome.verdict === 'just-enough').length;
	const buy = films.reduce((sum, each) => sum + (each.buy ?? 0), 0);
	return [-enough, buy, cost ?? Infinity, -chances];
}

function before(a: readonly number[], b: readonly number[]): boolean {
	const at = a.findIndex((value, index) => value !== b[index]);
	return at >= 0 && a[at] < b[at];
}

/**
 * The least to carry for an outing: the smallest number of cameras, films, filters and a support with
 * which every scene that can be covered is, at least usably. Of equally small ones, that with the most
 * scenes just enough, then with the least to buy, then the cheapest, then the surest.
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
		const costs = { cost: totalOf(films), purchase: purchaseOf(question, films) };
		return { ...carried(set), films, things: set.size, ...costs, uses: given };
	});
	return packed.reduce((best, next) => (before(rank(next), rank(best)) ? next : best));
}
