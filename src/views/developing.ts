import { filmTypes, asLoaded, isDevelopedLater, type Film } from '$core/film';
import type { LoadRecord } from '$contract/records';
import type { Kept, Tally, ViewRecords } from './records';

const LAST_DONE = 12;
/** Loads to choose from. */
const MOST_WAITING = 60;

/** A load with what it is of. */
async function withItsThings({ cameras, films }: ViewRecords, load: Kept<LoadRecord>) {
	const [camera, film] = await Promise.all([cameras.get(load.cameraId), films.get(load.filmId)]);
	return {
		name: `${film?.name ?? 'A film'} of ${camera?.name ?? 'a camera'}`,
		load,
		camera: camera!,
		film: asLoaded(film!, load)
	};
}

const NOTHING: Tally = { taken: 0, judged: 0 };

/** Whether a load was taken out and waits to be developed: what was judged has been seen, and so developed. */
export const waitsForBath = (
	{ unloadedAt, developed }: Pick<LoadRecord, 'unloadedAt' | 'developed'>,
	film: Pick<Film, 'type'>,
	{ judged }: Tally = NOTHING
): boolean => unloadedAt !== undefined && developed === undefined && judged === 0 && isDevelopedLater(film);

/** What waits to be developed, all recipes, and what was developed last. */
export async function developing(from: ViewRecords) {
	const [recipes, done, open] = await Promise.all([
		from.recipes.all(),
		from.loads.developed(LAST_DONE),
		waiting(from, true)
	]);
	const named = await Promise.all(done.map((load) => withItsThings(from, load)));
	const tallies = await from.loads.tallies(open.map(({ load }) => load.id));
	const told = open.map((each) => ({ ...each, ...(tallies[each.load.id] ?? NOTHING) }));
	return {
		recipes,
		/** Taken out. */
		waits: told.filter(({ load, film, ...tally }) => waitsForBath(load, film, tally)),
		/** Full, and still in its camera. */
		full: told
			.filter(({ load, taken }) => load.unloadedAt === undefined && taken >= load.frames)
			.map(({ name, load }) => ({ id: load.id, name })),
		done: named.map(({ name, load }) => ({ id: load.id, name, developed: load.developed! }))
	};
}

/**
 * Loads that wait to be developed, the last one first.
 *
 * @param later those of film that is developed after it was shot; else of film that develops by itself
 */
export async function waiting(from: ViewRecords, later: boolean) {
	const types = filmTypes.filter((type) => isDevelopedLater({ type }) === later);
	const loads = await from.loads.waiting(types, MOST_WAITING);
	return Promise.all(loads.map((load) => withItsThings(from, load)));
}
