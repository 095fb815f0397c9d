import { cameraKind } from '../core/camera';
import type { FilmType } from '../core/film';
import { instantOf, zoneAt } from '../core/light';
import { knownSettings, wishProblems } from '../core/match';
import type { NotebookRow } from '../core/notebook';
import type { Coordinates } from './coordinates';
import { withPrediction } from './predicted';
import type { CameraRecord, FilmRecord, FrameRecord, LoadRecord, PlaceRecord, Stored } from './records';

/** Frames of an old notebook as records: with their loads, and with the cameras and films that are not there yet. */

type Kept<T> = T & Stored;

/** What stands for a camera or a film of the notebook: one that is there, or what a new one is made from. */
export type CameraChoice = { id: string } | { kind: string };
export type FilmChoice = { id: string } | { type: FilmType; iso: number };

export interface NotebookChoices {
	/** By the name that is written. */
	cameras: Readonly<Record<string, CameraChoice>>;
	/** By `filmKey`. */
	films: Readonly<Record<string, FilmChoice>>;
	/** Time zone of what is written without a place. */
	zone: string;
}

/** What is there already. */
export interface Bag {
	cameras: readonly Kept<CameraRecord>[];
	films: readonly Kept<FilmRecord>[];
	places: readonly PlaceRecord[];
}

export interface NotebookRecords {
	cameras: Kept<CameraRecord>[];
	films: Kept<FilmRecord>[];
	loads: Kept<LoadRecord>[];
	frames: Kept<FrameRecord>[];
}

/** Films of one name and of two speeds are two. */
export const filmKey = ({ film, iso }: Pick<NotebookRow, 'film' | 'iso'>): string =>
	[film, iso].filter((part) => part !== undefined && part !== '').join(' · ISO ');

const same = (one: string, other: string) => one.trim().toLowerCase() === other.trim().toLowerCase();

/** The camera of the bag that a name means. */
export const cameraNamed = (bag: Bag, name: string) => bag.cameras.find((camera) => same(camera.name, name));
/** The film of the bag that a row means. */
export const filmNamed = (bag: Bag, { film, iso }: Pick<NotebookRow, 'film' | 'iso'>) =>
	bag.films.find((each) => same(each.name, film) && (iso === undefined || each.iso === iso)) ??
	(iso === undefined
		? undefined
		: bag.films.find((each) => same(each.name, `${film} ${iso}`) && each.iso === iso));

/** Rows of one load with the number of each. */
interface Pack {
	camera: string;
	film: string;
	roll: string;
	rows: { row: NotebookRow; number: number }[];
}

/**
 * Rows by their loads: of one camera, film and roll. Where no roll is written a new one begins when the numbers begin
 * anew.
 */
export function packsOf(rows: readonly NotebookRow[]): Pack[] {
	const packs: Pack[] = [];
	for (const row of rows) {
		const film = filmKey(row);
		const isOf = (pack: Pack) => pack.camera === row.camera && pack.film === film && pack.roll === row.roll;
		const open = packs.findLast(isOf);
		const last = open?.rows.at(-1)?.number ?? 0;
		const number = row.number ?? last + 1;
		if (open && (row.roll !== '' || number > last)) open.rows.push({ row, number });
		else packs.push({ camera: row.camera, film, roll: row.roll, rows: [{ row, number }] });
	}
	return packs;
}

/** Numbers that a load has twice, by line. */
export function twice(packs: readonly Pack[]): Map<number, string> {
	const found = new Map<number, string>();
	for (const { rows } of packs) {
		const seen = new Set<number>();
		for (const { row, number } of rows) {
			if (seen.has(number)) found.set(row.line, `frame ${number} appears twice on this roll`);
			seen.add(number);
		}
	}
	return found;
}

/** Each row with all that is wrong with it, by itself or beside the others. */
export function withProblems(rows: readonly NotebookRow[]): { row: NotebookRow; problems: string[] }[] {
	const again = twice(packsOf(rows));
	return rows.map((row) => ({ row, problems: [...row.problems, ...[again.get(row.line) ?? []].flat()] }));
}

const NOON = 12 * 60;
const LAST_MINUTE = 24 * 60 - 1;
const two = (value: number) => String(value).padStart(2, '0');

/** A time for a frame that has none: noon, and a minute for each frame, so that they stay in order. */
function minuteOf(number: number): string {
	const minute = Math.min(LAST_MINUTE, NOON + number - 1);
	return `${two(Math.floor(minute / 60))}:${two(minute % 60)}`;
}

/** Doubt of a light that somebody wrote down, and of how a frame came out by what they wrote, stops. */
const LIGHT_SD = 0.5;
const JUDGED_SD = 0.5;

const given = <T extends object>(fields: T): Partial<T> =>
	Object.fromEntries(
		Object.entries(fields).filter(([, value]) => value !== undefined && value !== '')
	) as Partial<T>;

function whereOf(
	row: NotebookRow,
	places: readonly PlaceRecord[]
): (Coordinates & { name?: string }) | undefined {
	const { latitude, longitude, place } = row;
	if (latitude !== undefined && longitude !== undefined)
		return { latitude, longitude, ...(place && { name: place }) };
	const known = place ? places.find(({ name }) => same(name, place)) : undefined;
	return known && { latitude: known.latitude, longitude: known.longitude, name: known.name };
}

/** What is written of its settings, and what the camera cannot change. */
function settingsOf(
	{ f, seconds, wheel }: NotebookRow,
	camera: CameraRecord,
	film: FilmRecord
): FrameRecord['settings'] {
	const known = knownSettings(camera, film, {});
	return {
		f: f ?? known.f,
		seconds: seconds ?? known.seconds,
		compensation: wheel ?? known.compensation,
		iso: known.iso
	};
}

/** Whether a camera can be set so, where not all of it is known: the rest is then what suits best. */
function canBeSet(camera: CameraRecord, { f, seconds, compensation, iso }: FrameRecord['settings']): boolean {
	if (f !== null && seconds !== null) return true;
	const set = { aperture: f, seconds, compensation, iso };
	const known = Object.fromEntries(Object.entries(set).filter(([, value]) => value !== null));
	return wishProblems(camera, known).length === 0;
}

function frameOf(
	{ row, number }: Pack['rows'][number],
	loadId: string,
	{ camera, film, bag, zone: otherwise }: { camera: CameraRecord; film: FilmRecord; bag: Bag; zone: string }
): FrameRecord {
	const where = whereOf(row, bag.places);
	const zone = where ? zoneAt(where.latitude, where.longitude) : otherwise;
	const takenAt = instantOf(row.date!, row.clock ?? minuteOf(number), zone)!.at;
	const { ev, outcome } = row;
	const settings = settingsOf(row, camera, film);
	// Without a light that goes with its settings nothing is promised; what was written is kept as it is written.
	const goes = ev !== undefined && canBeSet(camera, settings);
	const frame: FrameRecord = {
		loadId,
		number,
		takenAt,
		zone,
		light: goes ? { ev, sd: LIGHT_SD } : null,
		settings,
		predicted: null,
		...given({
			subject: row.subject,
			note: [row.note, where ? undefined : row.place, ev !== undefined && !goes && `EV ${ev}`]
				.filter(Boolean)
				.join(' · '),
			distance: row.distance,
			where
		}),
		...(outcome !== undefined && {
			judged: { stops: outcome, sd: JUDGED_SD, by: 'eye' as const, judgedAt: takenAt }
		})
	};
	return withPrediction(camera, film, frame);
}

const inOrder = (frames: readonly FrameRecord[]) =>
	frames.map(({ takenAt }) => takenAt).toSorted((a, b) => Date.parse(a) - Date.parse(b));

/**
 * What a notebook brings.
 *
 * @param rows without problems
 * @param newId makes ids
 */
export function notebookRecords(
	rows: readonly NotebookRow[],
	{ cameras, films, zone }: NotebookChoices,
	bag: Bag,
	newId: () => string
): NotebookRecords {
	const made: NotebookRecords = { cameras: [], films: [], loads: [], frames: [] };
	const stored = <T extends object>(record: T, id = newId()): Kept<T> => ({ ...record, id, version: 1 });
	const bodies = new Map<string, Kept<CameraRecord>>();
	const stocks = new Map<string, Kept<FilmRecord>>();

	function cameraOf(name: string): Kept<CameraRecord> {
		const choice = cameras[name];
		const there = 'id' in choice ? bag.cameras.find(({ id }) => id === choice.id) : bodies.get(name);
		if (there) return there;
		const kind = cameraKind((choice as { kind: string }).kind)!;
		const camera = stored<CameraRecord>({ name: name || kind.name, kind: kind.id, ...kind.camera });
		made.cameras.push(camera);
		bodies.set(name, camera);
		return camera;
	}
	function filmOf(key: string, row: NotebookRow): Kept<FilmRecord> {
		const choice = films[key];
		const there = 'id' in choice ? bag.films.find(({ id }) => id === choice.id) : stocks.get(key);
		if (there) return there;
		const { type, iso } = choice as { type: FilmType; iso: number };
		const film = stored<FilmRecord>({ name: row.film || `Film ${iso}`, type, iso });
		made.films.push(film);
		stocks.set(key, film);
		return film;
	}

	for (const { camera: name, film: key, roll, rows: packed } of packsOf(rows)) {
		const [camera, film] = [cameraOf(name), filmOf(key, packed[0].row)];
		const loadId = newId();
		const frames = packed.map((each) => frameOf(each, loadId, { camera, film, bag, zone }));
		const times = inOrder(frames);
		const most = Math.max(...packed.map(({ number }) => number));
		const load: LoadRecord = {
			cameraId: camera.id,
			filmId: film.id,
			frames: Math.max(most, cameraKind(camera.kind)?.frames ?? most),
			loadedAt: times[0],
			unloadedAt: times.at(-1)!,
			...(roll && { note: roll })
		};
		made.loads.push(stored(load, loadId));
		made.frames.push(...frames.map((frame) => stored(frame)));
	}
	return made;
}
