import { randomLcg, randomNormal } from 'd3-random';
import { evFromLuminance, markedApertures, settingsEv, speedStops } from '../units';
import { luminanceAt, trueEv, type Point, type StandInLight } from './scene';

/** How far one meter of a kind is off another for good, and how its readings wander, stops; common practice. */
const CALIBRATION_SD = 0.15;
const NOISE_SD = 0.08;

/** What a simulated meter shows. */
export interface Shown {
	iso: number;
	f: number;
	seconds: number;
}

/** Times that the meter offers, s. */
const TIMES = [1 / 1000, 1 / 500, 1 / 250, 1 / 125, 1 / 60, 1 / 30, 1 / 15, 1 / 8, 1 / 4, 1 / 2, 1, 2, 4, 8];
const APERTURES = markedApertures.filter((f) => f >= 2 && f <= 22);
/** The aperture that it would like to show. */
const MIDDLE = 8;

/** The settings nearest to an EV at a speed, with an aperture near the middle of its scale. */
function shownFor(ev: number, iso: number): Shown {
	const wanted = ev + speedStops(iso);
	const off = (seconds: number) => Math.abs(settingsEv(MIDDLE, seconds) - wanted);
	const seconds = TIMES.reduce((a, b) => (off(b) < off(a) ? b : a));
	const error = (f: number) => Math.abs(settingsEv(f, seconds) - wanted);
	return { iso, seconds, f: APERTURES.reduce((a, b) => (error(b) < error(a) ? b : a)) };
}

/** A simulated meter: like a real one it is off by a little, always the same way, and wanders by less. */
export interface StandInMeter {
	/** Its dome at a point: the light falling there. */
	incident(light: StandInLight, at: Point, iso: number): Shown;
	/** Its spot on a point: the light coming off. */
	reflected(light: StandInLight, at: Point, iso: number): Shown;
}

/**
 * A simulated meter.
 *
 * @param seed the same seed is the same meter, with the same readings in the same order
 * @example standInMeter(1).incident('overcast', { x: 1, y: 1 }, 100) // about f/8 at 1/100
 */
export function standInMeter(seed: number): StandInMeter {
	const source = randomLcg(seed);
	const calibration = randomNormal.source(source)(0, CALIBRATION_SD)();
	const noise = randomNormal.source(source)(0, NOISE_SD);
	const show = (ev: number, iso: number) => shownFor(ev + calibration + noise(), iso);
	return {
		incident: (light, at, iso) => show(trueEv(light, at), iso),
		reflected: (light, at, iso) => show(evFromLuminance(luminanceAt(light, at)), iso)
	};
}
