import type { Camera } from '../camera';
import type { Film } from '../film';
import { quickMatch, type Bag, type Intent, type Outcome } from '../match';

/** By hand, or only on a support. */
export type Steady = 'hand' | 'support';

/** A camera with a film, and what is carried and wanted. */
export interface Pair {
	camera: Camera;
	film: Film;
	/** What is carried: with a support, it is told where one helps; absent: one may be at hand. */
	bag?: Bag;
	intent?: Intent;
}

/** What a camera does in a light: how it works, and how it is set for it. */
export interface Way {
	/** The same where it works alike: aperture and time follow the light, all else stays as it is. */
	key: string;
	works: { verdict: 'just-enough' | 'usable'; steady: Steady } | null;
	outcome: Outcome;
}

/** Whether a frame comes out, well or usable, and nothing spoils it. */
export const comesOut = ({ verdict, spoilers }: Pick<Outcome, 'verdict' | 'spoilers'>): boolean =>
	(verdict === 'just-enough' || verdict === 'usable') && spoilers.length === 0;

/**
 * How a camera works in a light: by hand where that will do, else on a support.
 *
 * @param ev EV at ISO 100
 * @param sd its doubt, stops
 * @returns works null where neither will do, or a wish is not met
 */
export function wayIn({ camera, film, bag, intent = {} }: Pair, ev: number, sd: number): Way {
	const hands: Steady[] =
		intent.handheld === false ? ['support'] : bag && !bag.tripod ? ['hand'] : ['hand', 'support'];
	let none: Outcome | undefined;
	for (const steady of hands) {
		const { best, unmet } = quickMatch(camera, film, { ev, sd }, { ...intent, handheld: steady === 'hand' });
		none ??= best;
		if (unmet.length > 0 || !comesOut(best)) continue;
		const { compensation, iso, position, handTimed } = best;
		const verdict = best.verdict as 'just-enough' | 'usable';
		const key = [verdict, steady, compensation, iso, position, handTimed].join(' ');
		return { key, works: { verdict, steady }, outcome: best };
	}
	return { key: '', works: null, outcome: none! };
}
