import { standardSpeeds } from '../core/film';
import type { FilmOfSpeed, SpeedAnswer } from '../core/match';
import { nearestInStops } from '../core/units';
import { filmTypeInShort } from './film';

/** A speed as boxes have it. */
export const markedSpeed = (iso: number): number => nearestInStops(standardSpeeds, iso);

/** Boxes round: ISO 12 is 12.5. */
const NEAR = 1.06;

/** The speeds of boxes that lie within a range: "ISO 16 to 50"; empty where none does. */
function speedsWithin(range: readonly [number, number] | null): string {
	if (!range) return '';
	const inside = standardSpeeds.filter((iso) => iso * NEAR >= range[0] && iso <= range[1] * NEAR);
	if (inside.length === 0) return '';
	const [first, last] = [inside[0], inside[inside.length - 1]];
	return first === last ? `ISO ${first}` : `ISO ${first} to ${last}`;
}

/**
 * Which film speed a camera asks for, and which others come out.
 *
 * @example speedInWords({ iso: 25, good: [17.7, 50], usable: [12.5, 100], films: [] })
 * // 'About ISO 25. ISO 20 to 50 is just enough, ISO 12 to 100 usable.'
 */
export function speedInWords({ iso, good, usable }: SpeedAnswer): string {
	const [well, still] = [speedsWithin(good), speedsWithin(usable)];
	const beside = well && still && well !== still ? `${well} is just enough, ${still} usable.` : '';
	return [
		`About ISO ${markedSpeed(iso)}.`,
		beside || (well && `${well} is just enough.`) || (still && `${still} is usable.`)
	]
		.filter(Boolean)
		.join(' ');
}

/**
 * A film as the trade sells it.
 *
 * @example filmOfSpeedInWords({ type: 'reversal', iso: 50 }) // 'Slide 50'
 */
export const filmOfSpeedInWords = ({ type, iso }: Pick<FilmOfSpeed, 'type' | 'iso'>): string =>
	`${filmTypeInShort[type]} ${iso}`;
