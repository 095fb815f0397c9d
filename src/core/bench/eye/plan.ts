import type { EyeCurve, EyeFiring } from './types';
import { DARKEST_STEP } from './screen';

/** What is asked to be fired next, and what for. */
export type AskedFiring = Omit<EyeFiring, 'seconds' | 'sd'> & {
	why: 'steps' | 'black' | 'limit' | 'filter' | 'farther' | 'wheel' | 'dial' | 'wild' | 'slope';
};

/** What of a camera can be turned while its eye is measured. */
export interface Turned {
	/** Places of its wheel, stops; [0] without one. */
	wheel: readonly number[];
	/** Places of its film-speed dial, ISO, the one that it stands at first. */
	dial: readonly number[];
	/** What is written on an ND that can be held over its eye, stops; absent: there is none. */
	filter?: number;
	/** An eye that sets both leaves its aperture wide open from this time on, s. */
	wideOpen?: number;
}

/** How often each place of the wheel, and of the dial, is fired at. */
const [AT_A_PLACE, AT_A_SPEED] = [5, 3];
/** A wheel with more places is asked for its ends and what lies half way. */
const MOST_PLACES = 4;
/** A slope that is known so well needs no more firings; nor does one that so many have told. */
const WELL_KNOWN = 0.02;
const MOST = 45;
/** The brightest steps through an ND are as bright as others without it: these tell its strength, each so often. */
const [OVERLAPPING, AT_OVERLAP] = [3, 2];
/** Where one went with no others, so many alike tell which of them is right. */
const ENOUGH_ALIKE = 3;
/** Each of these once, before anything is worked out. */
const STEPS = Array.from({ length: DARKEST_STEP + 1 }, (_, step) => 2 ** -step);

/** Some of many places: the ends of each side and its middle. */
function placesAsked(wheel: readonly number[]): number[] {
	const off = wheel.filter((place) => place !== 0);
	if (off.length <= MOST_PLACES) return off;
	const sides = [off.filter((place) => place < 0).reverse(), off.filter((place) => place > 0)];
	return sides.flatMap((side) =>
		side.length === 0 ? [] : [...new Set([side[Math.floor((side.length - 1) / 2)], side[side.length - 1]])]
	);
}

/** The step whose time lies half way between the shortest and the longest that were seen: there both sides have room. */
function middleStep(firings: readonly EyeFiring[], wideOpen = 0): number {
	const plain = firings.filter(({ fraction, compensation, filter }) => fraction && !compensation && !filter);
	const times = firings.map(({ seconds }) => Math.log2(Math.max(seconds, wideOpen)));
	const middle = (Math.min(...times) + Math.max(...times)) / 2;
	const off = ({ seconds }: EyeFiring) => Math.abs(Math.log2(seconds) - middle);
	return plain.reduce((a, b) => (off(b) < off(a) ? b : a)).fraction!;
}

/** The firings with wheel and dial as they are in one of them. */
const turnedAs = (
	firings: readonly EyeFiring[],
	{ compensation = 0, iso }: Omit<EyeFiring, 'seconds'>,
	dial: number
) =>
	firings.filter((each) => (each.compensation ?? 0) === compensation && (each.iso ?? dial) === (iso ?? dial));

/** What is fired once at each before anything can be worked out: steps, black, and far too much light. */
function firstOf(firings: readonly EyeFiring[]): AskedFiring | null {
	const has = (fraction: number | undefined) => firings.some((each) => each.fraction === fraction);
	const step = STEPS.find((fraction) => !has(fraction));
	if (step !== undefined) return { fraction: step, why: 'steps' };
	if (!has(0)) return { fraction: 0, why: 'black' };
	return has(undefined) ? null : { why: 'limit' };
}

/** Where a dial can be turned, what it stands at is said. */
const saying = (asked: AskedFiring | null, dial: readonly number[]): AskedFiring | null =>
	asked && dial.length > 1 ? { iso: dial[0], ...asked } : asked;

/**
 * What is fired through an ND: three steps that overlap with those without it, and the darker ones that the screen alone
 * does not reach.
 */
function filteredOf(firings: readonly EyeFiring[], { filter }: Turned): AskedFiring | null {
	if (!filter) return null;
	const few = (fraction: number, often: number) =>
		firings.filter((each) => each.filter === filter && each.fraction === fraction).length < often;
	const overlap = STEPS.slice(0, OVERLAPPING).find((fraction) => few(fraction, AT_OVERLAP));
	if (overlap !== undefined) return { fraction: overlap, filter, why: 'filter' };
	const farther = STEPS.slice(Math.max(OVERLAPPING, STEPS.length - Math.ceil(filter))).find((each) =>
		few(each, 1)
	);
	return farther === undefined ? null : { fraction: farther, filter, why: 'farther' };
}

/** Places of wheel and dial that were not fired at as often as they should be. */
function turnedOf(firings: readonly EyeFiring[], { wheel, dial, wideOpen }: Turned): AskedFiring | null {
	const fraction = middleStep(firings, wideOpen);
	const places = placesAsked(wheel).map((compensation) => ({ fraction, compensation }));
	const fewAt = (asked: Omit<EyeFiring, 'seconds'>, often: number) =>
		turnedAs(firings, asked, dial[0]).length < often;
	const place = places.find((asked) => fewAt(asked, AT_A_PLACE));
	if (place) return { ...place, why: 'wheel' };
	const speed = dial.slice(1).find((iso) => fewAt({ fraction, iso }, AT_A_SPEED));
	return speed === undefined ? null : { fraction, iso: speed, why: 'dial' };
}

/**
 * What to fire next: each step once, black and something far too bright; what an ND over the eye reaches; then the
 * places of wheel and dial; what went
 * with no others once more; and at last the step that tells most, until the slope is known.
 *
 * @param curve of these firings; null: not worked out yet
 * @returns null where there is enough
 * @example nextFiring({ wheel: [0], dial: [100] }, [], null) // { fraction: 1, why: 'steps' }
 */
export function nextFiring(
	turned: Turned,
	firings: readonly EyeFiring[],
	curve: Pick<EyeCurve, 'wild' | 'next' | 'slope'> | null
): AskedFiring | null {
	const first = firstOf(firings) ?? filteredOf(firings, turned) ?? turnedOf(firings, turned);
	if (first || !curve) return saying(first, turned.dial);
	const through = firings.filter(({ filter }) => filter).length;
	if (firings.length - through >= MOST) return null;
	const again = curve.wild
		.map((at) => firings[at])
		.find((each) => {
			const alike = turnedAs(firings, each, turned.dial[0]);
			const there = alike.filter(
				({ fraction, filter }) => fraction === each.fraction && filter === each.filter
			);
			return there.length < ENOUGH_ALIKE;
		});
	if (again) {
		const { seconds: _, sd: _sd, ...asked } = again;
		return { ...asked, why: 'wild' };
	}
	if (curve.next === null || curve.slope.sd <= WELL_KNOWN) return null;
	return saying({ fraction: curve.next, why: 'slope' }, turned.dial);
}

/** Whether enough is fired that something can be worked out. */
export const canBeMeasured = (firings: readonly EyeFiring[]): boolean => firstOf(firings) === null;
