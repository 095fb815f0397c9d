import type { Camera } from '../camera';
import { asLoaded, type Film, type Process } from '../film';
import { outcomeAt, type Intent, type MadeSetting, type Outcome } from '../match';
import type { Light } from '../light';

/** A frame as it was shot, for another development of it. */
export interface Exposed extends Pick<Intent, 'filters' | 'exposures' | 'handheld'> {
	number: number;
	light: Light;
	settings: Omit<MadeSetting, 'flash'>;
	flash?: unknown;
}

/** What another development does to a frame. */
export interface Changed {
	number: number;
	before: Outcome;
	after: Outcome;
}

/**
 * What it does to each frame of a load if it is developed otherwise than it was shot for.
 *
 * @param film as it was to be developed so far
 * @param stops by which the film's speed changes: the new process less the old
 * @returns by number; a frame that a flash lit, as if by the light alone: both of its lights shift alike
 * @example whatHappens(camera, film, frames, -1)[0].after.error // a stop darker than before
 */
export function whatHappens(
	camera: Camera,
	film: Film,
	frames: readonly Exposed[],
	stops: number
): Changed[] {
	const other = asLoaded(film, { process: { stops } });
	return frames
		.map(({ number, light, settings, filters, exposures, handheld }) => {
			const as = (so: Film) => outcomeAt(camera, so, light, { filters, exposures, handheld }, settings);
			return { number, before: as(film), after: as(other) };
		})
		.sort((a, b) => a.number - b.number);
}

/**
 * The process that a recipe and a push make of a load.
 *
 * @param recipe absent: as the film itself says
 * @param push stops, + = pushed
 * @returns nothing where it is as the film says
 */
export function processOf(
	recipe: { id: string; name: string; speedStops?: number } | undefined,
	push: number
): Process | undefined {
	if (!recipe && push === 0) return undefined;
	return {
		name: recipe?.name ?? 'the usual developer',
		...(recipe ? { recipeId: recipe.id } : {}),
		stops: (recipe?.speedStops ?? 0) + push,
		...(push === 0 ? {} : { push })
	};
}
