import { array, boolean, number, object, string, type InferType } from 'yup';
import type { Experience } from '../core/learn';
import type { Camera, Checklist, Filter } from '../core/camera';
import type { TimePoint } from '../core/develop';
import type { Batch, Film } from '../core/film';
import type { Light } from '../core/light';
import type { SkyShares } from '../core/plan';
import type { LearntLoss } from '../core/studio';
import { cameraSchema, filterSchema } from './camera';
import { coordinates, whereSchema, type Coordinates, type Where } from './coordinates';
import { between, doubtInStops, instant, longText, name, positive, shortText, stops } from './fields';
import { filmSchema } from './film';
import { held, is, tagged } from './held';
import { flashPower } from './intent';
import { lightSchema } from './light';
import { skiesOfPlace } from './skies';
import { stockSchema } from './stock';

import { exerciseRecordSchema } from './exercises';
import { frameRecordSchema } from './frames';
import { loadRecordSchema } from './loads';
import { experiencesSchema } from './experience';
import { outingRecordSchema } from './outings';
import { recipeRecordSchema, timesSchema } from './recipes';
import { settingsRecordSchema } from './settings';

export { exerciseRecordSchema, type ExerciseRecord } from './exercises';
export { frameRecordSchema, type FrameRecord } from './frames';
export { loadRecordSchema, type LoadRecord } from './loads';
export { outingRecordSchema, type OutingRecord } from './outings';
export { recipeRecordSchema, type RecipeRecord } from './recipes';
export type { SettingsRecord } from './settings';

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
	/** Where the middle of the picture stands in the finder, parts of the frame below and right of its middle. */
	back?: { below: number; right?: number };
	/** Thread for filters, mm. */
	filterThread?: number;
	checklist?: Checklist;
	notes?: string;
	/** Flashes of the bag that go with it, by their ids; absent: all do. */
	flashes?: string[];
	/** What your frames taught from judged frames, and what was known before. */
	learnt?: Learning;
	/** What the person knows of it, as far as they said so. */
	known?: Experience[];
}

/** Learning from frames as it stands on a camera. */
export interface Learning {
	/** The offset before any frame was judged: what learning starts from. */
	prior: { stops: number; sd: number };
	/** When the person last accepted or ignored what frames teach; those judged later are news. */
	at: string;
	/** Judged frames that it stands on. */
	frames: number;
	/** The person would not have it. */
	ignored?: boolean;
	/** Nothing had been said of the offset before. */
	untold?: boolean;
}

export type CameraRecord = Camera & AboutCamera;
export type FilmRecord = Omit<Film, 'id'> & {
	archived?: boolean;
	/** Of a print that develops by itself: times by temperature, as they are printed on its pack. */
	times?: TimePoint[];
	/** What there is of it to load. */
	stock?: Batch[];
};

/** A place of the person's own list. */
export interface PlaceRecord extends Coordinates {
	name: string;
	/** Which part of the days has which sky, January first; absent: as is typical of its latitude. */
	skies?: SkyShares[];
}

/** What was measured of a camera on the bench. */
export interface MeasurementRecord {
	cameraId: string;
	takenAt: string;
	what: 'aperture' | 'shutter' | 'focal-length' | 'offset' | 'response';
	/** What the camera said: f-number, s, mm, stops of an offset, or stops of time for a stop of light. */
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
	where?: Where;
}

/** What is in the bag beside cameras and films. */
export type GearRecord =
	| ({ type: 'filter' } & Omit<Filter, 'id'>)
	| { type: 'flash'; name: string; guideNumber: number; powers: number[] }
	| { type: 'support'; name: string }
	| { type: 'close-up'; name: string; /** 1/m */ dioptres: number }
	/** Before a lamp. */
	| ({ type: 'modifier'; name: string } & LearntLoss);

const archived = { archived: boolean() };

const MOST_STEPS = 40;
const steps = () => array(shortText(200).required()).required().max(MOST_STEPS);

const aboutCamera = {
	...archived,
	finder: object({ above: between(-1000, 1000).required(), right: between(-1000, 1000) })
		.optional()
		.default(undefined),
	aim: shortText(200),
	back: object({ below: between(-0.5, 0.5).required(), right: between(-0.5, 0.5) })
		.optional()
		.default(undefined),
	filterThread: positive(300),
	checklist: object({ load: steps(), frame: steps() }).optional().default(undefined),
	notes: longText(),
	flashes: array(string().required().uuid()).max(MOST_STEPS),
	learnt: object({
		prior: object({ stops: stops(10).required(), sd: doubtInStops().required() }).required(),
		at: instant().required(),
		frames: number().integer().min(0).max(1_000_000).required(),
		ignored: boolean(),
		untold: boolean()
	})
		.optional()
		.default(undefined),
	known: experiencesSchema()
};
export const cameraRecordSchema = held<CameraRecord>()(cameraSchema.shape(aboutCamera)).meta({
	name: 'CameraRecord'
});
export const filmRecordSchema = held<FilmRecord>()(
	filmSchema.omit(['id']).shape({ ...archived, times: timesSchema(), stock: stockSchema() })
).meta({
	name: 'FilmRecord'
});

export const gearRecordSchema = tagged<GearRecord>()('type', {
	filter: () =>
		filterSchema
			.omit(['id'])
			.shape({ type: is('filter') })
			.meta({ name: undefined }),
	flash: () => object({ type: is('flash'), name: name(), ...flashPower }),
	support: () => object({ type: is('support'), name: name() }),
	'close-up': () => object({ type: is('close-up'), name: name(), dioptres: between(0.1, 30).required() }),
	modifier: () =>
		object({
			type: is('modifier'),
			name: name(),
			stops: between(-3, 10).required(),
			sd: doubtInStops().required(),
			times: number().integer().min(0).max(10_000).required()
		})
});

/** Only an offset may be nothing, or less than it. */
const measured = () =>
	between(-20, 86_400).test(
		'above-nothing',
		'must be greater than 0',
		(value, { parent }) => value === undefined || parent.what === 'offset' || value > 0
	);

export const measurementRecordSchema = held<MeasurementRecord>()(
	object({
		cameraId: string().required().uuid(),
		takenAt: instant().required(),
		what: string<MeasurementRecord['what']>()
			.required()
			.oneOf(['aperture', 'shutter', 'focal-length', 'offset', 'response']),
		marked: measured().required(),
		value: measured().required(),
		sd: doubtInStops().required(),
		method: shortText(200).required()
	})
);

export const placeRecordSchema = held<PlaceRecord>()(
	object({ name: name(), ...coordinates, skies: skiesOfPlace.optional().default(undefined) })
);

export const readingRecordSchema = held<ReadingRecord>()(
	object({
		takenAt: instant().required(),
		light: lightSchema,
		name: shortText(40).test('not-blank', 'is needed', (value) => value === undefined || value.trim() !== ''),
		where: whereSchema()
	})
);

/** Every kind of record that is kept, by the name it goes by in addresses. */
export const recordSchemas = {
	cameras: cameraRecordSchema,
	exercises: exerciseRecordSchema,
	films: filmRecordSchema,
	frames: frameRecordSchema,
	gear: gearRecordSchema,
	loads: loadRecordSchema,
	measurements: measurementRecordSchema,
	outings: outingRecordSchema,
	places: placeRecordSchema,
	readings: readingRecordSchema,
	recipes: recipeRecordSchema,
	settings: settingsRecordSchema
};
export type RecordKind = keyof typeof recordSchemas;

/** What each kind of record is; its schema is held to it. */
export type Records = { [K in RecordKind]: InferType<(typeof recordSchemas)[K]> };
