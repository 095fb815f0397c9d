import {
	cameraRecordSchema,
	exerciseRecordSchema,
	filmRecordSchema,
	frameRecordSchema,
	gearRecordSchema,
	loadRecordSchema,
	measurementRecordSchema,
	outingRecordSchema,
	placeRecordSchema,
	readingRecordSchema,
	recipeRecordSchema,
	type CameraRecord,
	type ExerciseRecord,
	type FilmRecord,
	type FrameRecord,
	type GearRecord,
	type LoadRecord,
	type MeasurementRecord,
	type OutingRecord,
	type PlaceRecord,
	type ReadingRecord,
	type RecipeRecord
} from '$contract/records';
import { store } from '../store';
import type { Collection } from './collection';

/** Every kind of record that the API offers. */

export const cameras: Collection<CameraRecord> = {
	what: 'camera',
	table: () => store().cameras,
	schema: cameraRecordSchema
};

export const films: Collection<FilmRecord> = {
	what: 'film',
	table: () => store().films,
	schema: filmRecordSchema
};

export const loads: Collection<LoadRecord> = {
	what: 'load',
	table: () => store().loads,
	schema: loadRecordSchema
};

export const frames: Collection<FrameRecord> = {
	what: 'frame',
	table: () => store().frames,
	schema: frameRecordSchema
};

export const readings: Collection<ReadingRecord> = {
	what: 'reading',
	table: () => store().readings,
	schema: readingRecordSchema
};

export const measurements: Collection<MeasurementRecord> = {
	what: 'measurement',
	table: () => store().measurements,
	schema: measurementRecordSchema
};

export const outings: Collection<OutingRecord> = {
	what: 'outing',
	table: () => store().outings,
	schema: outingRecordSchema
};

export const places: Collection<PlaceRecord> = {
	what: 'place',
	table: () => store().places,
	schema: placeRecordSchema
};

export const recipes: Collection<RecipeRecord> = {
	what: 'recipe',
	table: () => store().recipes,
	schema: recipeRecordSchema
};

export const exercises: Collection<ExerciseRecord> = {
	what: 'exercise',
	table: () => store().exercises,
	schema: exerciseRecordSchema as never
};

export const gear: Collection<GearRecord> = {
	what: 'piece of gear',
	table: () => store().gear,
	schema: gearRecordSchema as never
};
