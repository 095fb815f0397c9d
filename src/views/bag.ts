import { DateTime } from 'luxon';
import { asLoaded, goesInto, nextBatch, packsLeft, stockLeft, type BatchLeft } from '$core/film';
import { takenBy } from '$core/camera';
import type { CameraRecord, FilmRecord, OutingRecord } from '$contract/records';
import { inUse } from './in-use';
import { learntByLoad } from './learn/learnt';
import { agreedDoubts, agreedHabits, guessesSoFar } from './practice';
import type { Kept, ViewRecords } from './records';

/** Readings that one tap takes again. */
const LAST_READINGS = 6;

/** Whether an outing is taken along, or may be on somewhere on earth today. */
function mayBeOn({ along, date }: OutingRecord): boolean {
	if (along !== undefined) return along;
	return Math.abs(DateTime.fromISO(date, { zone: 'utc' }).diffNow('days').days) < 3;
}

/** The bag, the loads in cameras, their frames, the last readings, own landmarks and places: where nothing is answered. */
export async function plainRecords(from: ViewRecords) {
	const [cameras, films, gear, places, outings, inCameras] = await Promise.all([
		from.cameras.all(),
		from.films.all(),
		from.gear.all(),
		from.places.all(),
		from.outings.all(),
		from.loads.inCameras()
	]);
	const on = outings.filter(mayBeOn);
	const [taken, readings, landmarks, doubts, habits, guesses] = await Promise.all([
		Promise.all([
			...inCameras.map(({ id }) => from.frames.ofLoad(id)),
			...on.map(({ id }) => from.frames.ofOuting(id))
		]),
		from.readings.last(LAST_READINGS),
		from.readings.landmarks(),
		agreedDoubts(from),
		agreedHabits(from),
		guessesSoFar(from)
	]);
	return {
		cameras,
		films,
		loads: inCameras,
		frames: [...new Map(taken.flat().map((frame) => [frame.id, frame])).values()],
		gear,
		outings: on,
		readings,
		landmarks,
		places,
		doubts,
		habits,
		guesses,
		learnt: {}
	};
}

/** What the Shoot view is derived from: the same, with what frames have taught. */
export async function bagRecords(from: ViewRecords) {
	const records = await plainRecords(from);
	return { ...records, learnt: await learntByLoad(from, records) };
}

/** What a load of a film usually is, and what there is of it. */
export interface UsualLoad {
	/** Absent where it was never loaded. */
	frames?: number;
	price?: number;
	/** Packs that are left; absent where nobody counts them. */
	left?: number;
}

/** What is known of a film's loads; a price that was paid for what is left is nearer than one of long ago. */
async function usualOf(from: ViewRecords, film: Kept<FilmRecord>): Promise<UsualLoad> {
	const last = await from.loads.lastOf(film.id);
	const batches = film.stock && (await leftOf(from, film));
	const next = batches?.find(({ left, price }) => left > 0 && price !== undefined);
	return {
		frames: last?.load.frames,
		price: next?.price ?? last?.price,
		left: batches && packsLeft(batches)
	};
}

/** The bag, and of each film how its last load was and what there is of it: what packing asks beside. */
export async function packingRecords(from: ViewRecords) {
	return withUsual(from, await bagRecords(from));
}

/** Records, and of each film how its last load was. */
async function withUsual<R extends { films: Kept<FilmRecord>[] }>(from: ViewRecords, records: R) {
	const known = await Promise.all(records.films.map((film) => usualOf(from, film)));
	const usual: Record<string, UsualLoad> = Object.fromEntries(
		records.films.map(({ id }, at) => [id, known[at]])
	);
	return { ...records, usual };
}

/** What is left of a film, batch by batch; nothing where nobody counts it. */
const leftOf = async ({ loads }: ViewRecords, { id, stock }: Kept<FilmRecord>): Promise<BatchLeft[]> =>
	stock ? stockLeft(stock, await loads.timesOf(id)) : [];

/** The packs or rolls of each film that its next load is of. */
export async function nextBatches(from: ViewRecords): Promise<Record<string, BatchLeft>> {
	const counted = (await from.films.all()).filter(({ stock }) => stock);
	const next = await Promise.all(
		counted.map(async (film) => ({ id: film.id, batch: nextBatch(await leftOf(from, film)) }))
	);
	return Object.fromEntries(next.flatMap(({ id, batch }) => (batch ? [[id, batch]] : [])));
}

/** A day, and one more for those who are far in the west. */
const TWO_DAYS = 2 * 86_400_000;

/** What there is of each film that is not put away, what is best before the soonest first, and what is planned. */
export async function stockView(from: ViewRecords) {
	const films = inUse(await from.films.all());
	const left = await Promise.all(films.map((film) => leftOf(from, film)));
	const outings = (await from.outings.all()).filter(({ date }) => Date.parse(date) + TWO_DAYS > Date.now());
	return {
		films: films.map((film, at) => ({ film, batches: left[at] })),
		outings,
		records: await withUsual(from, await plainRecords(from))
	};
}

/** Films of the bag that fit a camera; the one that is in it first. */
export async function filmsFor(from: ViewRecords, camera: Kept<CameraRecord>): Promise<FilmRecord[]> {
	const load = (await from.loads.ofCamera(camera.id)).find(({ unloadedAt }) => unloadedAt === undefined);
	const film = load && (await from.films.get(load.filmId));
	const inside = film && asLoaded(film, load);
	const takes = takenBy(camera, inside);
	const fitting = (await from.films.all()).filter(
		(film) => !film.archived && film.id !== inside?.id && goesInto(film, takes)
	);
	return inside ? [inside, ...fitting] : fitting;
}
