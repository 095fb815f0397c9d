import { DateTime } from 'luxon';
import { localTime, zoneAt } from '$core/light';
import { packingOf, packSceneOf, usesOf, withTakes, type Outing, type Scene } from '$core/plan';
import { processOf, usualRecipes } from '$core/develop';
import { takenBy } from '$core/camera';
import type { PlannedShot } from '$core/cine';
import { bestOutcome, type Outcome } from '$core/match';
import { roundToThird } from '$core/units';
import type { Judgement } from '$contract/frames';
import { filtersOf } from '$contract/own-filters';
import type { FilmRecord, FrameRecord } from '$contract/records';
import type { Creation } from '../database/record-table';
import type { Tables } from '../database/tables';
import { everything } from '../everything';
import { weekOfPractice } from './practice';
import { loads, type DemoFrame, type DemoLoad } from './loads';
import {
	cameras,
	films,
	gear,
	places,
	readings,
	stock,
	walk,
	type CameraKey,
	type FilmKey
} from './scenario';
import { onShelf } from './shelf';

const HOUR = 3_600_000;
/** Frames of a pack. */
const PACK = 8;

/** The id of a record that has just been planted. */
function planted<T>(creation: Creation<T>): string {
	if (creation.result === 'invalid')
		throw new Error(`The demo does not fit: ${JSON.stringify(creation.issues)}`);
	return creation.record.id;
}

/** How sure a look at the prints is, stops. */
const LOOK_SD = 1 / 3;

function judgementOf(
	{ error }: Outcome,
	{ off, ...more }: NonNullable<DemoFrame['came']>,
	judgedAt: string
): Judgement {
	return { stops: roundToThird(error + off), sd: LOOK_SD, by: 'prints', judgedAt, ...more };
}

/** Those fields of an object that it has. */
const pick = <T, K extends keyof T>(from: T, ...keys: K[]): Pick<T, K> =>
	Object.fromEntries(keys.filter((key) => from[key] !== undefined).map((key) => [key, from[key]])) as Pick<
		T,
		K
	>;

/** The scenes of an outing with what packing takes for each, from what is planted. */
function packed(outing: Outing, tables: Tables): Scene[] {
	const filters = filtersOf(everything(tables.gear));
	const from = { cameras: everything(tables.cameras), films: everything(tables.films), filters };
	const question = {
		cameras: from.cameras.map((camera) => ({ camera, takes: takenBy(camera) })),
		films: from.films.map((film) => ({ film, frames: PACK })),
		filters,
		tripod: true,
		scenes: outing.scenes.map((scene) => packSceneOf(outing, scene))
	};
	const uses = question.scenes.map((scene) => usesOf(question, scene));
	return withTakes(outing.scenes, packingOf(question, uses), from);
}

const hoursBefore = (now: Date) => (hours: number) => new Date(now.getTime() - hours * HOUR).toISOString();

/** What there is of a film. */
function stockOf(key: FilmKey, now: Date): Pick<FilmRecord, 'stock'> {
	const batches = stock[key]?.map(({ ago, months, ...batch }) => ({
		...batch,
		countedAt: hoursBefore(now)(ago),
		bestBefore: DateTime.fromJSDate(now, { zone: 'utc' }).plus({ months }).toFormat('yyyy-MM')
	}));
	return batches ? { stock: batches } : {};
}

/**
 * Fills an empty database with the demo; leaves one that holds anything as it is.
 *
 * @param now the moment that the demo is told from
 */
export function plantDemo(tables: Tables, now: Date): void {
	if (tables.cameras.list(1, 0).total > 0) return;
	const before = hoursBefore(now);
	const create: Create = (table, record) => planted(table.create(crypto.randomUUID(), record));

	const cameraIds = new Map(
		Object.entries(cameras).map(([key, camera]) => [key, create(tables.cameras, camera)])
	);
	const recipes = plantRecipes(tables, now, create);
	const filmIds = new Map(
		Object.entries(films).map(([key, film]) => [
			key,
			create(tables.films, { ...film, ...stockOf(key as FilmKey, now) })
		])
	);

	const frameOf = (
		loadId: string,
		load: DemoLoad,
		shots: readonly PlannedShot[],
		frame: DemoFrame,
		index: number
	): FrameRecord => {
		const predicted = bestOutcome(cameras[load.camera], films[load.film], frame.light);
		const { f, seconds, compensation, iso, position, handTimed } = predicted;
		return {
			loadId,
			number: index + 1,
			takenAt: before(frame.ago),
			light: frame.light,
			settings: { f, seconds, compensation, iso, position, handTimed },
			handheld: true,
			predicted,
			...pick(frame, 'note', 'ran'),
			...(frame.for === undefined ? {} : { shot: shots[frame.for].id }),
			...(frame.came ? { judged: judgementOf(predicted, frame.came, before(frame.ago - 1)) } : {})
		};
	};

	for (const load of loads) {
		const shots = (load.planned ?? []).map((shot) => ({ id: crypto.randomUUID(), ...shot }));
		const loadId = create(tables.loads, {
			cameraId: cameraIds.get(load.camera satisfies CameraKey)!,
			filmId: filmIds.get(load.film satisfies FilmKey)!,
			frames: load.frames,
			loadedAt: before(load.ago),
			...pick(load, 'price', 'counter', 'spool', 'unknown'),
			...(shots.length > 0 ? { shots } : {}),
			...(load.outAgo === undefined ? {} : { unloadedAt: before(load.outAgo) }),
			...(load.developIn === undefined ? {} : { process: processOf(recipes.get(load.developIn), 0) }),
			...(load.note ? { note: load.note } : {})
		});
		load.shot.forEach((frame, index) => create(tables.frames, frameOf(loadId, load, shots, frame, index)));
	}
	plantRest(tables, now, create);
}

type Create = <T>(table: { create(id: string, record: T): Creation<T> }, record: T) => string;

/** The recipes of the shelf, by their names. */
function plantRecipes(tables: Tables, now: Date, create: Create) {
	const planted = usualRecipes.map((recipe) => {
		const { daysOld, ...left } = onShelf[recipe.name] ?? {};
		const mixed = daysOld === undefined ? {} : { mixedOn: hoursBefore(now)(daysOld * 24).slice(0, 10) };
		const record = { ...recipe, ...left, ...mixed };
		return { ...record, id: create(tables.recipes, record) };
	});
	return new Map(planted.map((recipe) => [recipe.name, recipe]));
}

/** What is not of one camera: gear, practice, places, the outing, readings. */
function plantRest(tables: Tables, now: Date, create: Create): void {
	const before = hoursBefore(now);
	for (const piece of gear) create(tables.gear, piece);
	for (const exercise of weekOfPractice(now)) create(tables.exercises, exercise);
	for (const place of places) create(tables.places, place);
	const [where] = places;
	const outing = {
		name: walk.name,
		date: localTime(now.getTime(), zoneAt(where.latitude, where.longitude)).date,
		where,
		scenes: walk.scenes.map((scene) => ({ id: crypto.randomUUID(), ...scene }))
	};
	create(tables.outings, { ...outing, scenes: packed(outing, tables) });
	for (const { ago, light, name } of readings) {
		create(tables.readings, { takenAt: before(ago), light, where, ...(name ? { name } : {}) });
	}
}
