import { takenBy } from '$core/camera';
import { goesInto, latitudeOf } from '$core/film';
import { resolveLight, takesHabit, type Light } from '$core/light';
import {
	brierScore,
	promiseBins,
	standings,
	type LearntSoFar,
	type Pair,
	type PromisedFrame
} from '$core/learn';
import { wayOfReading } from '$core/words';
import type { LearntQuery } from '$contract/learn';
import { chanceWithin, expectedOf } from '$core/match';
import type { CameraRecord, FilmRecord, LoadRecord } from '$contract/records';
import type { Issue } from '$contract/validate';
import { everything } from './everything';
import type { Kept } from './database/record-table';
import { inThread } from './heavy/pool';
import { agreedHabits } from './practice';
import { store } from './store';
import { NEWEST_FRAMES, partOf, teachingOf, told, withKnown, withThings, type Told } from './told';

const NAMED_OUTLIERS = 6;

/** Everything in the bag that may be shot. */
interface Bag {
	cameras: Kept<CameraRecord>[];
	films: Kept<FilmRecord>[];
}

/** What can be shot to know a camera better: any film in it, and its films in any other. */
function pairsFor(camera: Kept<CameraRecord>, used: ReadonlySet<string>, { cameras, films }: Bag): Pair[] {
	return cameras.flatMap((body) =>
		films
			.filter((film) => (body.id === camera.id || used.has(film.id)) && goesInto(film, takenBy(body)))
			.map((film) => ({ camera: body.id, film: film.id }))
	);
}

/** What the judged frames of one camera teach. */
async function lessonOf(camera: Kept<CameraRecord>, bag: Bag) {
	const { films } = store();
	const all = partOf(camera.id);
	const own = all.filter((each) => each.camera.id === camera.id);
	const film =
		own.at(-1)?.film ?? films.get(camera.known!.findLast(({ filmId }) => films.get(filmId))!.filmId)!;
	const pairs = pairsFor(camera, new Set(own.map(({ film }) => film.id)), bag);
	const asked = withKnown(withThings(teachingOf(all), [{ camera: camera.id, film: film.id }, ...pairs]));
	const { lesson, prior, telling } = await inThread('lesson', asked, camera.id, pairs);
	const { wild, undecided, withFilms, ...learnt } = lesson;
	const filmOf = (id: string) => films.get(id)!.name;
	return {
		camera,
		film,
		prior,
		learnt,
		judged: own.length,
		telling: telling && {
			...telling,
			camera: store().cameras.get(telling.camera)!.name,
			film: filmOf(telling.film)
		},
		undecided: undecided && { ...undecided, film: filmOf(undecided.film) },
		withFilms: withFilms.map((each) => ({ ...each, film: filmOf(each.film) })),
		outliers: own
			.filter(({ frame }) => wild.includes(frame.id))
			.slice(-NAMED_OUTLIERS)
			.map(({ frame: { id, number, judged } }) => ({ id, number, stops: judged.stops }))
	};
}

/** What frames have taught of a body, where that is in use; null: nothing, or it is not. */
export async function bodyOf(
	camera: Kept<CameraRecord>
): Promise<{ stops: number; sd: number; frames: number } | null> {
	if (!isLearntFrom(camera)) return null;
	const all = partOf(camera.id);
	if (!all.some((each) => each.camera.id === camera.id)) return null;
	const { lesson } = await inThread('lesson', withKnown(teachingOf(all)), camera.id, []);
	const { stops, sd, frames } = lesson;
	return { stops, sd, frames };
}

/** What judged frames teach of each way of reading, and what is taken off it now. */
async function habitLessons() {
	const newest = told({}, NEWEST_FRAMES);
	const used = agreedHabits();
	const taken = new Set(
		newest.flatMap(({ frame: { light } }) => (takesHabit(light) ? [wayOfReading(light)] : []))
	);
	const all = await inThread('ways', withKnown(teachingOf(newest)));
	return all.map((lesson) => ({
		...lesson,
		used: Object.hasOwn(used, lesson.way) ? used[lesson.way] : null,
		mayUse: taken.has(lesson.way)
	}));
}

/** What judged frames teach of each camera, and of the person's eye. */
export async function lessons() {
	const { cameras, films, search } = store();
	const bodies = everything(cameras);
	const judged = new Set(search.judgedCameras());
	const taught = bodies.filter(
		({ id, known = [] }) => judged.has(id) || known.some(({ filmId }) => films.get(filmId))
	);
	const inUse = <R extends { archived?: boolean }>(records: R[]) =>
		records.filter(({ archived }) => !archived);
	const bag = { cameras: inUse(bodies), films: inUse(everything(films)) };
	const asked: ReturnType<typeof lessonOf>[] = [];
	for (const camera of taught) {
		asked.push(lessonOf(camera, bag));
		// What is read for each keeps others waiting: they come in between.
		await new Promise((resolve) => setImmediate(resolve));
	}
	const all = await Promise.all(asked);
	return {
		lessons: all.sort((a, b) => a.camera.name.localeCompare(b.camera.name)),
		habits: await habitLessons(),
		cameras: bag.cameras,
		/** What was said of a film that is put away still holds. */
		films: everything(films)
	};
}

/** What is asked of a camera: its film is known by now. */
export type LearntAsked = LearntQuery & { film: string };

/** A question by ids, or what is wrong with it: a film is named, or is that of a load. */
export function askedOf(
	camera: Kept<CameraRecord>,
	{ film, load, way }: LearntQuery
): LearntAsked | { issues: Issue[] } {
	const { films, loads } = store();
	const pack = load && loads.get(load.toLowerCase());
	const wrong = (path: string, message: string) => ({ issues: [{ path, message }] });
	if (load !== undefined && (!pack || pack.cameraId !== camera.id))
		return wrong('load', 'there is no such load of this camera');
	const inside = film?.toLowerCase() ?? (pack ? pack.filmId : undefined);
	if (inside === undefined) return wrong('film', 'give a film, or a load');
	if (!films.get(inside)) return wrong('film', 'there is no such film');
	return { film: inside, ...(pack && { load: pack.id }), ...(way && { way }) };
}

/** What was worked out since the last frame was judged: a body wanders little in an hour. */
const worked = new Map<string, Promise<LearntSoFar>>();
let workedAt = '';
const HOUR_MS = 3_600_000;
const MOST_KEPT = 500;

/**
 * What is known of a camera with a film.
 *
 * @param without a load whose frames are left out
 */
export function learntOf(
	camera: Kept<CameraRecord>,
	asked: LearntAsked,
	without?: string
): Promise<LearntSoFar> {
	const now = `${store().teachings()} ${Math.floor(Date.now() / HOUR_MS)}`;
	if (now !== workedAt || worked.size >= MOST_KEPT) worked.clear();
	workedAt = now;
	const key = JSON.stringify([camera.id, asked, without]);
	const known = worked.get(key) ?? workOut(camera, asked, without);
	worked.set(key, known);
	// What could not be worked out is tried again when it is asked for again.
	known.catch(() => worked.delete(key));
	return known;
}

function workOut(camera: Kept<CameraRecord>, asked: LearntAsked, without?: string): Promise<LearntSoFar> {
	const all = partOf(camera.id).filter(({ load }) => load.id !== without);
	const teaching = withKnown(withThings(teachingOf(all), [{ camera: camera.id, film: asked.film }]));
	return inThread('learntFor', teaching, {
		load: null,
		...asked,
		camera: camera.id,
		at: new Date().toISOString()
	});
}

/** Whether a camera is answered with what its frames taught. */
export const isLearntFrom = ({ learnt }: CameraRecord): boolean => learnt !== undefined && !learnt.ignored;

/** What is known of cameras that are answered with what their frames taught, by load: all but the load's own frames. */
export async function learntByLoad(loads: readonly Kept<LoadRecord>[]): Promise<Record<string, LearntSoFar>> {
	const { cameras } = store();
	const inUse = loads.flatMap((load) => {
		const camera = cameras.get(load.cameraId);
		return camera && isLearntFrom(camera) ? [{ load, camera }] : [];
	});
	const known = await Promise.all(
		inUse.map(({ load, camera }) => learntOf(camera, { film: load.filmId }, load.id))
	);
	return Object.fromEntries(inUse.map(({ load }, at) => [load.id, known[at]]));
}

const MOST_STANDINGS = 200;

/** What was promised; anew where the film was then developed otherwise than it was shot for. */
function promiseOf({ frame, camera, film }: Told): number {
	const { light, settings, predicted, handheld, filters, exposures } = frame;
	const moved = (film.processStops ?? 0) - (frame.film?.processStops ?? 0);
	if (!frame.film || moved === 0) return predicted.chances.usable;
	const { sd } = expectedOf(camera, film, light, { handheld, filters, exposures }, settings);
	return chanceWithin(latitudeOf(film).usable, predicted.error + moved, sd);
}

function promised(each: Told): PromisedFrame {
	const { frame, load, film } = each;
	const { usable } = latitudeOf(film);
	const { stops } = frame.judged;
	return {
		promised: promiseOf(each),
		cameOut: stops >= usable[0] && stops <= usable[1],
		takenAt: Date.parse(frame.takenAt),
		...(load.price === undefined ? {} : { cost: load.price / load.frames })
	};
}

/** Light as it is told apart here, EV from and to. */
const lights: Readonly<Record<string, readonly [from: number, to: number]>> = {
	night: [-Infinity, 5],
	'rooms and dusk': [5, 9],
	'shade and grey days': [9, 13],
	sun: [13, Infinity]
};

function isIn(light: Light, band: string): boolean {
	if (!Object.hasOwn(lights, band)) return true;
	const { ev } = resolveLight(light);
	return ev >= lights[band][0] && ev < lights[band][1];
}

/** Exposed well enough, and lost by what no exposure mends. */
const isLostOtherwise = ({ frame }: Told): boolean =>
	(frame.judged.faults ?? []).some((fault) => fault === 'blur' || fault === 'focus');

/** Promises are looked at so far back: what was promised before says little of those of today. */
const LOOKED_AT = 1000;

/** What was promised against what came out, of all frames or of some. */
export function honesty(query: URLSearchParams) {
	const { cameras, films, search } = store();
	const asked = {
		camera: query.get('camera') ?? '',
		film: query.get('film') ?? '',
		way: query.get('way') ?? '',
		light: query.get('light') ?? ''
	};
	const picked = { camera: asked.camera || undefined, film: asked.film || undefined };
	const all = told(picked, LOOKED_AT);
	const ways = [...new Set(all.map(({ frame }) => wayOfReading(frame.light)))].sort();
	const chosen = all
		.filter(({ frame }) => asked.way === '' || wayOfReading(frame.light) === asked.way)
		.filter(({ frame }) => isIn(frame.light, asked.light));
	const shown = chosen.map(promised);
	const lost = shown.filter(({ cameOut }, at) => cameOut && isLostOtherwise(chosen[at]));
	const stood = standings(shown);
	const step = Math.max(1, Math.ceil(stood.length / MOST_STANDINGS));
	return {
		asked,
		/** Only so many of the newest were looked at; null: all of them. */
		newest:
			search.page({ ...picked, state: 'judged', order: 'newest' }, 1, 0).total > LOOKED_AT ? LOOKED_AT : null,
		frames: shown.length,
		bins: promiseBins(shown),
		score: shown.length > 0 ? brierScore(shown) : null,
		lostOtherwise: lost.length,
		standings: stood.filter((_, at) => (stood.length - 1 - at) % step === 0),
		cameras: everything(cameras).map(({ id, name }) => ({ id, name })),
		films: everything(films).map(({ id, name }) => ({ id, name })),
		ways,
		lights: Object.keys(lights)
	};
}
