import type { Filter } from '../../camera';
import { goesInto, isColour, isSeenAtOnce, type Film } from '../../film';
import { quickMatch, suitsFilm, type Intent } from '../../match';
import { intentForDepth } from '../depth';
import type { FilmWish, PackQuestion, PackScene, Use } from './types';

const wishes: Readonly<Record<FilmWish, (film: Film) => boolean>> = {
	colour: isColour,
	'black-and-white': (film) => !isColour(film),
	instant: isSeenAtOnce
};

const wantedOn = ({ on }: PackScene, film: Film) => on === undefined || wishes[on](film);

/** Sets of filters on one lens, the smaller ones first: each, each two. */
function* stacksOf(filters: readonly Filter[], film: Film): Generator<number[]> {
	const fitting = filters.flatMap((filter, at) => (suitsFilm(filter, film) ? [at] : []));
	for (const at of fitting) yield [at];
	for (const [place, at] of fitting.entries())
		for (const other of fitting.slice(place + 1)) yield [at, other];
}

/** By hand, on a support, or both where it is not said; a support only where there is one. */
function holdsFor({ intent }: PackScene, tripod: boolean): boolean[] {
	const free = intent?.handheld === undefined;
	const holds = free ? [true, false] : [intent.handheld !== false];
	return holds.filter((handheld) => handheld || tripod);
}

/** Needs no more than a way that is there already. */
const needless = (uses: readonly Use[], stack: readonly number[], handheld: boolean) =>
	uses.some((use) => (!use.support || !handheld) && use.filters.every((at) => stack.includes(at)));

/** A camera with a film that goes into it, by their places, and what is wanted of it. */
interface Tried {
	camera: number;
	film: number;
	intent: Intent;
	/** Matches that were made, by what of the filters counts. */
	made: Map<string, ReturnType<typeof quickMatch>>;
}

/** What a match sees of filters: the light that they take, from the film alone or from the eye, too. */
function weightOf(filters: readonly Filter[]): string {
	const taken = (overMeter: boolean | undefined) =>
		filters.reduce((sum, each) => sum + (each.overMeter === overMeter ? each.stops : 0), 0).toFixed(4);
	return [taken(true), taken(false), taken(undefined)].join(' ');
}

/** A match, or the same one again where other filters take as much. */
function matched(
	question: PackQuestion,
	scene: PackScene,
	pair: Tried,
	filters: Filter[],
	handheld: boolean
) {
	const key = `${handheld} ${weightOf(filters)}`;
	const before = pair.made.get(key);
	if (before) return before;
	const { camera } = question.cameras[pair.camera];
	const { film } = question.films[pair.film];
	const made = quickMatch(camera, film, scene.light, { ...pair.intent, handheld, filters });
	pair.made.set(key, made);
	return made;
}

/** What a camera with a film and some filters does for a scene, on all that it may stand on. */
function usesWith(question: PackQuestion, scene: PackScene, pair: Tried, stack: number[], before: Use[]) {
	const { camera, film, intent } = pair;
	const filters = [...(intent.filters ?? []), ...stack.map((at) => question.filters[at])];
	const uses: Use[] = [];
	let wantsLess = false;
	for (const handheld of holdsFor(scene, question.tripod)) {
		if (needless([...before, ...uses], stack, handheld)) continue;
		const { best, unmet } = matched(question, scene, pair, filters, handheld);
		const exposed = best.verdict === 'just-enough' || best.verdict === 'usable';
		if (exposed && unmet.length === 0 && best.spoilers.length === 0)
			uses.push({ camera, film, filters: stack, support: !handheld, outcome: best });
		// Less light could still help: too much of it, or a time that is wanted longer.
		wantsLess ||= best.error > 0 || unmet.includes('seconds');
	}
	return { uses, wantsLess };
}

/** The ways in which a camera with a film covers a scene, none of which needs all that another does. */
function usesOfPair(question: PackQuestion, scene: PackScene, camera: number, film: number): Use[] {
	const [body, { film: stock }] = [question.cameras[camera], question.films[film]];
	if ((body.takes && !goesInto(stock, body.takes)) || !wantedOn(scene, stock)) return [];
	const intent = intentForDepth(body.camera, scene.intent ?? {}, scene.depth);
	if (!intent) return [];
	const pair = { camera, film, intent, made: new Map() };
	const { uses, wantsLess } = usesWith(question, scene, pair, [], []);
	if (!wantsLess) return uses;
	for (const stack of stacksOf(question.filters, stock))
		uses.push(...usesWith(question, scene, pair, stack, uses).uses);
	return uses;
}

/**
 * Every way in which a scene can be covered at least usably with what there is: unspoiled, and with its
 * wishes met. Of ways that differ only in what they carry, those that carry needlessly are left out.
 *
 * @example usesOf(question, question.scenes[0]).length // 3
 */
export function usesOf(question: PackQuestion, scene: PackScene): Use[] {
	return question.cameras.flatMap((_, camera) =>
		question.films.flatMap((__, film) => usesOfPair(question, scene, camera, film))
	);
}
