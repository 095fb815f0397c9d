import type { Cue } from '../count';
import { PASTE } from './care';
import type { Movement } from './push';
import type { Agitation, Recipe } from './types';

/** One bath of a run. */
export interface Step {
	name: string;
	/** s */
	seconds: number;
	agitation?: Agitation;
	/** What to mind before it is done. */
	caution?: string;
}

const MINUTE = 60;
/** Seconds that are counted down at the end; common practice. */
const NEAR = 5;
/** An inversion takes about this long, s; common practice. */
const INVERSION = 2.5;
const usual: Agitation = { first: 30, inversions: 4 };
const gentle: Agitation = { first: 15, inversions: 2, gentle: true };

/** What of a recipe says how its tank is moved. */
type Moved = Pick<Recipe, 'kind' | 'agitation'>;

/**
 * How the tank of a developer is moved: as its recipe says, else as is usual for its kind. Common practice.
 *
 * @param recipe its kind, and its own agitation where it has one
 * @param movement how it is done this time
 * @param seconds that it takes
 * @example agitationOf({ kind: 'general-developer' }, 'usual', 600) // { first: 30, inversions: 4 }
 */
export function agitationOf({ kind, agitation }: Moved, movement: Movement, seconds: number): Agitation {
	if (movement === 'constant') return { first: seconds, inversions: 0 };
	const own = agitation ?? (kind === 'staining-developer' ? gentle : usual);
	if (movement !== 'gentle' || own.gentle) return own;
	return agitation ? { ...agitation, gentle: true } : gentle;
}

/** What goes before and after the developer. */
export interface Course {
	/** Water of the same temperature first, so that tank and film have it. */
	prewash?: boolean;
	/** In running water, or by changes of water. */
	wash?: 'running' | 'changes';
}

const PREWASH: Step = { name: 'Prewash', seconds: 120, agitation: { first: 30, inversions: 0 } };
/** A film is clear of fixer after three changes of water, with so many turns in each; common practice. */
const CHANGES = [5, 10, 20];

const washes = (wash: Course['wash']): Step[] =>
	wash === 'changes'
		? CHANGES.map((turns) => ({
				...{ name: `Wash, ${turns} turns`, seconds: turns * INVERSION },
				agitation: { first: turns * INVERSION, inversions: 0 }
			}))
		: [{ name: 'Wash', seconds: 600 }];

/** Whether a bath comes before the developer: it is no development. */
export const isBefore = ({ name }: Pick<Step, 'name'>): boolean => name === PREWASH.name;

/** Whether a bath fixes. */
export const isFix = ({ name }: Pick<Step, 'name'>): boolean => name === 'Fix';

/**
 * How long to fix: twice as long as a scrap of the film takes to clear. Common practice.
 *
 * @param clearing s
 * @example fixFor(90) // 180
 */
export const fixFor = (clearing: number): number => 2 * clearing;

/**
 * The baths of a run that are usual after a developer. Times and agitation: common practice.
 *
 * @param recipe the developer's kind, and its own agitation where it has one
 * @param seconds that it takes
 * @param movement how the tank is moved while it develops
 * @param course what goes before and after
 * @example usualSteps({ kind: 'general-developer' }, 600).map(({ name }) => name) // ['Develop', 'Stop', 'Fix', 'Wash', 'Dry']
 */
export function usualSteps(
	recipe: Moved,
	seconds: number,
	movement: Movement = 'usual',
	{ prewash = false, wash }: Course = {}
): Step[] {
	const { kind } = recipe;
	if (kind === 'instant-pack') return [{ name: 'Wait, shielded from light', seconds }];
	if (kind === 'peel-apart-pack')
		return [
			{ name: 'Wait', seconds },
			{ name: 'Peel', seconds: 5, caution: PASTE },
			{ name: 'Dry', seconds: 300 }
		];
	return [
		...(prewash ? [PREWASH] : []),
		{ name: 'Develop', seconds, agitation: agitationOf(recipe, movement, seconds) },
		{ name: 'Stop', seconds: 60, agitation: { first: 60, inversions: 0 } },
		{ name: 'Fix', seconds: 300, agitation: usual },
		...washes(wash),
		{ name: 'Dry', seconds: 7200 }
	];
}

/**
 * What is heard in a bath: its beginning, each time that it is agitated, the last seconds, its end.
 *
 * @returns s from its beginning, in order
 * @example stepCues({ name: 'Stop', seconds: 60 }).at(-1) // { at: 60, kind: 'close' }
 */
export function stepCues({ seconds, agitation }: Step): Cue[] {
	const every = agitation?.every ?? MINUTE;
	const times = agitation && agitation.inversions > 0 ? Math.ceil(seconds / every) - 1 : 0;
	const agitate = Array.from({ length: Math.max(0, times) }, (_, at): Cue => ({
		at: (at + 1) * every,
		kind: 'half'
	})).filter(({ at }) => at < seconds - NEAR);
	const near = Array.from({ length: Math.min(NEAR, Math.floor(seconds) - 1) }, (_, at): Cue => ({
		at: seconds - NEAR + at,
		kind: 'near'
	})).filter(({ at }) => at > 0);
	return [{ at: 0, kind: 'open' }, ...agitate, ...near, { at: seconds, kind: 'close' }];
}

/** What the hands do now. */
export type Hands = 'agitate' | 'gentle' | 'rest';

/**
 * What the hands do so far into a bath.
 *
 * @param elapsed s
 * @example handsAt({ name: 'Develop', seconds: 600, agitation: { first: 30, inversions: 4 } }, 45) // 'rest'
 */
export function handsAt({ agitation, seconds }: Step, elapsed: number): Hands {
	if (!agitation || elapsed >= seconds) return 'rest';
	const { first, inversions, every = MINUTE, within = inversions * INVERSION } = agitation;
	const moving =
		elapsed < first || (inversions > 0 && elapsed >= every && elapsed % every < Math.min(within, every));
	if (!moving) return 'rest';
	return agitation.gentle ? 'gentle' : 'agitate';
}

/**
 * How long until the hands move again.
 *
 * @param elapsed s
 * @returns s; null while they move, and where they do not any more
 * @example nextMove({ name: 'Develop', seconds: 600, agitation: { first: 30, inversions: 4 } }, 45) // 15
 */
export function nextMove(step: Step, elapsed: number): number | null {
	const { agitation, seconds } = step;
	if (!agitation || agitation.inversions === 0 || handsAt(step, elapsed) !== 'rest') return null;
	const { every = MINUTE } = agitation;
	const next = (Math.floor(elapsed / every) + 1) * every;
	return next < seconds ? next - elapsed : null;
}

/**
 * The whole time of a bath whose temperature changed on the way: what is left is left at the new one.
 *
 * @param elapsed s
 * @param whole as it was to be, s
 * @param wholeNow what all of it would take at the new temperature, s
 * @returns s
 * @example adjustedWhole(300, 600, 480) // 540
 */
export function adjustedWhole(elapsed: number, whole: number, wholeNow: number): number {
	const left = Math.max(0, 1 - elapsed / whole);
	return elapsed + left * wholeNow;
}

/** Who developed a film that was sent away, where the recipe's name stands else. */
export const LAB = 'a lab';

/** A bath as it was done. */
export interface StepDone {
	name: string;
	/** s */
	wanted: number;
	took: number;
}
