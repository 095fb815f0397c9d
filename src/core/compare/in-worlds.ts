import { offsetOf } from '../camera';
import { flashDoubt } from '../flash';
import { isDaylight, resolveLight } from '../light';
import { chanceWithin, type OpenFrame } from '../match';
import type { Worlds } from '../learn';
import { sharedOf, type Making, type Shared } from '../whatif';
import type { KnownWay, Taken } from './known-way';

/** How likely a frame comes out well, and at all, in each world, 0 … 1. */
export interface Shares {
	good: Float64Array;
	usable: Float64Array;
}

export const noShares = (count: number): Shares => ({
	good: new Float64Array(count),
	usable: new Float64Array(count)
});

/** An error that is expected, and what is new at each frame of its doubt, stops. */
interface Error {
	error: number;
	sd: number;
}

/** Places of a standard normal quantity that are summed over, and what each weighs: the trapezoid rule. */
const PLACES = Array.from({ length: 9 }, (_, at) => (3 * (at - 4)) / 4);
const WEIGHTS = PLACES.map((z) => Math.exp((-z * z) / 2));
const WEIGHT = WEIGHTS.reduce((sum, each) => sum + each, 0);

/** What is new at each frame that an eye sees before its limits, and what does not come through it. */
interface Fresh {
	/** Doubt of what an eye is asked for, stops. */
	asked: number;
	/** What of it is the light's, 0 … 1; the rest is the eye's own. */
	light: number;
	rest: number;
}

/** In the same light what moves the subject moves the eye; elsewhere the two have nothing to do with each other. */
function freshOf({ own, meterSd }: OpenFrame, sd: number): Fresh {
	if (meterSd > 0) return { asked: Math.hypot(meterSd, own.eye), light: 0, rest: Math.hypot(sd, own.hand) };
	const asked = Math.hypot(sd, own.eye);
	return {
		asked,
		light: asked > 0 ? (sd / asked) ** 2 : 0,
		rest: Math.hypot(asked > 0 ? (sd * own.eye) / asked : 0, own.hand)
	};
}

/** Errors that a frame may come to in one world, each with its weight. */
function errorsIn(
	{ open, body, beside, limit }: Shared,
	sd: number,
	at: number
): (Error & { weight: number })[] {
	const { slopes, own, meterSd } = open;
	const errorAt = (light: number, given: number, meter: number) => {
		const held = open.held(light, given, meter);
		return open.error(light, given, meter) + beside[at] + (held ? limit[held][at] : 0);
	};
	if (slopes) {
		const fresh = Math.hypot(slopes.light * sd, slopes.body * own.eye, slopes.meter * meterSd, own.hand);
		return [{ error: errorAt(0, body[at], 0), sd: fresh, weight: 1 }];
	}
	const fresh = freshOf(open, sd);
	return PLACES.map((z, place) => {
		const seen = z * fresh.asked;
		const error =
			meterSd > 0
				? errorAt(0, body[at], seen)
				: errorAt(fresh.light * seen, body[at] - (1 - fresh.light) * seen, 0);
		return { error, sd: fresh.rest, weight: WEIGHTS[place] / WEIGHT };
	});
}

/**
 * By flash: the part of its light that is the flash's goes with the body one for one, the rest as without it.
 */
function litIn(
	shared: Shared,
	{ change, outcome }: NonNullable<Taken['lit']>,
	way: KnownWay,
	{ sd, outdoors }: { sd: number; outdoors: boolean },
	at: number
): Error {
	const { open, body, beside } = shared;
	const fromFlash = 1 - 2 ** (change.background - outcome.error);
	const { light = 0, body: byBody = 0 } = open.slopes ?? {};
	const own = Math.hypot(light * sd, byBody * open.own.eye, open.own.hand);
	const given = body[at] - offsetOf(way.camera, outcome.compensation).stops;
	return {
		error: outcome.error + beside[at] + (fromFlash + (1 - fromFlash) * byBody) * given,
		sd: Math.hypot(fromFlash * flashDoubt(outdoors), (1 - fromFlash) * own)
	};
}

/**
 * How likely a frame comes out that a way makes, in each world: what is new at each frame is summed over, what
 * frames share is the world's.
 *
 * @param takenAt ISO 8601 with offset
 */
export function sharesOf(
	worlds: Worlds,
	way: KnownWay,
	{ outcome, lit }: Taken,
	making: Making,
	takenAt: string
): Shares {
	const shares = noShares(worlds.count);
	if (outcome.spoilers.length > 0) return shares;
	const shared = sharedOf(worlds, making, takenAt);
	const { ev, sd } = resolveLight(making.light);
	const outdoors = isDaylight(making.light, ev);
	const { good, usable } = shared.open.latitude;
	for (let at = 0; at < worlds.count; at++) {
		const errors = lit
			? [{ ...litIn(shared, lit, way, { sd, outdoors }, at), weight: 1 }]
			: errorsIn(shared, sd, at);
		for (const { error, sd: fresh, weight } of errors) {
			shares.good[at] += weight * chanceWithin(good, error, fresh);
			shares.usable[at] += weight * chanceWithin(usable, error, fresh);
		}
	}
	return shares;
}
