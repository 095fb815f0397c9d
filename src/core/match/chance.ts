import {
	askedBy,
	automaticExposure,
	handTimingDoubt,
	leanOf,
	lightFor,
	offsetOf,
	scatterOf,
	togetherOf,
	type Aim,
	type Together
} from '../camera';
import { reciprocityDoubt, type StopRange } from '../film';
import { chanceBelow } from '../units';
import { rightAt } from './response';
import type { Scene } from './scene';
import type { Placed, Setting } from './settings';

/**
 * The chance that an error lies inside a range: Φ((b−e)/σ) − Φ((a−e)/σ).
 *
 * @param range [a, b], stops, ends included
 * @param error expected error e, stops
 * @param sd σ, stops, ≥ 0; with 0 the chance is 0 or 1
 * @returns 0 … 1
 * @example chanceWithin([-1, 1], 0, 1) // 0.683
 */
export function chanceWithin([from, to]: StopRange, error: number, sd: number): number {
	if (sd === 0) return error >= from && error <= to ? 1 : 0;
	return Math.max(0, chanceBelow((to - error) / sd) - chanceBelow((from - error) / sd));
}

/**
 * Doubt of film, what it loses over long times, and by hand of the camera and of a hand with a watch: all but
 * the light and the eye, stops.
 */
export function doubtBeside(scene: Scene, { setting, answered }: Placed): number {
	const { seconds } = answered;
	const ofFilm = Math.hypot(scene.filmDoubt, reciprocityDoubt(scene.film, seconds));
	if (setting.aim !== null) return ofFilm;
	return Math.hypot(ofFilm, offsetOf(scene.camera).sd, setting.handTimed ? handTimingDoubt(seconds) : 0);
}

/** The light as an eye takes it, with its own doubt, and what it tells of the subject's: X given M is normal about ev + slope·(M − mean). */
interface MeterDoubt {
	mean: number;
	sd: number;
	/** Stops that the subject's light is expected to move with one on the meter. */
	slope: number;
	/** Doubt that is left of the subject's light when the meter's is known, stops. */
	left: number;
}

/** Doubt below this is none, stops. */
const NOTHING = 1e-6;

/**
 * In the same light the eye sees the subject's with its own scatter and offset added, so that knowing the
 * one tells of the other (the regression of two normal quantities); in another light it tells nothing. What
 * an eye does of its own it does before it runs into a limit. With a cell that leans it is as much light as would
 * ask for the same.
 */
export function meterDoubt(
	{ camera, light, intent }: Scene,
	{ compensation, iso, aim }: Setting
): MeterDoubt {
	const eye = automaticExposure(camera);
	const own =
		eye && aim
			? Math.hypot(
					scatterOf(eye),
					offsetOf(camera, compensation, iso).sd,
					leanOf(eye, light.meterEv, intent.filters ?? []).sd
				) / aim.slope
			: 0;
	const sd = Math.hypot(light.sameLight ? light.sd : light.meterSd, own);
	if (!light.sameLight || sd < NOTHING) return { mean: light.meterEv, sd, slope: 0, left: light.sd };
	return { mean: light.meterEv, sd, slope: light.sd ** 2 / sd ** 2, left: (light.sd * own) / sd };
}

/** Tails beyond this many standard deviations do not count: 1 in a million. */
const TAIL = 5;
/** Doubt this small beside the meter's is none. */
const SHARP = 1 / 20;
const STEPS_PER_SD = 4;

/** An expected error as it goes with the light on the meter, its doubt when that is known, and where it bends. */
interface ErrorAlong {
	at: (meter: number) => number;
	sd: number;
	/** Its doubt where the eye sees so much light: larger where a limit holds it. */
	sdAt: (meter: number) => number;
	bends: number[];
}

/** Sum over straight pieces, where nothing but the meter's light is in doubt. */
function exactChance(range: StopRange, along: ErrorAlong, { mean, sd }: MeterDoubt): number {
	const ends = [mean - TAIL * sd, ...along.bends, mean + TAIL * sd];
	let chance = 0;
	for (let index = 1; index < ends.length; index++) {
		const [from, to] = [ends[index - 1], ends[index]];
		const [a, b] = [along.at(from), along.at(to)];
		const crossing = (level: number) => (a === b ? from : from + ((level - a) / (b - a)) * (to - from));
		if (a === b && (a < range[0] || a > range[1])) continue;
		const [c, d] = a === b ? [from, to] : [crossing(range[0]), crossing(range[1])].sort((x, y) => x - y);
		const inside: StopRange = [Math.max(from, c), Math.min(to, d)];
		if (inside[0] < inside[1]) chance += chanceWithin(inside, mean, sd);
	}
	return Math.min(1, chance);
}

/** Trapezoid rule over the light on the meter, finer than the doubt that is left: good to 0.001. */
function summedChance(range: StopRange, along: ErrorAlong, { mean, sd }: MeterDoubt): number {
	const step = Math.min(Math.max(along.sd, SHARP * sd) / 2, sd / STEPS_PER_SD);
	const steps = Math.ceil((2 * TAIL * sd) / step);
	let [chance, weights] = [0, 0];
	for (let index = 0; index <= steps; index++) {
		const z = TAIL * ((2 * index) / steps - 1);
		const weight = Math.exp((-z * z) / 2);
		const seen = mean + z * sd;
		chance += weight * chanceWithin(range, along.at(seen), along.sdAt(seen));
		weights += weight;
	}
	return chance / weights;
}

/** Whether the response is one straight line over all light that has to be reckoned with, and its slope there. */
function straightSlope({ response: { knots } }: Setting, from: number, to: number): number | null {
	const last = knots.length - 1;
	if (to <= knots[0].v || from >= knots[last].v) return 0;
	const next = knots.findIndex((knot) => knot.v >= to);
	if (next < 1 || knots[next - 1].v > from) return null;
	const [a, b] = [knots[next - 1], knots[next]];
	return (b.right - a.right) / (b.v - a.v);
}

/** A camera whose body and film may be one of several is looked at as each of them. */
interface Possibility {
	share: number;
	scene: Scene;
	placed: Placed;
}

/** What a setting would come to if the body gave so much more: by hand on the film, by an eye in what it aims for. */
function shifted({ setting, answered, error }: Placed, by: number): Placed {
	if (setting.aim === null) return { setting, answered, error: error + by };
	const aim: Aim = { ...setting.aim, above: setting.aim.above - by };
	return { setting: { ...setting, aim }, answered, error };
}

type Parts = NonNullable<Together['parts']>;

function possibilitiesOf(scene: Scene, placed: Placed, parts: Parts): Possibility[] {
	const { stops } = offsetOf(scene.camera);
	return parts.map(({ share, by, sd }) => ({
		share,
		scene: { ...scene, camera: { ...scene.camera, offset: { stops: stops + by, sd } } },
		placed: shifted(placed, by)
	}));
}

/**
 * The chances of a good and of a usable exposure, given all doubt: of the light, of the eye, of camera
 * and film, and of a hand with a watch. By hand the error moves with the light one for one; an eye in the
 * same light follows it, so that the reading's doubt counts only where the camera is clamped.
 *
 * @returns 0 … 1 each; exact where the response is straight, else good to 0.001
 */
export function chancesOf(scene: Scene, placed: Placed): { good: number; usable: number } {
	const parts = togetherOf(scene.camera)?.parts;
	if (!parts) return chancesIf(scene, placed);
	const sum = { good: 0, usable: 0 };
	for (const { share, ...each } of possibilitiesOf(scene, placed, parts)) {
		const { good, usable } = chancesIf(each.scene, each.placed);
		sum.good += share * good;
		sum.usable += share * usable;
	}
	return sum;
}

function chancesIf(scene: Scene, placed: Placed): { good: number; usable: number } {
	const { good, usable } = scene.latitude;
	const both = (chance: (range: StopRange) => number) => ({ good: chance(good), usable: chance(usable) });
	const { setting, error } = placed;
	const rest = doubtBeside(scene, placed);
	const { aim, response, bonus } = setting;
	if (aim === null) {
		const sd = Math.hypot(scene.handDoubt, rest);
		return both((range) => chanceWithin(range, error, sd));
	}
	const meter = meterDoubt(scene, setting);
	const [from, to] = [meter.mean - TAIL * meter.sd, meter.mean + TAIL * meter.sd];
	const at = (seen: number) =>
		scene.light.ev +
		meter.slope * (seen - meter.mean) +
		scene.gain +
		bonus -
		rightAt(response, askedBy(aim, seen));
	const slope = straightSlope(setting, askedBy(aim, from), askedBy(aim, to));
	if (slope !== null) {
		const held = slope === 0 ? scene.limitDoubt : 0;
		const sd = Math.hypot((meter.slope - aim.slope * slope) * meter.sd, meter.left, rest, held);
		return both((range) => chanceWithin(range, at(meter.mean), sd));
	}
	const bends = response.knots.map(({ v }) => lightFor(aim, v));
	const [first, last] = [bends[0], bends[bends.length - 1]];
	const [free, held] = [Math.hypot(meter.left, rest), Math.hypot(meter.left, rest, scene.limitDoubt)];
	const along: ErrorAlong = {
		at,
		sd: free,
		sdAt: (seen) => (seen <= first || seen >= last ? held : free),
		bends: bends.filter((seen) => seen > from && seen < to)
	};
	const exact = along.sd < SHARP * meter.sd && scene.limitDoubt === 0;
	const sum = exact ? exactChance : summedChance;
	return both((range) => sum(range, along, meter));
}

/** Doubt of the error, stops, for small moves about what is expected. */
export function doubtOf(scene: Scene, placed: Placed): number {
	const { setting } = placed;
	const rest = doubtBeside(scene, placed);
	if (setting.aim === null) return Math.hypot(scene.handDoubt, rest);
	const meter = meterDoubt(scene, setting);
	const asked = askedBy(setting.aim, meter.mean);
	const slope = straightSlope(setting, asked, asked) ?? 0;
	return Math.hypot(
		(meter.slope - setting.aim.slope * slope) * meter.sd,
		meter.left,
		rest,
		slope === 0 ? scene.limitDoubt : 0
	);
}

/**
 * What is new at each frame of that doubt, stops: the scatter of an eye that follows, or a hand with a watch.
 * All else, of light, body and film, frames that are shot one after the other share.
 */
export function freshDoubt(scene: Scene, { setting, answered }: Placed): number {
	const eye = automaticExposure(scene.camera);
	if (setting.aim === null || !eye) return setting.handTimed ? handTimingDoubt(answered.seconds) : 0;
	const asked = askedBy(setting.aim, scene.light.meterEv);
	return Math.abs(straightSlope(setting, asked, asked) ?? 0) * scatterOf(eye);
}

/** Eight tenths of a normal quantity lie within this many standard deviations. */
const EIGHT_TENTHS = 1.2815515655446004;

/** The settings EVs that an eye will be asked for in eight frames of ten, by the doubt of the light and its own. */
export function askedWithin(scene: Scene, setting: Setting, aim: Aim): [dim: number, bright: number] {
	const { mean, sd } = meterDoubt(scene, setting);
	const spread = EIGHT_TENTHS * sd;
	return [askedBy(aim, mean - spread), askedBy(aim, mean + spread)];
}
