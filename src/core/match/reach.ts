import { controlsOf, type Axis, type Camera, type Control } from '../camera';
import { latitudeOf, type Film, type StopRange } from '../film';
import { rightLight } from './exposure-error';
import { union, type Interval } from './intervals';
import type { Intent } from './types';

/** A value, or the whole range that a lane covers. */
export type Span = number | [from: number, to: number];

export interface Lane {
	settings: { f: Span; seconds: Span; position: string | null };
	handTimed: boolean;
	good: Interval[];
	usable: Interval[];
}

export interface Reach {
	good: Interval[];
	usable: Interval[];
	/** One for each setting; a range is one. */
	lanes: Lane[];
}

const spansOf = (axis: Axis): Span[] => (axis.kind === 'listed' ? [...axis.values] : [[axis.from, axis.to]]);

const lower = (span: Span) => (typeof span === 'number' ? span : span[0]);
const upper = (span: Span) => (typeof span === 'number' ? span : span[1]);

/**
 * Error is light minus the light that is right for a setting, so a latitude [a, b] is met from
 * right + a to right + b; over a range, from its widest, slowest end to its smallest, fastest one.
 */
function lane(camera: Camera, film: Film, intent: Intent, control: Control, f: Span, seconds: Span): Lane {
	const dimmest = rightLight(camera, film, intent, lower(f), upper(seconds));
	const brightest = rightLight(camera, film, intent, upper(f), lower(seconds));
	const { good, usable } = latitudeOf(film);
	const within = ([least, most]: StopRange): Interval[] => [[dimmest + least, brightest + most]];
	return {
		settings: { f, seconds, position: control.position?.label ?? null },
		handTimed: control.handTimed,
		good: within(good),
		usable: within(usable)
	};
}

/**
 * The light in which a camera with a film works: exact, by inverting the exposure equation.
 *
 * @param camera see match
 * @param film see match
 * @param intent filters mounted and exposures on a frame
 * @returns intervals of EV at ISO 100, ends included
 * @example reach(fixed f/11 at 1/100 s, ISO 400 colour negative).good // [[11.06, 13.56]]
 */
export function reach(camera: Camera, film: Film, intent: Pick<Intent, 'filters' | 'exposures'> = {}): Reach {
	const lanes = controlsOf(camera).flatMap((control) =>
		spansOf(control.aperture).flatMap((f) =>
			spansOf(control.shutter).map((seconds) => lane(camera, film, intent, control, f, seconds))
		)
	);
	return {
		good: union(lanes.flatMap((each) => each.good)),
		usable: union(lanes.flatMap((each) => each.usable)),
		lanes
	};
}
