import { isBefore, ownTime, type DevelopedOnce, type JudgedDevelopment, type OwnTime } from '$core/develop';
import { filmTypes, asLoaded, isDevelopedLater, type Film } from '$core/film';
import type { LoadRecord, RecipeRecord } from '$contract/records';
import type { Kept, Tally, ViewRecords } from './records';

/** Loads that are shown as developed, and those that recipes and their times are learnt from. */
const [LAST_DONE, LEARNT_FROM] = [12, 40];
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

/** What negatives of one film say of the times of one recipe. */
export interface OwnTimeOf extends OwnTime {
	recipeId: string;
	filmId: string;
}

/** A load as it was developed, and how its negatives look. */
async function judgedOf({ frames }: ViewRecords, { id, process, developed }: Kept<LoadRecord>) {
	const { celsius, steps, movement, water } = developed!;
	const took = steps.find((step) => !isBefore(step))?.took ?? 0;
	const looks = (await frames.ofLoad(id)).flatMap(({ judged }) => judged?.look ?? []);
	return { took, celsius, push: process?.push ?? 0, water, ...(movement && { movement }), looks };
}

/** What a load was developed in; a log of old has the recipe's name alone. */
const wasIn =
	({ developed }: Pick<LoadRecord, 'developed'>) =>
	({ id, name }: Kept<RecipeRecord>) =>
		developed?.recipeId === undefined ? developed?.recipe === name : developed.recipeId === id;

/** What the loads that were developed last say of the times of a recipe, film by film. */
async function ownTimesOf(
	from: ViewRecords,
	recipe: Kept<RecipeRecord>,
	done: readonly Kept<LoadRecord>[]
): Promise<OwnTimeOf[]> {
	const inIt = done.filter((load) => wasIn(load)(recipe) && load.developed!.celsius.length > 0);
	const judged = await Promise.all(
		inIt.map(async (load) => ({ filmId: load.filmId, ...(await judgedOf(from, load)) }))
	);
	const byFilm = new Map<string, JudgedDevelopment[]>();
	for (const { filmId, ...each } of judged) byFilm.set(filmId, [...(byFilm.get(filmId) ?? []), each]);
	return [...byFilm].flatMap(([filmId, developments]) => {
		const own = ownTime(recipe, developments);
		return own ? [{ ...own, recipeId: recipe.id, filmId }] : [];
	});
}

/** In which recipes of the shelf films were developed, the last one first. */
const onceDeveloped = (
	recipes: readonly Kept<RecipeRecord>[],
	done: readonly Kept<LoadRecord>[]
): DevelopedOnce[] =>
	done.flatMap((load) => {
		const recipe = recipes.find(wasIn(load));
		return recipe ? [{ recipeId: recipe.id, filmId: load.filmId, push: load.process?.push ?? 0 }] : [];
	});

/** One recipe with what else goes on around it: baths after it, own times, and loads that wait for such a thing. */
export async function recipeAsked(from: ViewRecords, recipe: Kept<RecipeRecord>, later: boolean) {
	const [all, done, loads] = await Promise.all([
		from.recipes.all(),
		from.loads.developed(LEARNT_FROM),
		waiting(from, later)
	]);
	return {
		recipe,
		loads,
		baths: all.filter(({ kind }) => kind === 'stop' || kind === 'fixer'),
		own: await ownTimesOf(from, recipe, done)
	};
}

/** What waits to be developed, all recipes, and what was developed last. */
export async function developing(from: ViewRecords) {
	const [recipes, done, open] = await Promise.all([
		from.recipes.all(),
		from.loads.developed(LEARNT_FROM),
		waiting(from, true)
	]);
	const named = await Promise.all(done.slice(0, LAST_DONE).map((load) => withItsThings(from, load)));
	const own = await Promise.all(recipes.map((recipe) => ownTimesOf(from, recipe, done)));
	const tallies = await from.loads.tallies(open.map(({ load }) => load.id));
	const told = open.map((each) => ({ ...each, ...(tallies[each.load.id] ?? NOTHING) }));
	return {
		recipes,
		own: own.flat(),
		once: onceDeveloped(recipes, done),
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
