import { asLoaded } from '$core/film';
import type { Habit } from '$core/light';
import {
	certificateOf,
	conditionKey,
	eyeError,
	errorOf,
	groupedBy,
	ownDoubts,
	schoolsCompared,
	timeOfDay,
	type DrillBag,
	type DrillKind,
	type Guess,
	type OwnDoubt
} from '$core/practice';
import { namedInWords } from '$words';
import { filtersOf } from '$contract/own-filters';
import type { ViewRecords } from './records';

/** Exercises that the course of a day depends on. */
const NEWEST = 1000;

const isAgreed = async ({ exercises }: ViewRecords) => (await exercises.only('doubt'))[0]?.agreed ?? false;

/** What the page of the day's course shows. */
export async function practising(from: ViewRecords) {
	const [cameras, films, gear, inCameras, exercises] = await Promise.all([
		from.cameras.all(),
		from.films.all(),
		from.gear.all(),
		from.loads.inCameras(),
		from.exercises.last(NEWEST)
	]);
	const inUse = cameras.filter(({ archived }) => !archived);
	const loaded = inCameras.flatMap((load) => {
		const camera = inUse.find(({ id }) => id === load.cameraId);
		const film = films.find(({ id }) => id === load.filmId);
		return camera && film ? [{ camera, film: asLoaded(film, load) }] : [];
	});
	const bag: DrillBag = { cameras: inUse, loaded, filters: filtersOf(gear) };
	return { exercises, bag };
}

/** The person's own doubts by practice that readings on Shoot carry; none before they agree. */
export async function agreedDoubts(from: ViewRecords): Promise<OwnDoubt[]> {
	return (await isAgreed(from)) ? ownDoubts(await from.exercises.only('seeing')) : [];
}

/** What is taken off readings by their way, where the person agreed to that; the last word counts. */
export async function agreedHabits({ exercises }: ViewRecords): Promise<Record<string, Habit>> {
	const said = await exercises.only('habit');
	const last = new Map(said.toReversed().map(({ way, habit }) => [way, habit]));
	return Object.fromEntries([...last].flatMap(([way, habit]) => (habit ? [[way, habit]] : [])));
}

/** How often the person has guessed a light in practice. */
export const guessesSoFar = ({ exercises }: ViewRecords) => exercises.count('seeing');

/** Guesses shown as they went. */
const NEWEST_POINTS = 120;

/** How the guesses of each group run. */
const runsBy = (guesses: readonly Guess[], key: (guess: Guess) => string, name: (guess: Guess) => string) =>
	[...groupedBy(guesses, key).values()]
		.map((group) => ({ name: name(group[0]), error: eyeError(group.map(errorOf))! }))
		.sort((a, b) => b.error.guesses - a.error.guesses || a.name.localeCompare(b.name));

/** What the eye can be trusted to, with the lights as they are called. */
function certified(guesses: readonly Guess[]) {
	const { conditions, ...certificate } = certificateOf(guesses);
	const names = new Map(guesses.map(({ named }) => [conditionKey(named), namedInWords(named)]));
	return { ...certificate, conditions: conditions.map((each) => ({ ...each, name: names.get(each.of)! })) };
}

/** What practice has shown so far. */
export async function progress(from: ViewRecords) {
	const guesses = (await from.exercises.only('seeing')).toReversed();
	const drills = await from.exercises.only('drill');
	return {
		agreed: await isAgreed(from),
		all: eyeError(guesses.map(errorOf)),
		certificate: certified(guesses),
		points: guesses.slice(-NEWEST_POINTS).map((guess) => ({ at: guess.at, error: errorOf(guess) })),
		conditions: runsBy(
			guesses,
			({ named }) => conditionKey(named),
			({ named }) => namedInWords(named)
		),
		times: runsBy(
			guesses,
			({ clock }) => timeOfDay(clock),
			({ clock }) => timeOfDay(clock)
		),
		schools: schoolsCompared(guesses),
		drills: [...new Set(drills.map(({ card }) => card))].map((card: DrillKind) => {
			const answers = drills.filter((drill) => drill.card === card);
			return { card, answers: answers.length, right: answers.filter(({ right }) => right).length };
		}),
		doubts: ownDoubts(guesses).map((doubt) => {
			const example = guesses.find(({ named }) => conditionKey(named) === doubt.of);
			return { ...doubt, name: example ? namedInWords(example.named) : 'A plain guess of the EV' };
		}),
		days: [...new Set([...guesses, ...drills].map(({ day }) => day))]
	};
}
