import {
	automaticExposure,
	controlsOf,
	dialSpeeds,
	hasOverride,
	markLabel,
	neutralOn,
	sameMark,
	wheelPositions,
	type Axis,
	type Camera,
	type Control
} from '$core/camera';
import type { Film } from '$core/film';
import { wishProblems } from '$core/match';
import { formatAperture, formatTime, fullStopApertures } from '$core/units';
import { wheelInWords } from '$words';
import type { CameraWishes } from './wishes';

/** Everything that can be set on a camera, as it is chosen from: each has “what suits best” first. */

/** What is fixed on a camera. */
export type Settings = Pick<
	CameraWishes,
	'position' | 'aperture' | 'seconds' | 'handTimed' | 'manual' | 'compensation' | 'iso'
>;

export interface Option {
	value: string;
	name: string;
	changes: Settings;
}

export interface Chooser {
	label: string;
	/** The option that is chosen. */
	value: string;
	options: Option[];
}

export const FREE = 'free';
const BY_EYE = 'eye';
const BULB = 'bulb';

/** Full steps of a shutter, s: what a hand chooses from where any time can be had. */
const fullSteps = [
	...[4000, 2000, 1000, 500, 250, 125, 60, 30, 15, 8, 4, 2].map((part) => 1 / part),
	...[1, 2, 4, 8, 15, 30, 60]
];

const valuesOf = (axis: Axis, series: readonly number[]): number[] =>
	axis.kind === 'listed'
		? [...axis.values]
		: [axis.from, ...series.filter((each) => each > axis.from && each < axis.to), axis.to];

/** Each once, rising. */
const distinct = (values: readonly number[]): number[] =>
	[...values].sort((a, b) => a - b).filter((value, at, all) => at === 0 || !sameMark(value, all[at - 1]));

/** Whether an axis is left to the hand, and there is more than one value to choose. */
const byHand = (camera: Camera, { automatic }: Control, what: 'time' | 'aperture') => {
	const sets = automatic ? automaticExposure(camera)?.sets : undefined;
	return sets !== what && sets !== 'both';
};
const several = (axis: Axis) => axis.kind === 'range' || axis.values.length > 1;

const isChosen = (value: number | undefined, each: number) => value !== undefined && sameMark(value, each);

function chooser(
	label: string,
	free: Settings,
	options: Option[],
	isSet: (option: Option) => boolean
): Chooser {
	const all = [{ value: FREE, name: 'what suits best', changes: free }, ...options];
	return { label, value: options.find(isSet)?.value ?? FREE, options: all };
}

function lever({ positions = [] }: Camera, own: Settings): Chooser[] {
	if (positions.length < 2) return [];
	const options = positions.map(({ label }) => ({ value: label, name: label, changes: { position: label } }));
	return [chooser('Lever', { position: undefined }, options, ({ value }) => value === own.position)];
}

function apertures(camera: Camera, controls: readonly Control[], own: Settings): Chooser[] {
	const set = controls.filter((control) => byHand(camera, control, 'aperture') && several(control.aperture));
	if (set.length === 0) return [];
	const options = distinct(set.flatMap(({ aperture }) => valuesOf(aperture, fullStopApertures))).map((f) => ({
		value: String(f),
		name: `${formatAperture(f)} ${markLabel(camera, f, null) ?? ''}`.trim(),
		changes: { aperture: f }
	}));
	return [
		chooser('Aperture', { aperture: undefined }, options, ({ changes }) =>
			isChosen(own.aperture, changes.aperture!)
		)
	];
}

function shutter(camera: Camera, controls: readonly Control[], own: Settings): Chooser[] {
	const timed = controls.filter((control) => !control.handTimed);
	const set = timed.filter((control) => byHand(camera, control, 'time'));
	const times = set.some((control) => several(control.shutter))
		? distinct(set.flatMap((control) => valuesOf(control.shutter, fullSteps)))
		: [];
	const bulb = controls.some((control) => control.handTimed);
	if (times.length === 0 && !bulb) return [];
	const eye = timed.length > set.length;
	const options: Option[] = [
		...times.map((seconds) => ({
			value: String(seconds),
			name: formatTime(seconds),
			changes: { seconds, handTimed: false }
		})),
		...(eye || (bulb && times.length === 0)
			? [
					{
						value: BY_EYE,
						name: eye
							? 'the eye sets it'
							: formatTime(set.flatMap(({ shutter: axis }) => valuesOf(axis, []))[0]),
						changes: { seconds: undefined, handTimed: false }
					}
				]
			: []),
		...(bulb
			? [{ value: BULB, name: 'B, held open and counted', changes: { seconds: undefined, handTimed: true } }]
			: [])
	];
	const isSet = ({ value, changes }: Option) => {
		if (value === BULB) return own.handTimed === true;
		if (value === BY_EYE) return own.handTimed === false && own.seconds === undefined;
		return !own.handTimed && isChosen(own.seconds, changes.seconds!);
	};
	return [chooser('Shutter', { seconds: undefined, handTimed: undefined }, options, isSet)];
}

function wheelAndDial(camera: Camera, film: Film, own: Settings): Chooser[] {
	const eye = automaticExposure(camera);
	if (!eye || own.manual || own.handTimed) return [];
	const wheel = eye.compensation ? wheelPositions(eye.compensation) : [];
	const dial = dialSpeeds(camera);
	const choosers: Chooser[] = [];
	if (wheel.length > 1) {
		const options = wheel.map((place) => ({
			value: String(place),
			name: wheelInWords(place),
			changes: { compensation: place }
		}));
		const isSet = ({ changes }: Option) => Math.abs((own.compensation ?? NaN) - changes.compensation!) < 1e-6;
		choosers.push(chooser('Wheel', { compensation: undefined }, options, isSet));
	}
	if (dial.length > 1) {
		const neutral = neutralOn(dial, film);
		const options = dial.map((iso) => ({
			value: String(iso),
			name: iso === neutral ? `ISO ${iso}, this film` : `ISO ${iso}`,
			changes: { iso }
		}));
		choosers.push(
			chooser('Film-speed dial', { iso: undefined }, options, ({ changes }) => changes.iso === own.iso)
		);
	}
	return choosers;
}

/**
 * All that a camera lets a hand choose, in the order in which hands do it.
 *
 * @param own what is fixed on it now
 */
export function choosersOf(camera: Camera, film: Film, own: Settings): Chooser[] {
	const controls = controlsOf(camera, own.manual);
	return [
		...lever(camera, own),
		...apertures(camera, controls, own),
		...shutter(camera, controls, own),
		...wheelAndDial(camera, film, own)
	];
}

/** Whether its eye can be put aside. */
export const canPutEyeAside = (camera: Camera): boolean => hasOverride(camera);

/** What makes way, the first first, for something that does not go with it. */
const YIELDING = ['position', 'seconds', 'handTimed', 'aperture', 'iso', 'compensation'] as const;

/**
 * What is fixed once something is chosen: what does not go with it is free again.
 *
 * @example chosenOn(a lever of f/11 and f/22, { aperture: 11 }, { position: 'small' }) // { position: 'small', aperture: undefined }
 */
export function chosenOn(camera: Camera, own: Settings, changes: Settings): Settings {
	const { position, aperture, seconds, handTimed, manual, compensation, iso } = own;
	let next: Settings = { position, aperture, seconds, handTimed, manual, compensation, iso, ...changes };
	for (const name of YIELDING) {
		if (wishProblems(camera, said(next)).length === 0) break;
		if (!(name in changes)) next = { ...next, [name]: undefined };
	}
	return next;
}

const said = (settings: Settings): Settings =>
	Object.fromEntries(Object.entries(settings).filter(([, value]) => value !== undefined));
