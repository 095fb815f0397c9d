import {
	recordSchemas,
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
	type RecipeRecord,
	type SettingsRecord
} from '$contract/records';
import { SETTINGS_ID } from '$contract/settings';
import { listFilters } from '$contract/lists';
import { raisedFrame } from '../older-frames';
import { inThread } from '../heavy/pool';
import { dataFolder, store } from '../store';
import type { Collection } from './collection';

/** Every kind of record that the API offers. */

export const cameras: Collection<CameraRecord> = {
	what: 'camera',
	table: () => store().cameras,
	schema: recordSchemas.cameras,
	filters: listFilters.cameras
};

export const films: Collection<FilmRecord> = {
	what: 'film',
	table: () => store().films,
	schema: recordSchemas.films,
	filters: listFilters.films
};

export const loads: Collection<LoadRecord> = {
	what: 'load',
	table: () => store().loads,
	schema: recordSchemas.loads,
	filters: listFilters.loads
};

export const frames: Collection<FrameRecord> = {
	what: 'frame',
	table: () => store().frames,
	schema: recordSchemas.frames,
	// Words are looked for among all that was ever said.
	page: async (asked) =>
		asked.filters?.q === undefined ? store().frames.page(asked) : inThread('framesPage', dataFolder(), asked),
	raise: raisedFrame,
	filters: listFilters.frames
};

export const readings: Collection<ReadingRecord> = {
	what: 'reading',
	table: () => store().readings,
	schema: recordSchemas.readings,
	filters: listFilters.readings
};

export const measurements: Collection<MeasurementRecord> = {
	what: 'measurement',
	table: () => store().measurements,
	schema: recordSchemas.measurements,
	filters: listFilters.measurements
};

export const outings: Collection<OutingRecord> = {
	what: 'outing',
	table: () => store().outings,
	schema: recordSchemas.outings,
	filters: listFilters.outings
};

export const places: Collection<PlaceRecord> = {
	what: 'place',
	table: () => store().places,
	schema: recordSchemas.places,
	filters: listFilters.places
};

export const recipes: Collection<RecipeRecord> = {
	what: 'recipe',
	table: () => store().recipes,
	schema: recordSchemas.recipes,
	filters: listFilters.recipes
};

export const settings: Collection<SettingsRecord> = {
	what: 'set of settings',
	only: SETTINGS_ID,
	table: () => store().settings,
	schema: recordSchemas.settings
};

export const exercises: Collection<ExerciseRecord> = {
	what: 'exercise',
	table: () => store().exercises,
	schema: recordSchemas.exercises,
	filters: listFilters.exercises
};

export const gear: Collection<GearRecord> = {
	what: 'piece of gear',
	table: () => store().gear,
	schema: recordSchemas.gear,
	filters: listFilters.gear
};
