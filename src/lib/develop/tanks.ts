import { ownTimed, pushFactor, recipeTime, type OwnTime, type TimedDiluted } from '$core/develop';
import type { Kept } from '$lib/records/client';
import type { CameraRecord, FilmRecord, LoadRecord, RecipeRecord } from '$contract/records';

/** A load that waits to be developed, with what it is of. */
export interface InTheTank {
	name: string;
	load: Kept<LoadRecord>;
	camera: Kept<CameraRecord>;
	film: Kept<FilmRecord>;
}

/** A load that was taken out and waits to be developed. */
export interface Waits extends InTheTank {
	/** Frames of it that were logged. */
	taken: number;
}

/** Loads that can go into one tank: the same bath, for the same time. */
export interface Tank {
	key: string;
	/** Null where none was chosen, or where it has been deleted since. */
	recipe: Kept<RecipeRecord> | null;
	/** What the loads were shot for; empty: what the film says. */
	wanted: string;
	/** Stops, + = pushed. */
	push: number;
	/** The one that was taken out first, first. */
	loads: Waits[];
}

const outAt = ({ load }: Waits) => Date.parse(load.unloadedAt ?? load.loadedAt);

/**
 * What waits, put together as it can be developed together; the tank with the film that waits longest first. Film
 * that no bath was chosen for stands by its type: one bath is not for all.
 */
export function tanksOf(waits: readonly Waits[], recipes: readonly Kept<RecipeRecord>[]): Tank[] {
	const tanks = new Map<string, Tank>();
	for (const each of waits.toSorted((a, b) => outAt(a) - outAt(b))) {
		const { process } = each.load;
		const push = process?.push ?? 0;
		const key = [process?.recipeId ?? each.film.type, push].join(' ');
		const recipe = recipes.find(({ id }) => id === process?.recipeId) ?? null;
		const wanted = process?.recipeId ? process.name : '';
		const tank = tanks.get(key) ?? { key, recipe, wanted, push, loads: [] };
		tanks.set(key, { ...tank, loads: [...tank.loads, each] });
	}
	return [...tanks.values()];
}

/** What a person's own negatives say of a recipe and a film. */
export type Own = OwnTime & { recipeId: string; filmId: string };

/** What they say of a tank: of one film alone, because another would want another time. */
export function ownOf(
	recipeId: string | undefined,
	loads: readonly { load: Pick<LoadRecord, 'filmId'> }[],
	own: readonly Own[]
): Own | null {
	const films = new Set(loads.map(({ load }) => load.filmId));
	if (films.size !== 1) return null;
	return own.find((each) => each.recipeId === recipeId && films.has(each.filmId)) ?? null;
}

/** How long a tank takes in a bath of a temperature; null where its recipe's table does not reach, or has no times. */
export function timeOf(
	{ recipe, push, loads }: Pick<Tank, 'recipe' | 'push' | 'loads'>,
	celsius: number,
	own: readonly Own[]
): TimedDiluted | null {
	const timed = recipe ? recipeTime(recipe, celsius, { factor: pushFactor(push) }) : null;
	const told = ownOf(recipe?.id, loads, own);
	return timed && told ? ownTimed(timed, told) : timed;
}
