import { placeKinds, resolveLight, schools, type ShadowsReading } from '../core/light';
import {
	calledBy,
	conditionName,
	errorOf,
	GOOD_TO,
	isRoom,
	type Certificate,
	type DrawnScene,
	type DrillKind,
	type EyeError,
	type GoodIn,
	type Guess,
	type Named,
	type OwnDoubt,
	type Skill
} from '../core/practice';
import {
	formatAperture,
	formatClock,
	formatDoubt,
	formatEv,
	formatStops,
	formatTime,
	markedApertures,
	markedTimes,
	nearestMark,
	NO_THIRD,
	speedStops,
	stopsInWords
} from '../core/units';

/** What practice says, in words. */

/** Skills as they are called on the screen. */
export const skillInWords: Readonly<Record<Skill, string>> = {
	sharp: 'Sharp shadows',
	soft: 'Soft shadows',
	faint: 'Faint shadows',
	none: 'No shadow',
	'from-the-side': 'Sun beside the subject',
	'against-the-light': 'Sun behind the subject',
	'open-shade': 'Shade of a wall',
	'deep-shade': 'Deep shade',
	'pale-ground': 'Sand and snow',
	water: 'Beside water',
	'low-sun': 'Low sun',
	dusk: 'After sunset',
	room: 'Work room',
	lamps: 'Lamps at home'
};

export const drillInWords: Readonly<Record<DrillKind, string>> = {
	equivalent: 'Equivalent settings',
	film: 'Film for a camera',
	which: 'Camera for a light',
	wheel: 'Which way the wheel goes',
	filter: 'Filters'
};

/** No lens is faster; what one sets where there is less light. */
const WIDEST = 1.4;
const INDOORS = { f: 2, iso: 400 };

/**
 * An EV as the f-number at 1/ISO that it is; where no lens is so fast, as a time on a fast film.
 *
 * @example apertureRule(14.64) // 'f/16 at 1/ISO'
 */
export function apertureRule(ev: number): string {
	const f = nearestMark(markedApertures, Math.sqrt(2 ** ev / 100));
	if (f >= WIDEST) return `${formatAperture(f)} at 1/ISO`;
	const seconds = nearestMark(markedTimes, INDOORS.f ** 2 / 2 ** (ev + speedStops(INDOORS.iso)));
	return `${formatAperture(INDOORS.f)} at ${formatTime(seconds)}, ISO ${INDOORS.iso}`;
}

/**
 * How a guess went.
 *
 * @example guessInWords(a guess of 14⅔ where it was 14) // 'You guessed ⅔ stop brighter than it was.'
 */
export function guessInWords(guess: Pick<Guess, 'ev' | 'read'>): string {
	const off = errorOf(guess);
	if (Math.abs(off) < NO_THIRD) return 'Right.';
	return `You guessed ${stopsInWords(off)} ${off > 0 ? 'brighter' : 'darker'} than it was.`;
}

/** Who is off by less than this, nine times in ten, is right on average, stops. */
const RIGHT = 1 / 2;

/** On which side a guess was off. */
export const sideOf = (stops: number) => (stops > 0 ? 'too bright' : 'too dark');

/**
 * How guesses run, as far as that can be known: nobody is right on average before that is.
 *
 * @example eyeErrorInWords({ bias: 0.4, biasWithin: [0.2, 0.6] }) // '⅓ stop too bright on average'
 */
export function eyeErrorInWords({ bias, biasWithin }: Pick<EyeError, 'bias' | 'biasWithin'>): string {
	if (!biasWithin) return 'not known from one guess';
	const [from, to] = biasWithin;
	if (from > 0 || to < 0) {
		// One-sided, however little: then it is no third either way.
		return Math.abs(bias) < NO_THIRD
			? 'right on average'
			: `${stopsInWords(bias)} ${sideOf(bias)} on average`;
	}
	if (Math.max(-from, to) <= RIGHT) return 'right on average';
	return Math.abs(bias) < NO_THIRD
		? 'perhaps right on average, too few guesses to tell'
		: `perhaps ${stopsInWords(bias)} ${sideOf(bias)}, too few guesses to tell`;
}

/**
 * Where a mean lies, nine times in ten.
 *
 * @example withinInWords([-0.4, 0.7]) // 'likely ⅓ stop too dark to ⅔ stop too bright'
 */
export function withinInWords([from, to]: [from: number, to: number]): string {
	const end = (stops: number) => `${stopsInWords(stops)} ${sideOf(stops)}`;
	const [near, far] = Math.abs(from) < Math.abs(to) ? [from, to] : [to, from];
	if (Math.abs(far) < NO_THIRD) return 'likely none';
	if (Math.abs(near) < NO_THIRD) return `likely up to ${end(far)}`;
	if (near * far < 0) return `likely ${end(from)} to ${end(to)}`;
	return end(near) === end(far)
		? `likely ${end(far)}`
		: `likely ${formatStops(Math.abs(near))} to ${end(far)}`;
}

/**
 * A doubt that practice has taught, beside the one it takes the place of.
 *
 * @example ownDoubtInWords({ sd: 0.4, usual: 0.67, bias: 0.1, guesses: 12, … }) // 'give or take ⅓ instead of ⅔, from 12 guesses'
 */
export function ownDoubtInWords({ sd, usual, bias, guesses }: OwnDoubt): string {
	const runs = Math.abs(bias) < NO_THIRD ? '' : `; it runs ${stopsInWords(bias)} ${sideOf(bias)}`;
	const doubt =
		formatDoubt(sd) === formatDoubt(usual)
			? `give or take ${formatDoubt(sd)}, as usual`
			: `give or take ${formatDoubt(sd)} instead of ${formatDoubt(usual)}`;
	return `${doubt}, from ${guesses} guesses${runs}`;
}

/** What stands around the person of a drawn scene. */
const around = {
	lamps: ' in a room with a sofa, a table and lamps',
	panels: ' in a work room with desks and panels under the ceiling',
	water: ' on a shore, posts and a boat',
	open: ', posts, a tree and a shed'
} as const;

/**
 * What a drawn scene shows, and nothing of its light.
 *
 * @example sceneInWords(a scene by the water) // 'A made-up scene at 14:10: a person with a grey card on a shore, posts and a boat'
 */
export function sceneInWords(scene: DrawnScene): string {
	const kind = isRoom(scene) ? scene.lit : scene.ground === 'water' ? 'water' : 'open';
	return `A made-up scene at ${formatClock(scene.clock)}: a person with a grey card${around[kind]}`;
}

/**
 * The light of a printed scene, as the back of the sheet has it.
 *
 * @example answerInWords('sharp', 14.67) // 'Sharp shadows: EV 14⅔, f/16 at 1/ISO'
 */
export const answerInWords = (skill: Skill, ev: number): string =>
	`${skillInWords[skill]}: EV ${formatEv(ev)}, ${apertureRule(ev)}`;

/**
 * What a drawn light is called, and what goes with that.
 *
 * @example calledInWords('soft') // 'Soft shadows: by shadow edge “soft shadow edge”, 13.6.'
 */
export function calledInWords(skill: Skill): string {
	const name = calledBy[skill];
	const what = skillInWords[skill];
	if (!name) return `${what}: no rule holds, and a stop goes every few minutes. Meter it.`;
	const says = formatEv(resolveLight(name).ev);
	return name.method === 'place'
		? `${what}: by kind of place “${namedInWords(name)}”, ${says}.`
		: `${what}: by shadow edge “${conditionName(name)}”, ${says}.`;
}

/** A condition with its school, as a row is called. */
export function namedInWords(named: Named): string {
	if (named.method === 'place')
		return placeKinds.find(({ id }) => id === named.place)?.words.toLowerCase() ?? named.place;
	return `${conditionName(named)} (${schools[named.school].name.toLowerCase()})`;
}

/** What a school says of a light. */
export const schoolSays = (school: ShadowsReading['school'], ev: number): string =>
	`${schools[school].name} ${formatEv(ev)}`;

/** No eye is said to be better, stops. */
const FINEST = 1 / 3;

/** What an eye is good to, in thirds and never better than it is. */
const goodInWords = (goodTo: number): string =>
	stopsInWords(Math.max(FINEST, Math.ceil(3 * goodTo - 1e-9) / 3));

/**
 * What an eye is good to in one kind of light.
 *
 * @example goodInOneInWords({ guesses: 12, goodTo: 1.2, holds: false, … }) // 'good to 1⅓ stops, not yet to ⅔; 12 guesses'
 */
export function goodInOneInWords({ guesses, goodTo, holds }: Omit<GoodIn, 'of'>): string {
	const yet = holds ? '' : `, not yet to ${formatStops(GOOD_TO)}`;
	return `good to ${goodInWords(goodTo)}${yet}; ${guesses} guesses`;
}

/**
 * What an eye can be trusted to in open light, in a sentence and what it stands on.
 *
 * @example certificateInWords({ guesses: 40, wanting: 0, goodTo: 0.55, holds: true, lapsed: false }).what
 *   // 'Your eye is good to ⅔ stop in open light.'
 */
export function certificateInWords({
	guesses,
	wanting,
	goodTo,
	holds,
	lapsed
}: Omit<Certificate, 'conditions'>): {
	what: string;
	why: string;
} {
	if (goodTo === undefined)
		return {
			what: `${wanting} more guesses in open light, and this says how far your eye can be trusted.`,
			why: 'Open light is open shade and brighter. Drawn lights and real ones count.'
		};
	const why = `At least eight guesses in ten come within it, going by your last ${guesses} in open light.`;
	const good = goodInWords(goodTo);
	if (holds) return { what: `Your eye is good to ${good} in open light.`, why };
	const asked = stopsInWords(GOOD_TO);
	return lapsed
		? {
				what: `Your eye was good to ${asked} in open light; lately it is ${good}.`,
				why: 'A day or two of practice usually brings it back.'
			}
		: { what: `Your eye is good to ${good} in open light, not yet to ${asked}.`, why };
}
