import { takenBy } from '$core/camera';
import { goesInto } from '$core/film';
import { takesHabit } from '$core/light';
import {
	bodyPriorOf,
	cameraLesson,
	learntFor,
	taughtBy,
	tellingFrame,
	wayLessons,
	type LearntQuestion,
	type Pair
} from '$core/learn';
import { wayOfReading } from '$words';
import type { CameraRecord, FilmRecord } from '$contract/records';
import { inUse } from '../in-use';
import type { Kept, Teachings } from '../records';
import type { Part } from './part';
import { teachingOf, withKnown, withThings } from './told';

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

export type Lesson = NonNullable<ReturnType<typeof lessonOf>>;
export type Ways = ReturnType<typeof waysOf>;

/** What the judged frames of one camera teach; null where there is none of them that was read, and nothing else is known. */
export function lessonOf(from: Teachings, id: string, part: Part) {
	const { cameras, films } = from;
	const camera = cameras.get(id);
	if (!camera) return null;
	const bag: Bag = { cameras: inUse(cameras.all()), films: inUse(films.all()) };
	const all = part.frames();
	const own = all.filter((each) => each.camera.id === camera.id);
	const known = camera.known?.findLast(({ filmId }) => films.get(filmId));
	const film = own.at(-1)?.film ?? (known && films.get(known.filmId));
	if (!film) return null;
	const pairs = pairsFor(camera, new Set(own.map(({ film }) => film.id)), bag);
	const asked = [{ camera: camera.id, film: film.id }, ...pairs];
	const { told, things } = withKnown(from, withThings(from, teachingOf(all), asked));
	const taught = taughtBy(told, things, id);
	const { wild, undecided, withFilms, ...learnt } = cameraLesson(taught, id);
	const { stops, sd } = bodyPriorOf(camera, camera.learnt);
	const telling = tellingFrame(taught, things, id, pairs);
	const filmOf = (film: string) => films.get(film)!.name;
	return {
		film,
		prior: { stops, sd },
		learnt,
		judged: own.length,
		telling: telling && {
			...telling,
			camera: cameras.get(telling.camera)!.name,
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

/** What judged frames teach of each way of reading, and which ways something may be taken off. */
export function waysOf(from: Teachings, part: Part) {
	const newest = part.frames();
	const [first] = newest;
	if (!first) return { lessons: [], taken: [] };
	const { told, things } = withKnown(from, teachingOf(newest));
	return {
		lessons: wayLessons(taughtBy(told, things, first.camera.id)),
		taken: [
			...new Set(newest.flatMap(({ frame: { light } }) => (takesHabit(light) ? [wayOfReading(light)] : [])))
		]
	};
}

/** What is known of a camera with a film. */
export function soFarOf(from: Teachings, asked: LearntQuestion, part: Part, without?: string) {
	const all = part.frames().filter(({ load }) => load.id !== without);
	const { told, things } = withKnown(from, withThings(from, teachingOf(all), [asked]));
	return learntFor(taughtBy(told, things, asked.camera), things, asked);
}
