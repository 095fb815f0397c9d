import { medianOf } from './pieces';
import type { Firing } from './types';

/** Loudness is told in pieces this long, s. */
const PIECE = 2e-4;
/** A click is a rise to this many times the loudness just before it … */
const RISE = 2.5;
/** … seen over this long, s, but for the last two pieces, in which it may have begun … */
const BEFORE = 6e-4;
const MAY_HAVE_BEGUN = 2;
/** … from the noise by this factor, and not much softer than the loudest. */
const ABOVE_NOISE = 8;
const OF_LOUDEST = 0.15;
const SILENCE = 0.002;
/** Clicks nearer than this are one, s. */
const ONE = 1.2e-3;

function loudness(samples: Float32Array, piece: number): Float32Array {
	const pieces = new Float32Array(Math.max(0, Math.floor((samples.length - 1) / piece)));
	for (let at = 0; at < pieces.length; at++) {
		let sum = 0;
		for (let index = at * piece + 1; index <= (at + 1) * piece; index++) {
			sum += (samples[index] - samples[index - 1]) ** 2;
		}
		pieces[at] = Math.sqrt(sum / piece);
	}
	return pieces;
}

/** When sounds begin, s. */
export function onsetsIn(samples: Float32Array, sampleRate: number): number[] {
	const piece = Math.max(2, Math.round(sampleRate * PIECE));
	const loud = loudness(samples, piece);
	const noise = medianOf(loud);
	const loudest = loud.reduce((a, b) => Math.max(a, b), 0);
	const threshold = Math.max(SILENCE, noise * ABOVE_NOISE, loudest * OF_LOUDEST);
	const back = Math.max(1, Math.round((BEFORE * sampleRate) / piece));
	const onsets: number[] = [];
	for (let at = 0; at < loud.length; at++) {
		if (loud[at] < threshold) continue;
		let before = 0;
		for (let k = Math.max(0, at - back - MAY_HAVE_BEGUN); k < at - MAY_HAVE_BEGUN; k++)
			before = Math.max(before, loud[k]);
		const seconds = (at * piece) / sampleRate;
		const last = onsets[onsets.length - 1] ?? -Infinity;
		if (loud[at] > RISE * Math.max(before, noise) && seconds - last > ONE) onsets.push(seconds);
	}
	return onsets;
}

/** Sounds nearer than this belong to one firing of a quick shutter, s. */
const QUICK = 0.06;

/** Sounds that belong together: those of a quick shutter come close; those of a slow one two by two. */
function together(onsets: readonly number[]): number[][] {
	const groups: number[][] = [];
	for (const onset of onsets) {
		const last = groups[groups.length - 1];
		if (last && onset - last[last.length - 1] < QUICK) last.push(onset);
		else groups.push([onset]);
	}
	if (groups.every((group) => group.length > 1)) return groups;
	const starts = groups.map(([first]) => first);
	return starts.flatMap((start, index) =>
		index % 2 === 0 && index + 1 < starts.length ? [[start, starts[index + 1]]] : []
	);
}

/**
 * Firings in a sound: from the first to the last click of each.
 * Source: common practice: a shutter is heard to open and to close.
 */
export function firingsBySound(samples: Float32Array, sampleRate: number): Firing[] {
	return together(onsetsIn(samples, sampleRate)).map((clicks) => ({
		at: clicks[0],
		seconds: clicks[clicks.length - 1] - clicks[0]
	}));
}

/** What a sound resolves, s: as near as two clicks can be told apart. */
export const SOUND_RESOLUTION = 5e-4;
