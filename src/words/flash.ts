import type { FlashLearnt } from '../core/learn';
import type { LitChange } from '../core/match';
import {
	formatDistance,
	formatDoubt,
	formatGuideNumber,
	formatPart,
	NO_THIRD,
	stopsInWords
} from '../core/units';
import type { SettingRow } from './settings';
import { counted } from './language';

/**
 * Where a flash is usable.
 *
 * @param range m
 * @example spanOfFlash([1.2, 3]) // 'from 1.2 m to 3 m'
 */
export function spanOfFlash([from, to]: LitChange['range']): string {
	return `from ${formatDistance(from)} to ${formatDistance(to)}`;
}

/** The line of the Do column for a flash; none where it does not fire. */
export function flashRows(lit: LitChange | null): SettingRow[] {
	if (!lit) return [];
	const value = lit.power === 1 ? 'full power' : `${formatPart(lit.power)} power`;
	return [{ name: 'Flash', value, note: spanOfFlash(lit.range), must: true }];
}

/** A background this near to right looks right. */
const UNSEEN = 1 / 3;

/**
 * What becomes of all that the flash does not reach.
 *
 * @example backgroundInWords({ background: -2, … }) // 'Assuming your subject is 2 m away. The background gets 2 stops less light than this film asks for.'
 */
export function backgroundInWords({ background, to }: LitChange): string {
	const stands = `Assuming your subject is ${formatDistance(to)} away.`;
	if (Math.abs(background) < UNSEEN) return `${stands} The background is right, too.`;
	const side = background < 0 ? 'less' : 'more';
	return `${stands} The background gets ${stopsInWords(background)} ${side} light than this film asks for.`;
}

/**
 * What judged frames say of a flash.
 *
 * @example flashLearntInWords('Pocket flash', 14, { stops: -2 / 3, sd: 0.2, … }) // 'Pocket flash gives ⅔ stop less than guide number 14 m says, give or take ⅓, from 3 frames.'
 */
export function flashLearntInWords(
	name: string,
	guideNumber: number,
	{ stops, sd, frames }: FlashLearnt
): string {
	const said = `guide number ${formatGuideNumber(guideNumber)} says`;
	const gives =
		Math.abs(stops) < NO_THIRD
			? `what ${said}`
			: `${stopsInWords(stops)} ${stops < 0 ? 'less' : 'more'} than ${said}`;
	const from = counted(frames, '1 frame', '# frames');
	return `${name} gives ${gives}, give or take ${formatDoubt(sd)}, from ${from}.`;
}
