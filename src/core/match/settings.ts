import { axisHas, controlsOf, type Axis, type Camera, type Control } from '../camera';
import { correctedTime, latitudeOf, type Film } from '../film';
import { markedApertures, markedTimes, marksBetween } from '../units';
import { meteredTimeStops, rightLight } from './exposure-error';
import type { Intent, WishProblem } from './types';

/** One reachable setting, before it is judged. */
export interface Setting {
	f: number;
	seconds: number;
	position: string | null;
	handTimed: boolean;
}

interface Situation {
	camera: Camera;
	film: Film;
	intent: Intent;
	/** Light on the subject, EV. */
	ev: number;
}

const marksOf = (axis: Axis, series: readonly number[]): readonly number[] =>
	axis.kind === 'listed' ? axis.values : marksBetween(series, axis.from, axis.to);

const insideRange = (axis: Axis, value: number) => axis.kind === 'range' && axisHas(axis, value);

const middleOfGood = (film: Film) => (latitudeOf(film).good[0] + latitudeOf(film).good[1]) / 2;

/** The time that puts the error in the middle of good at an f-number. */
function exactTime({ camera, film, intent, ev }: Situation, f: number): number {
	return correctedTime(film, 2 ** meteredTimeStops(camera, film, intent, ev, f, middleOfGood(film)));
}

/** The f-number that puts the error in the middle of good at a time. */
function exactAperture({ camera, film, intent, ev }: Situation, seconds: number): number {
	const atOne = rightLight(camera, film, intent, 1, seconds);
	return 2 ** ((ev - atOne - middleOfGood(film)) / 2);
}

function pairsOf(control: Control, situation: Situation): [f: number, seconds: number][] {
	const wanted = situation.intent.aperture;
	const aperture: Axis = wanted === undefined ? control.aperture : { kind: 'listed', values: [wanted] };
	const apertures = marksOf(aperture, markedApertures);
	const times = marksOf(control.shutter, markedTimes);
	const pairs = apertures.flatMap((f) => times.map((seconds): [number, number] => [f, seconds]));
	for (const f of apertures) {
		const seconds = exactTime(situation, f);
		if (insideRange(control.shutter, seconds)) pairs.push([f, seconds]);
	}
	for (const seconds of times) {
		const f = exactAperture(situation, seconds);
		if (insideRange(aperture, f)) pairs.push([f, seconds]);
	}
	return pairs;
}

/**
 * Every distinct setting that a camera reaches in a light: its own marks, third stops of the
 * standard series over ranges, and the exact value that puts the error in the middle of good.
 */
export function reachableSettings(situation: Situation): Setting[] {
	const { camera, intent } = situation;
	const distinct = new Map<string, Setting>();
	for (const control of controlsOf(camera)) {
		if (intent.aperture !== undefined && !axisHas(control.aperture, intent.aperture)) continue;
		for (const [f, seconds] of pairsOf(control, situation)) {
			const position = control.position?.label ?? null;
			const key = `${f.toPrecision(9)} ${seconds.toPrecision(9)}`;
			if (!distinct.has(key)) distinct.set(key, { f, seconds, position, handTimed: control.handTimed });
		}
	}
	return [...distinct.values()];
}

/**
 * Wishes for something that this camera does not have.
 *
 * @returns one problem a wish, with the path of its field; empty where all can be asked for
 * @example wishProblems(aBoxAtF11, { aperture: 8 }) // [{ path: 'intent.aperture', message: '…' }]
 */
export function wishProblems(camera: Camera, intent: Intent): WishProblem[] {
	const { aperture } = intent;
	if (aperture === undefined || controlsOf(camera).some((control) => axisHas(control.aperture, aperture))) {
		return [];
	}
	return [{ path: 'intent.aperture', message: `this camera has no f/${aperture}` }];
}
