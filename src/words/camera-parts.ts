import isEqual from 'fast-deep-equal';
import {
	cameraKind,
	wheelPositions,
	type Camera,
	type CameraPart,
	type EyeResponse,
	type Exposure,
	type Wheel
} from '../core/camera';
import { formatDoubt, formatStops, formatTime } from '../core/units';
import { dayOfMoment } from './moment';
import type { CameraRecord, MeasurementRecord } from '../contract/records';
import { describeAperture, describeFocus, describeTimes } from './camera';

/** What each part of a camera is called, in the order of a form. */
export const partNames: Readonly<Record<CameraPart, string>> = {
	exposure: 'Exposure',
	aperture: 'Aperture',
	shutter: 'Shutter',
	focus: 'Focus',
	frame: 'Film and frame',
	lens: 'Lens and hand'
};

const sets = { time: 'time', aperture: 'aperture', both: 'time and aperture' } as const;

/**
 * How a cell follows the light, as it was measured.
 *
 * @example cellInWords({ slope: 0.87, sd: 0.03, about: 12 }) // 'measured: 0.87 of a stop for a stop of light'
 */
export const cellInWords = ({ slope }: EyeResponse): string =>
	`measured: ${slope.toFixed(2)} of a stop for a stop of light`;

/**
 * What a stop of a wheel does, as it was measured.
 *
 * @example wheelDoes({ stops: 0.8, sd: 0.07 }) // 'measured: 0.80 of a stop for a marked stop'
 */
export const wheelDoes = ({ stops }: NonNullable<Wheel['does']>): string =>
	`measured: ${stops.toFixed(2)} of a stop for a marked stop`;

function describeExposure(exposure: Exposure): string {
	if (exposure.mode === 'manual') return 'you set it';
	const places = wheelPositions(exposure.compensation);
	const [darken, lighten] = [Math.min(...places), Math.max(...places)];
	const does = exposure.compensation?.does;
	const wheel =
		places.length > 1
			? `, wheel ${formatStops(-darken)} darker to ${formatStops(lighten)} lighter${does ? `, ${wheelDoes(does)}` : ''}`
			: '';
	const dial = exposure.dial?.length ? ', marks of its dial measured' : '';
	const cell = exposure.response ? `, ${cellInWords(exposure.response)}` : '';
	return `its eye sets the ${sets[exposure.sets]}, ISO ${exposure.iso.join(', ')}${dial}${wheel}${cell}`;
}

const describers: Readonly<Record<CameraPart, (camera: Camera) => string>> = {
	exposure: ({ exposure }) => describeExposure(exposure),
	aperture: ({ aperture }) => describeAperture(aperture),
	shutter: describeTimes,
	focus: ({ focus }) => describeFocus(focus).replace(/^focus /, ''),
	frame: ({ format, frame }) => [format, `${frame.width} × ${frame.height} mm`].filter(Boolean).join(', '),
	lens: ({ focalLength, handHold }) =>
		[`${focalLength} mm`, handHold ? `hand-held to ${formatTime(handHold)}` : ''].filter(Boolean).join(', ')
};

/** What a part of a camera is, in a few words. */
export const partInWords = (camera: Camera, part: CameraPart): string => describers[part](camera);

const fieldsOf: Readonly<Record<CameraPart, readonly (keyof Camera)[]>> = {
	exposure: ['exposure'],
	aperture: ['aperture'],
	shutter: ['shutter', 'bulb'],
	focus: ['focus'],
	frame: ['frame', 'format', 'framesPerSecond'],
	lens: ['focalLength', 'circleOfConfusion', 'handHold']
};

/** As near as a number that was written down and read again. */
const same = (a: number, b: number) => Math.abs(a / b - 1) < 1e-3;

/** The numbers that a part holds which can be measured. */
const numbersOf: Readonly<Record<MeasurementRecord['what'], (camera: Camera) => number[]>> = {
	aperture: ({ aperture }) => {
		if (aperture.kind === 'range') return [aperture.widest, aperture.smallest];
		return [aperture.f].flat();
	},
	shutter: ({ shutter }) => {
		if (shutter.kind === 'range') return [shutter.fastest, shutter.slowest];
		return [shutter.seconds].flat();
	},
	'focal-length': ({ focalLength }) => [focalLength],
	offset: ({ offset }) => (offset ? [offset.stops] : []),
	response: ({ exposure }) => (exposure.mode === 'auto' && exposure.response ? [exposure.response.slope] : [])
};
const measuredAs: Readonly<Partial<Record<CameraPart, MeasurementRecord['what']>>> = {
	exposure: 'response',
	aperture: 'aperture',
	shutter: 'shutter',
	lens: 'focal-length'
};

/** What tells where a value comes from. */
export interface Known {
	/** Of this camera, the newest first. */
	measurements: readonly MeasurementRecord[];
	/** Orders the date. */
	locale?: string;
}

function measured(
	camera: Camera,
	what: MeasurementRecord['what'] | undefined,
	{ measurements, locale }: Known
): string {
	const there = what ? numbersOf[what](camera) : [];
	const found = measurements.find(
		(each) => each.what === what && there.some((number) => number === each.value || same(number, each.value))
	);
	return found ? `measured on ${dayOfMoment(found.takenAt, { locale })}` : '';
}

/**
 * Where what a part says comes from.
 *
 * @returns an empty text where the person typed it
 */
export function partFrom(camera: CameraRecord, part: CameraPart, known: Known): string {
	const found = measured(camera, measuredAs[part], known);
	if (found) return found;
	const usual: Partial<Camera> | undefined = cameraKind(camera.kind)?.camera;
	const typical = usual && fieldsOf[part].every((field) => isEqual(camera[field], usual[field]));
	return typical ? 'typical' : '';
}

/** What a camera gives beside what its settings say, in a few words. */
export function givesInWords({ offset }: Camera): string {
	if (!offset) return 'what its settings say, as far as anyone knows';
	const { stops, sd } = offset;
	const side = stops > 0 ? 'more' : 'less';
	const much = Math.abs(stops) < 1 / 6 ? 'what its settings say' : `${formatStops(stops)} ${side}`;
	return `${much}, give or take ${formatDoubt(sd)}`;
}

/** Where that comes from. */
export function givesFrom(camera: CameraRecord, known: Known): string {
	const found = measured(camera, 'offset', known);
	if (found) return found;
	return camera.learnt && !camera.learnt.ignored && !camera.learnt.untold
		? `learnt from ${camera.learnt.frames} frames`
		: '';
}

/** Which parts a person would look at first: what varies from body to body, what an eye is told; all of no kind that is known. */
export function partsOpen({
	kind,
	exposure
}: Pick<CameraRecord, 'kind' | 'exposure'>): Record<CameraPart, boolean> {
	const known = cameraKind(kind);
	const isOpen = (part: CameraPart) =>
		!known || known.varies.includes(part) || (part === 'exposure' && exposure.mode === 'auto');
	return {
		exposure: isOpen('exposure'),
		aperture: isOpen('aperture'),
		shutter: isOpen('shutter'),
		focus: isOpen('focus'),
		frame: isOpen('frame'),
		lens: isOpen('lens')
	};
}
