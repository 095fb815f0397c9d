import { filterKinds, type Filter } from '../core/camera';
import { castOf, type Film } from '../core/film';
import { stopsInWords } from '../core/units';

/** A cast smaller than this is not seen, mired; common practice. */
const SEEN_CAST = 30;

const conversions = (filters: readonly Filter[]) =>
	filters.filter(({ kind, mired }) => kind === 'conversion' && mired !== undefined);

/** Stops that a mired of correction costs, by its direction: those of the strongest filter of the list. */
function stopsAMired(towardBlue: boolean): number {
	const [strongest] = conversions(filterKinds)
		.filter(({ mired }) => mired! < 0 === towardBlue)
		.toSorted((a, b) => Math.abs(b.mired!) - Math.abs(a.mired!));
	return strongest.stops / Math.abs(strongest.mired!);
}

/**
 * The colour that a light gives on a film through what is before the lens, and what a filter against it
 * costs.
 *
 * @param kelvin of the light; undefined where it is not known
 * @param on filters on the camera
 * @param filters of the bag
 * @returns an empty text where the light's colour is not known or no cast is seen
 * @example castInWords(daylight film, 3200) // 'A warm cast; a bluish filter of 131 mired corrects it and costs about 2 stops.'
 */
export function castInWords(
	film: Film,
	kelvin: number | undefined,
	on: readonly Filter[] = [],
	filters: readonly Filter[] = []
): string {
	const bare = kelvin === undefined ? null : castOf(film, kelvin);
	if (bare === null) return '';
	const cast = conversions(on).reduce((sum, { mired }) => sum + mired!, bare);
	if (Math.abs(cast) < SEEN_CAST) return '';
	const hue = cast > 0 ? 'warm' : 'cold';
	const own = conversions(filters)
		.filter(
			({ name, mired }) => Math.abs(cast + mired!) < SEEN_CAST && !on.some((worn) => worn.name === name)
		)
		.toSorted((a, b) => Math.abs(cast + a.mired!) - Math.abs(cast + b.mired!))[0];
	if (own) return `A ${hue} cast; your ${own.name} corrects it and costs ${stopsInWords(own.stops)}.`;
	const against = cast > 0 ? 'a bluish' : 'an amber';
	const stops = stopsInWords(Math.abs(cast) * stopsAMired(cast > 0));
	return `A ${hue} cast; ${against} filter of ${Math.round(Math.abs(cast))} mired corrects it and costs about ${stops}.`;
}
