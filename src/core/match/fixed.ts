import {
	automaticExposure,
	axisHas,
	controlsOf,
	dialSpeeds,
	hasOverride,
	sameMark,
	speedsAt,
	wheelPositions,
	type Axis,
	type Camera,
	type Control
} from '../camera';
import { formatAperture, formatTime } from '../units';
import type { Intent, WishProblem } from './types';

/** What is fixed on a camera before anything is chosen: for every answer alike. */
export type Fixed = Pick<Intent, 'aperture' | 'seconds' | 'handTimed' | 'position' | 'manual' | 'iso'>;

const only = (axis: Axis, value: number): Axis => ({
	kind: 'listed',
	values: [(axis.kind === 'listed' && axis.values.find((each) => sameMark(each, value))) || value]
});

/** What an eye sets cannot be fixed; it is asked for, and comes as near as the light lets it. */
const setByEye = (camera: Camera, { automatic }: Control, what: 'time' | 'aperture') => {
	const sets = automatic ? automaticExposure(camera)?.sets : undefined;
	return sets === what || sets === 'both';
};

/** What is left of a control when one thing is fixed; null where it does not have that. */
type Rule = (camera: Camera, control: Control, fixed: Fixed) => Control | null;

const rules = {
	position: (_, control, { position }) =>
		position === undefined || control.position?.label === position ? control : null,
	handTimed: (_, control, { handTimed }) =>
		handTimed === undefined || control.handTimed === handTimed ? control : null,
	iso: (camera, control, { iso }) => {
		const eye = automaticExposure(camera);
		if (iso === undefined || !control.automatic || !eye) return control;
		return speedsAt(eye, control.position).includes(iso) ? control : null;
	},
	aperture: (camera, control, { aperture }) => {
		if (aperture === undefined) return control;
		if (!axisHas(control.aperture, aperture)) return null;
		return setByEye(camera, control, 'aperture')
			? control
			: { ...control, aperture: only(control.aperture, aperture) };
	},
	seconds: (camera, control, { seconds }) => {
		if (typeof seconds !== 'number') return control;
		if (!axisHas(control.shutter, seconds)) return null;
		return setByEye(camera, control, 'time')
			? control
			: { ...control, shutter: only(control.shutter, seconds) };
	}
} as const satisfies Partial<Record<keyof Fixed, Rule>>;

type RuleName = keyof typeof rules;
const ruleNames = Object.keys(rules) as RuleName[];

const keeping = (camera: Camera, controls: readonly Control[], name: RuleName, fixed: Fixed) =>
	controls.flatMap((control) => rules[name](camera, control, fixed) ?? []);

/**
 * What a camera can be set to when all that is fixed is fixed.
 *
 * @returns everything it can be set to where nothing has all of that: see wishProblems
 * @example controlsLeft(a box with bulb, { handTimed: false }).length // 1
 */
export function controlsLeft(camera: Camera, fixed: Fixed): Control[] {
	const all = controlsOf(camera, fixed.manual);
	const left = ruleNames.reduce((controls, name) => keeping(camera, controls, name, fixed), all);
	return left.length > 0 ? left : all;
}

function wheelProblem(camera: Camera, place: number): string | null {
	const wheel = automaticExposure(camera)?.compensation;
	if (!wheel) return place === 0 ? null : 'this camera has no lighten–darken wheel';
	const has = wheelPositions(wheel).some((each) => Math.abs(each - place) < 1e-6);
	return has ? null : `this wheel doesn’t go to ${place}`;
}

function dialProblem(camera: Camera, iso: number): string | null {
	if (!automaticExposure(camera)) return 'this camera has no film-speed dial';
	return dialSpeeds(camera).includes(iso) ? null : `this camera’s dial has no ISO ${iso}`;
}

const missing: Readonly<Record<Exclude<RuleName, 'iso'>, (fixed: Fixed) => string>> = {
	position: ({ position }) => `this camera has no place “${position}”`,
	handTimed: ({ handTimed }) =>
		handTimed ? 'this camera has no bulb' : 'this camera can only be timed by hand',
	aperture: ({ aperture }) => `this camera has no ${formatAperture(aperture!)}`,
	seconds: ({ seconds }) => `this camera has no ${formatTime(Number(seconds))}`
};

/**
 * Wishes for something that this camera does not have, each by itself or all together.
 *
 * @returns one problem a wish, with the path of its field; empty where all can be asked for
 * @example wishProblems(aBoxAtF11, { aperture: 8 }) // [{ path: 'intent.aperture', message: '…' }]
 */
export function wishProblems(camera: Camera, intent: Intent): WishProblem[] {
	const problems: WishProblem[] = [];
	const add = (field: string, message: string | null) =>
		message && problems.push({ path: `intent.${field}`, message });
	const { compensation, iso, manual } = intent;
	if (manual && automaticExposure(camera) && !hasOverride(camera)) {
		add('manual', 'this camera’s eye can’t be switched off');
	}
	if (compensation !== undefined) add('compensation', wheelProblem(camera, compensation));
	if (iso !== undefined) add('iso', dialProblem(camera, iso));
	const all = controlsOf(camera, manual);
	for (const name of ruleNames) {
		if (name === 'iso') continue;
		if (keeping(camera, all, name, intent).length === 0) add(name, missing[name](intent));
	}
	if (problems.length > 0) return problems;
	let left = all;
	for (const name of ruleNames) {
		left = keeping(camera, left, name, intent);
		if (left.length === 0) {
			add(name, 'this camera can’t combine this with the other settings you fixed');
			break;
		}
	}
	return problems;
}
