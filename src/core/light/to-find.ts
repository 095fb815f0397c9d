import { resolveLight } from './resolve';
import type { Light } from './types';

/** Light that can be waited for or gone to, by where one stands. */

/** Sun on snow or pale sand, give or take: nothing outdoors is brighter. */
const BRIGHTEST = 17;
/** A light of unknown source from here on is daylight, EV. */
const DAYLIGHT_FROM = 10;
/** By day one waits for dusk, not for the night. */
const DUSK_FROM = 4;

interface Step {
	/** EV from which on it is said. */
	from: number;
	words: string;
}

/** Source: the steps of the exposure rules for daylight (ANSI PH2.7, from memory), and common practice. */
const BY_DAY: readonly Step[] = [
	{ from: DUSK_FROM, words: 'dusk' },
	{ from: 9, words: 'deep shade' },
	{ from: 11, words: 'a grey day' },
	{ from: 12.2, words: 'a bright cloudy day' },
	{ from: 13.2, words: 'hazy sun' },
	{ from: 14.2, words: 'open sun' },
	{ from: 15.5, words: 'sun on snow or pale sand' }
];

/** Source: ANSI PH2.7 tables for artificial light (from memory). */
const BY_LAMPS: readonly Step[] = [
	{ from: -Infinity, words: 'moonlight' },
	{ from: 0, words: 'far city lights' },
	{ from: DUSK_FROM, words: 'a room' },
	{ from: 7, words: 'a lit street' },
	{ from: 9, words: 'a shop window or a bright hall' },
	...BY_DAY.filter(({ from }) => from >= 11).map(({ from, words }) => ({ from, words: `${words} outdoors` }))
];

/**
 * Whether a light was read outdoors by day.
 *
 * @param known its EV, where that was worked out already
 */
export function isDaylight(light: Light, known?: number): boolean {
	const method = 'method' in light ? light.method : null;
	if (method === 'place' || method === 'lamp') return false;
	const ev = known ?? resolveLight(light).ev;
	return ev >= (method === 'shadows' || method === 'sun' ? DUSK_FROM : DAYLIGHT_FROM);
}

/**
 * Where a light is found, in words that fit the present one: nobody in the sun is sent to a room.
 *
 * @param light the present one
 * @param to EV wanted
 * @returns null where nobody finds it
 * @example lightToFind({ ev: 14.6 }, 12) // 'a grey day'
 */
export function lightToFind(light: Light, to: number): string | null {
	if (to > BRIGHTEST) return null;
	return (isDaylight(light) ? BY_DAY : BY_LAMPS).findLast(({ from }) => to >= from)?.words ?? null;
}
