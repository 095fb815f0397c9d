import type { FilmType } from '../film';
import type { BathKind } from './types';

/** Developers that are usual for a type of film; those of colour are no kind here. Common practice. */
const meantFor: Partial<Record<FilmType, readonly BathKind[]>> = {
	'bw-negative': ['general-developer', 'fine-grain-developer', 'staining-developer'],
	'bw-reversal': ['reversal-developer']
};

/**
 * Whether a developer is meant for a type of film.
 *
 * @example isMeantFor('reversal-developer', 'bw-negative') // false
 */
export const isMeantFor = (kind: BathKind, type: FilmType): boolean =>
	meantFor[type]?.includes(kind) ?? false;

/** A film that was developed once. */
export interface DevelopedOnce {
	recipeId: string;
	filmId: string;
	/** Stops, + = pushed. */
	push: number;
}

/** A recipe that fits what waits. */
export interface Fitting<R> {
	recipe: R;
	/** Films of what waits that were last developed in it, with the same push. */
	lastOf: string[];
}

/**
 * The developers that fit films of one type that wait together: first those in which most of the films were last
 * developed with the same push, then as they stand on the shelf.
 *
 * @param recipes developers of the shelf
 * @param waits what waits: its type, its push in stops, its films
 * @param done what was developed, the last one first
 * @returns all recipes where none is meant for the type: nobody knows better
 * @example fittingRecipes([rough, fine], { type: 'bw-negative', push: 0, filmIds: ['a'] }, [{ recipeId: fine.id, filmId: 'a', push: 0 }])[0].recipe // fine
 */
export function fittingRecipes<R extends { id: string; kind: BathKind }>(
	recipes: readonly R[],
	{ type, push, filmIds }: { type: FilmType; push: number; filmIds: readonly string[] },
	done: readonly DevelopedOnce[]
): Fitting<R>[] {
	const meant = recipes.filter(({ kind }) => isMeantFor(kind, type));
	const fit = meant.length > 0 ? meant : recipes;
	const here = new Set(fit.map(({ id }) => id));
	const last = new Map<string, string>();
	for (const each of done)
		if (each.push === push && here.has(each.recipeId) && !last.has(each.filmId))
			last.set(each.filmId, each.recipeId);
	return fit
		.map((recipe) => ({
			recipe,
			lastOf: [...new Set(filmIds)].filter((filmId) => last.get(filmId) === recipe.id)
		}))
		.sort((a, b) => b.lastOf.length - a.lastOf.length);
}
