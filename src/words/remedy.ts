import type { Camera } from '../core/camera';
import type { Change, Outcome, Remedy, SpoilerKind } from '../core/match';
import { stopsInWords } from '../core/units';
import { spanOfFlash } from './flash';
import { timeInWords } from './marks';
import { chanceInWords, verdictInShort } from './outcome';
import { listed } from './language';

const OF_THE_WHOLE: Partial<Record<Change['kind'], string>> = {
	film: 'for the whole load',
	development: 'for the whole load, in the tank',
	bracket: 'three frames instead of one',
	trial: 'one frame'
};

/** What a flash reaches, and what it leaves dark. */
function reachOf(range: [number, number], background: number): string {
	const behind = background < -1 ? `, background ${stopsInWords(background)} darker` : '';
	return `${spanOfFlash(range)}${behind}`;
}

/** What a change costs beside its effort, in words; empty where it costs nothing. */
function cost(change: Change, best: Outcome, outcome: Outcome, camera: Camera): string {
	const { kind, off, missing, wish, background = 0, range } = change;
	if (missing) return 'not in your bag';
	if (wish) return 'another picture';
	if (kind === 'flash' && range) return reachOf(range, background);
	const slower = Math.log2(outcome.seconds / best.seconds);
	if (kind === 'filter' && !off && slower > 1 / 3) return `slower, ${timeInWords(camera, outcome)}`;
	return OF_THE_WHOLE[kind] ?? '';
}

function named({ name, off, instead }: Change): string {
	if (off) return `take off ${name}`;
	return instead ? `${name} instead of ${instead.name}` : name;
}

/**
 * A remedy in a few words.
 *
 * @example remedyTitle(…) // 'ND 2 and on a support'
 */
export function remedyTitle({ changes }: Remedy): string {
	return listed(changes.map(named));
}

/** What would spoil the frame all the same. */
const stillSpoiled: Readonly<Record<SpoilerKind, string>> = {
	shake: 'and you’d need a tripod',
	motion: 'and a subject that moves still blurs',
	near: 'and you’d have to step back',
	far: 'and you’d have to move closer'
};

/**
 * What a remedy brings and what it costs.
 *
 * @param best the outcome as things are
 * @example remedyInWords(…) // 'just enough, about 9 in 10 come out; slower, 1/30 s'
 */
export function remedyInWords(remedy: Remedy, best: Outcome, camera: Camera): string {
	const { outcome, changes } = remedy;
	const costs = changes.map((change) => cost(change, best, outcome, camera)).filter(Boolean);
	const steady = best.spoilers.length > outcome.spoilers.length ? ', and nothing spoils it' : '';
	const brings = `${verdictInShort(outcome)}, ${chanceInWords(outcome.chances.usable)} come out${steady}`;
	const still = outcome.spoilers.map(({ kind }) => stillSpoiled[kind]);
	return [brings, ...costs, ...still].join('; ');
}
