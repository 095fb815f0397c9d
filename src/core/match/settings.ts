import {
	aimOf,
	askedBy,
	automaticExposure,
	dialSpeeds,
	neutralOn,
	offsetOf,
	programmeOf,
	speedsAt,
	wheelPositions,
	type Aim,
	type AutomaticExposure,
	type Axis,
	type Control
} from '../camera';
import { correctedTime, middleOf } from '../film';
import { markedApertures, markedTimes, marksBetween } from '../units';
import { controlsLeft } from './fixed';
import { answerTo, handResponse, responseOf, type Answered, type Response } from './response';
import type { Scene } from './scene';

/** One way to set a camera, by hand or for its eye, before it is judged. */
export interface Setting {
	response: Response;
	/** What the eye asks for; null: the person set it. */
	aim: Aim | null;
	/** Stops that the camera itself adds; an eye has them in its aim. */
	bonus: number;
	/** Wheel and dial; null where the camera has none. */
	compensation: number | null;
	iso: number | null;
	position: string | null;
	handTimed: boolean;
	/** The eye is put aside. */
	manual: boolean;
}

/** A setting with what the camera does in the expected light. */
export interface Placed {
	setting: Setting;
	answered: Answered;
	/** Stops, + = too much light on the film. */
	error: number;
}

const marksOf = (axis: Axis, series: readonly number[]): readonly number[] =>
	axis.kind === 'listed' ? axis.values : marksBetween(series, axis.from, axis.to);

const inRange = (axis: Axis, value: number) => axis.kind === 'range' && value > axis.from && value < axis.to;
const only = (value: number): Axis => ({ kind: 'listed', values: [value] });

const middleOfGood = ({ latitude }: Scene) => middleOf(latitude.good);

/**
 * The time that puts the error in the middle of good at an f-number, before the film loses speed over it.
 *
 * @param bonus stops that the camera gives beyond its settings
 * @returns s
 */
export function meteredTime(scene: Scene, f: number, bonus: number): number {
	return 2 ** (middleOfGood(scene) - scene.light.ev - scene.gain - bonus + 2 * Math.log2(f));
}

const exactTime = (scene: Scene, f: number, bonus: number): number =>
	correctedTime(scene.film, meteredTime(scene, f, bonus));

/** The f-number that puts the error in the middle of good at a time. */
function exactAperture(scene: Scene, seconds: number, bonus: number): number {
	const [{ right }] = handResponse(scene.film, 1, seconds).knots;
	return 2 ** ((scene.light.ev + scene.gain + bonus - right - middleOfGood(scene)) / 2);
}

function pairsByHand(scene: Scene, control: Control, bonus: number): [f: number, seconds: number][] {
	const apertures = marksOf(control.aperture, markedApertures);
	const times = marksOf(control.shutter, markedTimes);
	const pairs = apertures.flatMap((f) => times.map((seconds): [number, number] => [f, seconds]));
	if (control.shutter.kind === 'range') {
		for (const f of apertures) {
			const seconds = exactTime(scene, f, bonus);
			if (inRange(control.shutter, seconds)) pairs.push([f, seconds]);
		}
	}
	if (control.aperture.kind === 'range') {
		for (const seconds of times) {
			const f = exactAperture(scene, seconds, bonus);
			if (inRange(control.aperture, f)) pairs.push([f, seconds]);
		}
	}
	return pairs;
}

/** Settings of a control that the person makes: all of an ordinary camera, bulb on an automatic one. */
function* byHand(scene: Scene, control: Control): Generator<Setting> {
	const eye = automaticExposure(scene.camera);
	const bonus = offsetOf(scene.camera).stops;
	for (const [f, seconds] of pairsByHand(scene, control, bonus)) {
		yield {
			response: handResponse(scene.film, f, seconds),
			aim: null,
			bonus,
			compensation: eye?.compensation ? 0 : null,
			iso: eye ? eye.iso[0] : null,
			position: control.position?.label ?? null,
			handTimed: control.handTimed,
			manual: control.manual
		};
	}
}

/** The axes within which an eye chooses, one pair for each setting that is left to the hand. */
function eyeAxes(scene: Scene, control: Control, eye: AutomaticExposure): [aperture: Axis, shutter: Axis][] {
	const { aperture, shutter } = control;
	if (eye.sets === 'both') return [[aperture, shutter]];
	if (eye.sets === 'aperture') {
		return marksOf(shutter, markedTimes).map((seconds): [Axis, Axis] => [aperture, only(seconds)]);
	}
	const apertures = [...marksOf(aperture, markedApertures)];
	if (aperture.kind === 'range' && shutter.kind === 'range') {
		// Where the shutter is stuck, the aperture is all that is left to bring the error to the middle of good.
		const exact = [shutter.from, shutter.to].map((seconds) => exactAperture(scene, seconds, 0));
		apertures.push(...exact.filter((f) => inRange(aperture, f)));
	}
	return apertures.map((f): [Axis, Axis] => [only(f), shutter]);
}

/** Every place of wheel and dial that the intent leaves free. */
export function wheelAndDial({ intent }: Scene, control: Control, eye: AutomaticExposure) {
	const speeds = speedsAt(eye, control.position);
	const dial = intent.iso === undefined ? speeds : speeds.filter((iso) => iso === intent.iso);
	const wheel = wheelPositions(eye.compensation).filter(
		(place) => intent.compensation === undefined || Math.abs(place - intent.compensation) < 1e-6
	);
	return dial.flatMap((iso) => wheel.map((place) => ({ iso, place })));
}

/** Settings of a control within which the eye chooses. */
function* byEye(scene: Scene, control: Control, eye: AutomaticExposure): Generator<Setting> {
	const places = wheelAndDial(scene, control, eye);
	for (const [aperture, shutter] of eyeAxes(scene, control, eye)) {
		const response = responseOf(programmeOf(aperture, shutter), scene.film);
		for (const { iso, place } of places) {
			yield {
				response,
				aim: aimOf(eye, iso, place, offsetOf(scene.camera, place, iso).stops, scene.intent.filters ?? []),
				bonus: 0,
				compensation: eye.compensation ? place : null,
				iso,
				position: control.position?.label ?? null,
				handTimed: false,
				manual: false
			};
		}
	}
}

function byHandAlone({ response }: Setting): Answered {
	const { right, f, seconds } = response.knots[0];
	return { right, f, seconds, clamped: null };
}

/** What a camera does with a setting in the expected light. */
export function placed(scene: Scene, setting: Setting): Placed {
	const { light, gain } = scene;
	const answered =
		setting.aim === null
			? byHandAlone(setting)
			: answerTo(setting.response, askedBy(setting.aim, light.meterEv));
	return { setting, answered, error: light.ev + gain + setting.bonus - answered.right };
}

/** f-number and time as one number, alike to a ten-thousandth of a stop. */
const markOf = ({ f, seconds }: Answered) =>
	Math.round(Math.log2(f) * 1e4) * 1e7 + Math.round((Math.log2(seconds) + 30) * 1e4);

/** Stops. */
const SAME_DIAL = 1e-9;
const turned = ({ setting }: Placed) => Math.abs(setting.compensation ?? 0);

/** Where the dial belongs with the film; null where there is none to turn. */
function neutralDial({ camera, film }: Scene): number | null {
	const speeds = dialSpeeds(camera);
	return speeds.length > 1 ? neutralOn(speeds, film) : null;
}

/** Of two that end alike: the one that no hand has to time, then the one nearest the dial's and the wheel's own place. */
function plainer(here: Placed, there: Placed, neutral: number | null): boolean {
	const [a, b] = [here.setting.handTimed, there.setting.handTimed];
	if (a !== b) return b;
	const dial = ({ setting }: Placed) =>
		neutral === null || setting.iso === null ? 0 : Math.abs(Math.log2(setting.iso / neutral));
	const apart = dial(here) - dial(there);
	return Math.abs(apart) > SAME_DIAL ? apart < 0 : turned(here) < turned(there);
}

/**
 * Every distinct setting that a camera reaches in a light: its own marks, third stops of the
 * standard series over ranges, and the exact value that puts the error in the middle of good. Places
 * of wheel and dial that end in the same f-number and time are one, that nearest their own place.
 */
export function reachableSettings(scene: Scene): Placed[] {
	const eye = automaticExposure(scene.camera);
	const neutral = neutralDial(scene);
	const distinct = new Map<number, Placed>();
	for (const control of controlsLeft(scene.camera, scene.intent)) {
		const settings = eye && control.automatic ? byEye(scene, control, eye) : byHand(scene, control);
		for (const setting of settings) {
			const here = placed(scene, setting);
			const mark = markOf(here.answered);
			const there = distinct.get(mark);
			if (!there || plainer(here, there, neutral)) distinct.set(mark, here);
		}
	}
	return [...distinct.values()];
}

/** The setting by hand at an f-number and a time, whatever the camera. */
export function handSetting(
	scene: Scene,
	{
		f,
		seconds,
		handTimed = false,
		manual = false
	}: { f: number; seconds: number; handTimed?: boolean; manual?: boolean }
): Setting {
	return {
		response: handResponse(scene.film, f, seconds),
		aim: null,
		bonus: offsetOf(scene.camera).stops,
		compensation: null,
		iso: null,
		position: null,
		handTimed,
		manual
	};
}
