import { inProcess } from '$core/film';
import type { Habit } from '$core/light';
import {
	conditionKey,
	eyeError,
	errorOf,
	groupedBy,
	ownDoubts,
	schoolsCompared,
	timeOfDay,
	type DrillBag,
	type DrillKind,
	type Exercise,
	type Guess,
	type OwnDoubt
} from '$core/practice';
import { namedInWords } from '$core/words';
import { filtersOf, type ExerciseRecord } from '$contract/records';
import type { Kept } from './database/record-table';
import { everything } from './everything';
import { store } from './store';

/** Exercises that the course of a day depends on. */
const NEWEST = 1000;

const only = <K extends Exercise['kind']>(kind: K) =>
	store().exercises.where('kind', kind) as Kept<Extract<ExerciseRecord, { kind: K }>>[];

const isAgreed = () => only('doubt')[0]?.agreed ?? false;

/** What the page of the day's course shows. */
export function practising() {
	const { cameras, loads, films, gear, exercises } = store();
	const inUse = everything(cameras).filter(({ archived }) => !archived);
	const loaded = loads.where('in_camera', 1).flatMap(({ cameraId, filmId, process }) => {
		const camera = inUse.find(({ id }) => id === cameraId);
		const film = films.get(filmId);
		return camera && film ? [{ camera, film: inProcess(film, process) }] : [];
	});
	const bag: DrillBag = { cameras: inUse, loaded, filters: filtersOf(everything(gear)) };
	return { exercises: exercises.list(NEWEST, 0).items, bag };
}

/** The person's own doubts by practice that readings on Shoot carry; none before they agree. */
export function agreedDoubts(): OwnDoubt[] {
	return isAgreed() ? ownDoubts(only('seeing')) : [];
}

/** What is taken off readings by their way, where the person agreed to that; the last word counts. */
export function agreedHabits(): Record<string, Habit> {
	const last = new Map(
		only('habit')
			.toReversed()
			.map(({ way, habit }) => [way, habit])
	);
	return Object.fromEntries([...last].flatMap(([way, habit]) => (habit ? [[way, habit]] : [])));
}

/** How often the person has guessed a light in practice. */
export const guessesSoFar = (): number =>
	store().exercises.page({ limit: 1, filters: { kind: 'seeing' } })?.total ?? 0;

/** Guesses shown as they went. */
const NEWEST_POINTS = 120;

/** How the guesses of each group run. */
const runsBy = (guesses: readonly Guess[], key: (guess: Guess) => string, name: (guess: Guess) => string) =>
	[...groupedBy(guesses, key).values()]
		.map((group) => ({ name: name(group[0]), error: eyeError(group.map(errorOf))! }))
		.sort((a, b) => b.error.guesses - a.error.guesses || a.name.localeCompare(b.name));

/** What practice has shown so far. */
export function progress() {
	const guesses = only('seeing').toReversed();
	const drills = only('drill');
	return {
		agreed: isAgreed(),
		all: eyeError(guesses.map(errorOf)),
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
