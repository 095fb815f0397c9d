import type { Axis } from './controls';
import type { Camera } from './types';

/** A limit that a camera runs into. */
export type Limit = 'fastest' | 'slowest' | 'widest' | 'smallest';

/** A point of a programme, in stops: aperture is log2 N², time is log2 1/t. */
export interface Knot {
	/** Settings EV: aperture + time. */
	v: number;
	aperture: number;
	time: number;
	/** The same as they are marked: f-number, and time in s. */
	f: number;
	seconds: number;
}

/** What a camera does as the light grows: straight between its knots, and stuck beyond its ends. */
export interface Programme {
	/** Rising in v; one where there is nothing for an eye to choose. */
	knots: Knot[];
	/** The limits in too little and in too much light. */
	ends: [dim: Limit | null, bright: Limit | null];
}

/** Up to this time an eye that sets both leaves its aperture wide open, s; common practice: it can still be held. */
export const WIDE_OPEN_UNTIL = 1 / 40;

/** Bodies turn about there, and none sooner than so many times as long; common practice. */
const SURELY_OPEN = 4 / 3;

/**
 * From which time on an eye that sets both leaves its aperture wide open, s: from there its times alone tell its cell.
 *
 * @returns undefined where its aperture does not move
 * @example wideOpenFrom(a camera whose eye sets f/8 to f/22 and 1/250 to 1 s) // 1/30
 */
export function wideOpenFrom({
	exposure,
	aperture
}: Pick<Camera, 'exposure' | 'aperture'>): number | undefined {
	if (exposure.mode !== 'auto' || exposure.sets !== 'both') return undefined;
	return aperture.kind === 'range' ? SURELY_OPEN * WIDE_OPEN_UNTIL : undefined;
}

const apertureStops = (f: number) => 2 * Math.log2(f);
const timeStops = (seconds: number) => -Math.log2(seconds);
const lowest = (axis: Axis) => (axis.kind === 'range' ? axis.from : Math.min(...axis.values));
const highest = (axis: Axis) => (axis.kind === 'range' ? axis.to : Math.max(...axis.values));

/** The one knot of a setting by hand. */
export function knot(f: number, seconds: number): Knot {
	const [aperture, time] = [apertureStops(f), timeStops(seconds)];
	return { v: aperture + time, aperture, time, f, seconds };
}

/**
 * The programme through an aperture and a shutter: widest and slowest first; with both in a range,
 * wide open up to 1/40 s and from there straight to smallest and fastest. With one of them fixed the
 * eye sets the other; with both fixed there is a single knot, and it is a setting by hand.
 *
 * @param aperture one f-number or a range
 * @param shutter one time or a range, s
 * @example programmeOf(one f/8, 1/180 … 14 s).knots.map((knot) => knot.v) // [2.19, 13.49]
 */
export function programmeOf(aperture: Axis, shutter: Axis): Programme {
	const [widest, smallest] = [lowest(aperture), highest(aperture)];
	const [slowest, fastest] = [highest(shutter), lowest(shutter)];
	const turn = Math.max(fastest, Math.min(slowest, WIDE_OPEN_UNTIL));
	const knots = [knot(widest, slowest)];
	const bends = widest < smallest && turn < slowest;
	if (bends) knots.push(knot(widest, turn));
	if (widest < smallest || fastest < slowest) knots.push(knot(smallest, fastest));
	if (fastest < slowest) return { knots, ends: ['slowest', 'fastest'] };
	return { knots, ends: widest < smallest ? ['widest', 'smallest'] : [null, null] };
}
