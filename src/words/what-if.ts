import { schools, type Light } from '../core/light';
import type { Change } from '../core/match';
import type { CostlyHabit, Fate, Likely, Replay, Saving, Trait } from '../core/whatif';
import { capital } from './capital';
import { counted, listed } from './language';
import { wayOfReading } from './readings';

/** What frames would have been, in words. */

/** A whole number of frames, or from how many to how many. */
function aboutFrames({ from, to }: Likely): string {
	const [least, most] = [Math.round(from), Math.round(to)];
	return least === most ? `${least}` : `${least} to ${most}`;
}

/**
 * What a change does to a log, in one sentence: how many frames come out, and of those well.
 *
 * @param name what was changed, as it begins a sentence
 * @example replayInWords(replay, 'With ND 2') // 'With ND 2, about 7 of these 8 frames come out, 5 of them well, instead of 2: 5 more, most likely 4 to 6.'
 */
export function replayInWords({ frames, now: well, usable }: Replay, name: string): string {
	const { then, now, difference } = usable;
	const all = counted(frames.length, 'this one frame', 'these # frames');
	const before = `${name}, about ${Math.round(now.mean)} of ${all} come out, ${Math.round(well.mean)} of them well, instead of ${Math.round(then.mean)}`;
	const [least, most] = [Math.round(difference.from), Math.round(difference.to)];
	if (least <= 0 && most >= 0) return `${before}: it may well make no difference.`;
	const more = difference.mean > 0;
	const by = Math.round(Math.abs(difference.mean));
	const span = more ? difference : { mean: by, from: -difference.to, to: -difference.from };
	const likely = Math.round(span.from) === Math.round(span.to) ? '' : `, most likely ${aboutFrames(span)}`;
	return `${before}: ${by} ${more ? 'more' : 'fewer'}${likely}.`;
}

/** What is changed, in a few words. */
const changeName = ({ name, off, instead }: Pick<Change, 'name' | 'off' | 'instead'>): string => {
	if (off) return `${name} taken off`;
	return instead ? `${name} instead of ${instead.name}` : name;
};

/**
 * What would have saved lost frames, in a few words.
 *
 * @example savingTitle({ change: { name: 'ND 2', … } }) // 'ND 2'
 */
export const savingTitle = ({ change, and }: Pick<Saving, 'change' | 'and'>): string =>
	listed([change, ...(and ? [and] : [])].map(changeName));

/** What a change would have done to the good frames, were it done to all. */
function costOf(spoils: number): string {
	if (spoils === 0) return '';
	return ` On every frame, it would have lost ${counted(spoils, 'one good one', '# good ones')}.`;
}

/**
 * How many it would have saved, and what else it would have done.
 *
 * @param lost frames that were lost in all
 * @example savingInWords(saving, 14) // '9 of your 14 lost frames would have come out. Not in your bag.'
 */
export function savingInWords({ change, and, lost: saved, spoils }: Saving, lost: number): string {
	const of =
		lost === 1
			? 'Your one lost frame would have come out.'
			: `${saved === lost ? `All ${lost}` : `${saved} of your ${lost}`} lost frames would have come out.`;
	const missing = [change, ...(and ? [and] : [])].filter((each) => each.missing);
	const which = missing.length === 1 && and ? `${capital(changeName(missing[0]))} is not` : 'Not';
	return `${of}${costOf(spoils)}${missing.length > 0 ? ` ${which} in your bag.` : ''}`;
}

const traits: Readonly<Record<Exclude<Trait['kind'], 'way'>, string>> = {
	'at-limit': 'light beyond the camera’s limit',
	'eye-elsewhere': 'the camera’s eye in brighter or darker light than the subject',
	'hand-timed': 'a time counted by hand',
	shake: 'hand-holding what asked for a tripod',
	'out-of-focus': 'a subject outside the sharp zone',
	'against-odds': 'shooting when less than half were predicted to come out',
	close: 'a subject nearer than 1 m'
};

const traitName = (trait: Trait): string =>
	trait.kind === 'way' ? `light read ${trait.way}` : traits[trait.kind];

/**
 * The habit that costs most frames, with its evidence.
 *
 * @example costliestHabitInWords(null) // 'No single habit stands out.'
 */
export function costliestHabitInWords(habit: CostlyHabit | null): string {
	if (!habit) return 'No single habit stands out.';
	const { trait, with: having, without } = habit;
	return `What costs most: ${traitName(trait)}. Of ${having.frames} such frames ${having.lost} were lost; of the ${without.frames} others, ${without.lost}.`;
}

/** What is neither sure to come out nor sure to be lost. */
const [SURE, LOST] = [0.8, 0.2];

/**
 * How sure it is that a frame would have come out, where it is not.
 *
 * @returns what follows how it would have come out; empty where it is sure
 * @example unsureInWords({ usable: 0.5 }) // ', may be lost'
 */
export function unsureInWords({ usable }: Pick<Fate, 'usable'>): string {
	if (usable > SURE || usable < LOST) return '';
	return usable >= 1 / 2 ? ', may be lost' : ', may come out';
}

/**
 * By what a light was read, where several readings are told apart.
 *
 * @example readingNamed({ method: 'shadows', school: 'shadow-edge', condition: 'soft' }) // 'the “shadow edge” school'
 */
export const readingNamed = (light: Light): string =>
	'method' in light && light.method === 'shadows'
		? `the “${schools[light.school].name.toLowerCase()}” school`
		: wayOfReading(light);
