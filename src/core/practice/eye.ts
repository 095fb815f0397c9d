import chiSquareQuantile from '@stdlib/stats-base-dists-chisquare-quantile';
import tQuantile from '@stdlib/stats-base-dists-t-quantile';
import { resolveLight, schools, type ShadowsReading } from '../light';
import { calledBy } from './skills';
import type { Guess, Named } from './types';

/** How a person's guesses run, stops; + = the light was taken for brighter than it was. */
export interface EyeError {
	guesses: number;
	/** Mean error. */
	bias: number;
	/** Where the true mean lies, nine times in ten; absent for a single guess. */
	biasWithin?: [from: number, to: number];
	/** Standard deviation about the mean; absent for a single guess. */
	spread?: number;
	spreadWithin?: [from: number, to: number];
}

const TAIL = 0.05;

/**
 * Mean and spread of errors, with their intervals.
 * Source: Student's interval of a mean and the chi-square interval of a standard deviation, as in any
 * textbook of statistics.
 *
 * @param errors stops
 * @returns null where there are none
 * @example eyeError([0, 1, 0.5]) // { guesses: 3, bias: 0.5, spread: 0.5, … }
 */
export function eyeError(errors: readonly number[]): EyeError | null {
	const guesses = errors.length;
	if (guesses === 0) return null;
	const bias = errors.reduce((sum, each) => sum + each, 0) / guesses;
	if (guesses === 1) return { guesses, bias };
	const squares = errors.reduce((sum, each) => sum + (each - bias) ** 2, 0);
	const free = guesses - 1;
	const spread = Math.sqrt(squares / free);
	const half = (tQuantile(1 - TAIL, free) * spread) / Math.sqrt(guesses);
	return {
		guesses,
		bias,
		biasWithin: [bias - half, bias + half],
		spread,
		spreadWithin: [
			Math.sqrt(squares / chiSquareQuantile(1 - TAIL, free)),
			Math.sqrt(squares / chiSquareQuantile(TAIL, free))
		]
	};
}

/** Whether rules by eye have a word for a light: for a drawn dusk they have none, whatever it was called. */
export const hasRule = ({ drawn }: Pick<Guess, 'drawn'>): boolean => !drawn || calledBy[drawn.skill] !== null;

/** Stops by which a guess was brighter than the light. */
export const errorOf = ({ ev, read }: Pick<Guess, 'ev' | 'read'>): number => ev - read.ev;

/** The hours of a day, by when they begin. */
const hours = [
	{ from: '20:00', name: 'night' },
	{ from: '17:00', name: 'evening' },
	{ from: '14:00', name: 'afternoon' },
	{ from: '10:00', name: 'midday' },
	{ from: '05:00', name: 'morning' },
	{ from: '00:00', name: 'night' }
] as const;

/**
 * What time of day a clock shows.
 *
 * @param clock HH:MM
 * @example timeOfDay('08:20') // 'morning'
 */
export function timeOfDay(clock: string): (typeof hours)[number]['name'] {
	return hours.find(({ from }) => clock >= from)?.name ?? 'night';
}

/** What a person called a light, with where the sun stood and what lay around, as one thing. */
export function conditionKey(named: Named): string {
	if (named.method === 'place') return `place ${named.place}`;
	const extras = [
		named.backlit ? 'backlit' : '',
		named.sidelit ? 'sidelit' : '',
		// Pale is what sand was called once.
		named.ground === 'pale' ? 'sand' : (named.ground ?? ''),
		named.deepShade ? 'deep-shade' : ''
	].filter(Boolean);
	return [named.school, named.condition, ...extras].join(' ');
}

/** Guesses put together by something about them, in the order in which it first came. */
export function groupedBy(guesses: readonly Guess[], key: (guess: Guess) => string): Map<string, Guess[]> {
	const groups = new Map<string, Guess[]>();
	for (const guess of guesses) groups.set(key(guess), [...(groups.get(key(guess)) ?? []), guess]);
	return groups;
}

/** A person's own doubt of readings by eye of one kind. */
export interface OwnDoubt {
	/** What was called so, as conditionKey tells; `eye` for a plain guess of the EV. */
	of: string;
	/** Doubt that such a reading carries from now on, stops: bias and spread together. */
	sd: number;
	/** Doubt that it has without practice, stops. */
	usual: number;
	/** Mean error so far, + = read too bright. */
	bias: number;
	guesses: number;
}

/** Fewer guesses say nothing. */
const FEWEST = 5;
/** What is thought beforehand counts like so many guesses. */
const BEFOREHAND = 4;
/** Doubt of a plain guess of the EV, stops; common practice. */
const USUAL_GUESS = 1;

/**
 * The doubt about zero: a reading's own bias is a part of it.
 * Source: the scaled inverse chi-square posterior of a variance whose mean is known to be zero, as in any
 * textbook of Bayesian statistics; the reading that it was checked by takes its own part out.
 */
function doubtFrom(errors: readonly { error: number; sd: number }[], usual: number): number {
	const squares = errors.reduce((sum, { error, sd }) => sum + Math.max(0, error ** 2 - sd ** 2), 0);
	return Math.sqrt((BEFOREHAND * usual ** 2 + squares) / (BEFOREHAND + errors.length));
}

function ownDoubt(of: string, errors: { error: number; sd: number }[], usual: number): OwnDoubt[] {
	if (errors.length < FEWEST) return [];
	const bias = errors.reduce((sum, { error }) => sum + error, 0) / errors.length;
	return [{ of, sd: doubtFrom(errors, usual), usual, bias, guesses: errors.length }];
}

/**
 * The doubts that a person's readings by eye deserve by their practice: of what they call a light, by what
 * its school makes of that; and of a plain guess, by the EV they would have gone by.
 *
 * @returns kinds with five guesses or more
 * @example ownDoubts(six guesses of "soft" that were all right)[0].sd // 0.42, where the school says ⅔
 */
export function ownDoubts(guesses: readonly Guess[]): OwnDoubt[] {
	const named = [...groupedBy(guesses.filter(hasRule), ({ named }) => conditionKey(named))].flatMap(
		([of, group]) => {
			const { ev, sd } = resolveLight(group[0].named);
			return ownDoubt(
				of,
				group.map(({ read }) => ({ error: ev - read.ev, sd: read.sd })),
				sd
			);
		}
	);
	const plain = guesses.map((guess) => ({ error: errorOf(guess), sd: guess.read.sd }));
	return [...named, ...ownDoubt('eye', plain, USUAL_GUESS)];
}

/** Who has guessed so often is no beginner, and what a beginner adds to the doubt, stops; common practice. */
export const [PRACTISED, BEGINNERS_SD] = [20, 1 / 4];

/**
 * The doubt of a reading by the eye of someone who has not practised.
 *
 * @param usual what the rule has for one who has, stops
 * @param guesses so far
 * @returns stops
 * @example untrainedDoubt(0.5, 3) // 0.56
 */
export function untrainedDoubt(usual: number, guesses: number): number {
	return guesses < PRACTISED ? Math.hypot(usual, BEGINNERS_SD) : usual;
}

/** A condition as it is called, for the screen. */
export function conditionName(named: ShadowsReading): string {
	const { words } = schools[named.school].conditions[named.condition];
	const extras = [
		named.backlit ? 'sun behind the subject' : '',
		named.sidelit ? 'sun beside' : '',
		named.ground && named.ground !== 'water' && named.ground !== 'woods' ? 'pale ground' : '',
		named.ground === 'water' ? 'glittering water' : '',
		named.deepShade ? 'under a tree' : ''
	].filter(Boolean);
	return [words, ...extras].join(', ');
}
