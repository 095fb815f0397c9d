import isEqual from 'fast-deep-equal';
import { counted, habitInWords } from '$words';
import { formatDoubt } from '$core/units';
import { automaticExposure, type Camera, type Checklist } from '$core/camera';
import type { CameraRecord } from '$contract/records';
import { describeAperture, describeFocus, describeShutter } from '$words/camera';

/** What of a camera would be another one. */
export interface Change {
	what: string;
	mine: string;
	theirs: string;
}

const NOTHING = 'not said';
const millimetres = (value: number) => `${value} mm`;
/** How long a camera's lists are. */
export const steps = ({ load, frame }: Checklist): string => {
	const count = load.length + frame.length;
	return counted(count, 'one step', '# steps');
};
const exposures = ({ mode, ...eye }: Camera['exposure']) =>
	mode === 'manual' ? 'set by hand' : `by its eye: ${plain(eye)}`;

/** What has no words of its own. */
function plain(value: unknown): string {
	if (typeof value === 'boolean') return value ? 'yes' : 'no';
	if (Array.isArray(value)) return value.map(plain).join(', ');
	if (typeof value !== 'object' || value === null) return String(value);
	return Object.entries(value)
		.map(([name, each]) => `${name.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`)} ${plain(each)}`)
		.join(', ');
}

const given = ({ stops, sd }: { stops: number; sd: number }, camera: Camera) =>
	`${habitInWords(stops, automaticExposure(camera) ? 'eye says' : 'marks say')}, give or take ${formatDoubt(sd)}`;

type Told = {
	[K in keyof CameraRecord]?: {
		what: string;
		words?: (value: NonNullable<CameraRecord[K]>, camera: Camera) => string;
	};
};
const told: Told = {
	name: { what: 'Name' },
	kind: { what: 'Kind' },
	format: { what: 'Film' },
	frame: { what: 'Frame', words: ({ width, height }) => `${width} × ${height} mm` },
	focalLength: { what: 'Focal length', words: millimetres },
	focus: { what: 'Focus', words: describeFocus },
	circleOfConfusion: { what: 'Sharp to', words: millimetres },
	aperture: { what: 'Apertures', words: describeAperture },
	shutter: { what: 'Times', words: describeShutter },
	positions: { what: 'Lever', words: (all) => all.map(({ label }) => label).join(', ') },
	bulb: { what: 'Bulb' },
	handHold: { what: 'Slowest hand-held, s' },
	exposure: { what: 'Exposure', words: exposures },
	flash: { what: 'Built-in flash' },
	framesPerSecond: { what: 'Frames a second' },
	offset: { what: 'Gives', words: given },
	finder: { what: 'Finder, mm' },
	aim: { what: 'Aim' },
	back: { what: 'Finder’s middle' },
	filterThread: { what: 'Filter thread', words: millimetres },
	checklist: { what: 'Lists', words: steps },
	notes: { what: 'Notes' },
	learnt: {
		what: 'Learning starts from',
		words: ({ prior }, camera) => given(prior, camera)
	}
};

/** What a camera of the bag would be after it, field by field. */
export function changesOf(mine: CameraRecord, theirs: CameraRecord): Change[] {
	return Object.entries(told).flatMap(([field, { what, words = plain }]) => {
		const said = (camera: CameraRecord) => {
			const value = camera[field as keyof CameraRecord];
			return value === undefined
				? NOTHING
				: (words as (value: unknown, camera: Camera) => string)(value, camera);
		};
		const [before, after] = [mine, theirs].map((camera) => camera[field as keyof CameraRecord]);
		return isEqual(before, after) ? [] : [{ what, mine: said(mine), theirs: said(theirs) }];
	});
}
