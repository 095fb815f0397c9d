import type { Filter } from '../../camera';
import { fitsWhere, isColour, type Film } from '../../film';
import { quickMatch, suitsFilm, type Intent, type Outcome } from '../../match';
import type { FilmWish, PackCamera, PackQuestion, PackScene, Use } from './types';

const isInstant = ({ type }: Film) => type === 'instant' || type === 'peel-apart';

const wishes: Readonly<Record<FilmWish, (film: Film) => boolean>> = {
	colour: isColour,
	'black-and-white': (film) => !isColour(film),
	instant: isInstant
};

const wantedOn = ({ on }: PackScene, film: Film) => on === undefined || wishes[on](film);

/**
 * Whether a film goes into a camera.
 *
 * @example goesInto({ camera: anInstant, takes: 'instant' }, { name: 'Any', type: 'reversal', iso: 100 }) // false
 */
export const goesInto = ({ takes }: PackCamera, film: Film) => takes === undefined || fitsWhere(film, takes);

/** Sets of filters on one lens, the smaller ones first: none, each, each two. */
function* stacksOf(filters: readonly Filter[], film: Film): Generator<number[]> {
	const fitting = filters.flatMap((filter, at) => (suitsFilm(filter, film) ? [at] : []));
	yield [];
	for (const at of fitting) yield [at];
	for (const [place, at] of fitting.entries())
		for (const other of fitting.slice(place + 1)) yield [at, other];
}

interface Tried {
	outcome: Outcome;
	covers: boolean;
	/** Less light could still help: too much of it, or a time that is wanted longer. */
	wantsLess: boolean;
}

function tried(camera: PackCamera, film: Film, scene: PackScene, intent: Intent): Tried {
	const { best, unmet } = quickMatch(camera.camera, film, scene.light, intent);
	const exposed = best.verdict === 'just-enough' || best.verdict === 'usable';
	return {
		outcome: best,
		covers: exposed && unmet.length === 0 && best.spoilers.length === 0,
		wantsLess: best.error > 0 || unmet.includes('seconds')
	};
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

/** The ways in which a camera with a film covers a scene, none of which needs all that another does. */
function usesOfPair(question: PackQuestion, scene: PackScene, camera: number, film: number): Use[] {
	const { filters, tripod } = question;
	const [body, { film: stock }] = [question.cameras[camera], question.films[film]];
	if (!goesInto(body, stock) || !wantedOn(scene, stock)) return [];
	const holds = holdsFor(scene, tripod);
	const uses: Use[] = [];
	let dimmable = false;
	for (const stack of stacksOf(filters, stock)) {
		if (stack.length > 0 && !dimmable) break;
		const on = [...(scene.intent?.filters ?? []), ...stack.map((at) => filters[at])];
		for (const handheld of holds) {
			if (needless(uses, stack, handheld)) continue;
			const intent = { ...scene.intent, handheld, filters: on };
			const { outcome, covers, wantsLess } = tried(body, stock, scene, intent);
			if (covers) uses.push({ camera, film, filters: stack, support: !handheld, outcome });
			if (stack.length === 0) dimmable ||= wantsLess;
		}
	}
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
