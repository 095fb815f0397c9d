import { automaticExposure, dialSpeeds, neutralOn, type Axis, type Camera, type Control } from '../camera';
import type { Film } from '../film';
import { controlsLeft } from './fixed';
import type { Intent } from './types';

/** What is known of a setting before any light is read. */
export interface KnownSetting {
	/** null: left to the eye, or to a hand that has not said. */
	f: number | null;
	seconds: number | null;
	compensation: number | null;
	iso: number | null;
	position: string | null;
	handTimed: boolean;
	manual?: boolean;
}

const only = (values: readonly (number | null)[]): number | null => {
	const [first, ...rest] = [...new Set(values)];
	return rest.length === 0 ? (first ?? null) : null;
};
const fixedAt = (axis: Axis) => (axis.kind === 'listed' && axis.values.length === 1 ? axis.values[0] : null);

/** What is left to set; bulb only where it was said, or where there is nothing else. */
function heldControls(camera: Camera, intent: Intent): Control[] {
	const left = controlsLeft(camera, intent);
	const quick = left.filter(({ handTimed }) => !handTimed);
	return quick.length > 0 ? quick : left;
}

/**
 * What a camera is set to as far as it is certain without a light: what the hand set, and what it cannot
 * change. An eye's choice is not.
 *
 * @param intent what is set on the camera
 * @example knownSettings(a box of f/11 at 1/40 s, any film, {}) // { f: 11, seconds: 1 / 40, … }
 */
export function knownSettings(camera: Camera, film: Film, intent: Intent): KnownSetting {
	const controls = heldControls(camera, intent);
	const byEye = (what: 'time' | 'aperture') =>
		controls.some(({ automatic }) => {
			const sets = automatic ? automaticExposure(camera)?.sets : undefined;
			return sets === what || sets === 'both';
		});
	const eye = controls.some(({ automatic }) => automatic) ? automaticExposure(camera) : null;
	return {
		f: byEye('aperture') ? null : only(controls.map(({ aperture }) => fixedAt(aperture))),
		seconds: byEye('time') ? null : only(controls.map(({ shutter }) => fixedAt(shutter))),
		compensation: eye?.compensation ? (intent.compensation ?? 0) : null,
		iso: eye ? (intent.iso ?? neutralOn(dialSpeeds(camera), film)) : null,
		position: intent.position ?? null,
		handTimed: controls.every(({ handTimed }) => handTimed),
		...(intent.manual ? { manual: true } : {})
	};
}
