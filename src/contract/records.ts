import { array, boolean, lazy, number, object, string, type ObjectSchema } from 'yup';
import type { Camera, Checklist, Filter } from '../core/camera';
import type { Film } from '../core/film';
import type { Light } from '../core/light';
import type { FlashFired, Outcome, Spoiler, Verdict } from '../core/match';
import { cameraSchema, exposures, filterSchema } from './camera';
import {
	between,
	doubtInStops,
	exposureTime,
	fNumber,
	instant,
	label,
	latitude,
	longitude,
	longText,
	name,
	oneOfKinds,
	positive,
	shortText,
	stops
} from './fields';
import { filmSchema } from './film';
import { filtersSchema, flashPower } from './intent';
import { lightSchema } from './light';

/** What is stored: the objects of the match with an id, a version and what the bag needs. */

export interface Stored {
	/** UUID, made where the record is made. */
	id: string;
	/** Counts the replacements; a replacement names the version that it read. */
	version: number;
}

/** What the bag knows of a camera beside what the match needs. */
export interface AboutCamera {
	archived?: boolean;
	/** Where the finder stands from the lens, mm: above it, and to its right. */
	finder?: { above: number; right?: number };
	/** Where to aim, in the person's words. */
	aim?: string;
	/** Thread for filters, mm. */
	filterThread?: number;
	checklist?: Checklist;
	notes?: string;
}

export type CameraRecord = Camera & AboutCamera;
export type FilmRecord = Film & { archived?: boolean };

export interface LoadRecord {
	cameraId: string;
	filmId: string;
	/** Frames that the load holds. */
	frames: number;
	loadedAt: string;
	/** When it was taken out; absent while it is in the camera. */
	unloadedAt?: string;
	note?: string;
}

export interface FrameSettings {
	f: number;
	seconds: number;
	compensation: number | null;
	iso: number | null;
	position?: string | null;
}

export interface FrameRecord {
	loadId: string;
	number: number;
	takenAt: string;
	light: Light;
	settings: FrameSettings;
	filters?: Filter[];
	handheld?: boolean;
	/** Whether it fired, or with which guide number and power. */
	flash?: boolean | FlashFired;
	exposures?: number;
	predicted: Outcome;
	note?: string;
}

/** A point on the earth, degrees; + north and + east. */
export interface Coordinates {
	latitude: number;
	longitude: number;
}

/** A place of the person's own list. */
export interface PlaceRecord extends Coordinates {
	name: string;
}

/** What was measured of a camera on the bench. */
export interface MeasurementRecord {
	cameraId: string;
	takenAt: string;
	what: 'aperture' | 'shutter' | 'focal-length' | 'offset';
	/** What the camera said: f-number, s, mm, or stops of an offset. */
	marked: number;
	/** What was found, in the same unit. */
	value: number;
	/** Doubt of it, stops. */
	sd: number;
	/** How it was found, in a few words. */
	method: string;
}

export interface ReadingRecord {
	takenAt: string;
	light: Light;
	/** A reading with a name stays on the line as a landmark. */
	name?: string;
	/** Where it was taken, where that is known. */
	where?: Coordinates & { name?: string };
}

/** What is in the bag beside cameras and films. */
export type GearRecord =
	| ({ type: 'filter' } & Filter)
	| { type: 'flash'; name: string; guideNumber: number; powers: number[] }
	| { type: 'support'; name: string };

const archived = { archived: boolean() };

const MOST_STEPS = 40;
const steps = () => array(shortText(200).required()).required().max(MOST_STEPS);

const aboutCamera = {
	...archived,
	finder: object({ above: between(-1000, 1000).required(), right: between(-1000, 1000) }).default(undefined),
	aim: shortText(200),
	filterThread: positive(300),
	checklist: object({ load: steps(), frame: steps() }).default(undefined),
	notes: longText()
};
aboutCamera satisfies Record<keyof AboutCamera, unknown>;
const frameNumber = () => number().integer().min(1).max(9999);

export const cameraRecordSchema = (cameraSchema as ObjectSchema<CameraRecord>).shape(aboutCamera);
export const filmRecordSchema: ObjectSchema<FilmRecord> = filmSchema.shape(archived);

export const loadRecordSchema: ObjectSchema<LoadRecord> = object({
	cameraId: string().required().uuid(),
	filmId: string().required().uuid(),
	frames: frameNumber().required(),
	loadedAt: instant().required(),
	unloadedAt: instant(),
	note: longText()
});

const verdicts: Verdict[] = ['just-enough', 'usable', 'too-dark', 'too-light'];
const spoilers: Spoiler[] = ['shake', 'motion', 'near'];
const limits: NonNullable<Outcome['clamped']>[] = ['fastest', 'slowest', 'widest', 'smallest'];

const settingFields = {
	f: fNumber().required(),
	seconds: exposureTime().required(),
	compensation: stops().nullable().defined(),
	iso: between(0.1, 1_000_000).nullable().defined()
};

const chance = () => between(0, 1).required();

const outcomeFields = {
	...settingFields,
	position: label().nullable(),
	error: between(-60, 60).required(),
	verdict: string<Verdict>().required().oneOf(verdicts),
	chances: object({ good: chance(), usable: chance() }).required(),
	clamped: string<NonNullable<Outcome['clamped']>>().oneOf(limits).nullable().defined(),
	secondsRange: array(exposureTime().required()).length(2).required(),
	spoilers: array(string<Spoiler>().required().oneOf(spoilers)).required(),
	focus: object({ distance: between(0, 100_000).nullable().defined(), label: label().nullable() })
		.nullable()
		.default(undefined),
	sharp: object({ from: between(0, 1e9).required(), to: between(0, 1e9).nullable().defined() }).required()
};
outcomeFields satisfies Record<keyof Outcome, unknown>;

const firedSchema = object({
	guideNumber: positive(1000).required(),
	power: between(0.0001, 1).required()
})
	.nonNullable()
	.default(undefined);

const frameFields = {
	loadId: string().required().uuid(),
	number: frameNumber().required(),
	takenAt: instant().required(),
	light: lightSchema,
	settings: object({ ...settingFields, position: string().max(40).nullable().optional() }).required(),
	filters: filtersSchema,
	handheld: boolean(),
	flash: lazy((value: unknown) => (typeof value === 'object' ? firedSchema : boolean())),
	exposures: exposures(),
	predicted: object(outcomeFields).required(),
	note: longText()
};
frameFields satisfies Record<keyof FrameRecord, unknown>;
export const frameRecordSchema = object(frameFields) as unknown as ObjectSchema<FrameRecord>;

type GearOf<T extends GearRecord['type']> = Extract<GearRecord, { type: T }>;
const gearType = <T extends GearRecord['type']>(type: T) => ({ type: string<T>().required().oneOf([type]) });

export const gearRecordSchema = oneOfKinds<GearRecord>('type', {
	filter: (): ObjectSchema<GearOf<'filter'>> => filterSchema.shape(gearType('filter')) as never,
	flash: (): ObjectSchema<GearOf<'flash'>> => object({ ...gearType('flash'), name: name(), ...flashPower }),
	support: (): ObjectSchema<GearOf<'support'>> => object({ ...gearType('support'), name: name() })
});

/** Only an offset may be nothing, or less than it. */
const measured = () =>
	between(-20, 86_400).test(
		'above-nothing',
		'must be greater than 0',
		(value, { parent }) => value === undefined || parent.what === 'offset' || value > 0
	);

export const measurementRecordSchema: ObjectSchema<MeasurementRecord> = object({
	cameraId: string().required().uuid(),
	takenAt: instant().required(),
	what: string<MeasurementRecord['what']>()
		.required()
		.oneOf(['aperture', 'shutter', 'focal-length', 'offset']),
	marked: measured().required(),
	value: measured().required(),
	sd: doubtInStops().required(),
	method: shortText(200).required()
});

const coordinates = { latitude: latitude().required(), longitude: longitude().required() };

export const placeRecordSchema: ObjectSchema<PlaceRecord> = object({ name: name(), ...coordinates });

export const readingRecordSchema = object({
	takenAt: instant().required(),
	light: lightSchema,
	name: shortText(40).test('not-blank', 'is needed', (value) => value === undefined || value.trim() !== ''),
	where: object({ ...coordinates, name: shortText() }).default(undefined)
}) as unknown as ObjectSchema<ReadingRecord>;
