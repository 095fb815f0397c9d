import type { LitChange } from '../match';
import { formatDistance, formatPart, stopsInWords } from '../units';
import type { SettingRow } from './settings';

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
	return [{ name: 'Flash', value, note: spanOfFlash(lit.range) }];
}

/** A background this near to right looks right. */
const UNSEEN = 1 / 3;

/**
 * What becomes of all that the flash does not reach.
 *
 * @example backgroundInWords({ background: -2, … }) // 'Said for a subject at 2 m. What the flash does not reach gets 2 stops less light than this film asks for.'
 */
export function backgroundInWords({ background, to }: LitChange): string {
	const stands = `Said for a subject at ${formatDistance(to)}.`;
	if (Math.abs(background) < UNSEEN) return `${stands} What the flash does not reach is right, too.`;
	const side = background < 0 ? 'less' : 'more';
	return `${stands} What the flash does not reach gets ${stopsInWords(background)} ${side} light than this film asks for.`;
}
