import { BANDS, loudnessOf } from './clicks-heard';
import type { Firing } from './types';

/** In how many recordings of mere noise one click may be heard. */
const FALSE_ALARMS = 1e-2;
/** Rooms are not as even as plain noise: a click must stand out by this factor more. */
const UNEVEN = 1.25;
/** A click is not much softer than the loudest: this part of its energy. */
const OF_LOUDEST = 0.006;
/** A click is a rise to this many times the energy this long before, s, beyond what noise has by itself. */
const [RISE, BEFORE] = [6, 1e-3];
/** Clicks nearer than this are one, s. */
const ONE = 1.2e-3;
/** Sounds that are told apart at most: a recording with more of them is none of a shutter. */
const MOST_SOUNDS = 10_000;

/** A second click of a soft pair stands out from the loudest noise by this, and is not much softer than the first. */
const [GAP, ALIKE] = [4, 3];

/**
 * Two clicks, each too soft to be told from noise by itself: the two loudest moments of all, where they
 * are loud enough together and the third is not.
 *
 * @param alone energy that noise has in one recording of so many
 * @returns places, in their order; null where no two stand out
 */
function softPair(energies: Float32Array, alone: number, near: number): [number, number] | null {
	const loudest: number[] = [];
	for (let rank = 0; rank < 3; rank++) {
		let best = -1;
		for (let here = 0; here < energies.length; here++) {
			const apart = loudest.every((other) => Math.abs(other - here) > 2 * near);
			if (apart && (best < 0 || energies[here] > energies[best])) best = here;
		}
		if (best < 0) return null;
		loudest.push(best);
	}
	const [first, second, third] = loudest.map((place) => energies[place]);
	if (first + second < 2 * alone || second - third < GAP || first > ALIKE * second) return null;
	const [a, b] = loudest;
	return a < b ? [a, b] : [b, a];
}

/** Whether a place is the loudest of its neighbours. */
function isLargest(energies: Float32Array, here: number, near: number): boolean {
	for (let other = Math.max(0, here - near); other <= here + near; other++)
		if (energies[other] > energies[here]) return false;
	return true;
}

/** When sounds begin, s. */
export function onsetsIn(samples: Float32Array, sampleRate: number): number[] {
	const { energies, at, piece } = loudnessOf(samples, sampleRate);
	const loudest = energies.reduce((a, b) => Math.max(a, b), 0);
	// The largest of so many exponential energies is beyond this once in so many recordings.
	const chance = Math.log((Math.max(1, energies.length) * BANDS) / FALSE_ALARMS) * UNEVEN;
	const threshold = Math.max(chance, loudest * OF_LOUDEST);
	const alone = chance / UNEVEN;
	const [back, near] = [Math.ceil(BEFORE / piece), Math.ceil(ONE / 2 / piece)];
	const onsets: number[] = [];
	for (let here = 0; here < energies.length && onsets.length < MOST_SOUNDS; here++) {
		const energy = energies[here];
		if (energy < threshold || energy < RISE * Math.max(0, (energies[here - back] ?? 0) - alone / 2)) continue;
		const seconds = at(here);
		const another = seconds - (onsets[onsets.length - 1] ?? -Infinity) > ONE;
		if (another && isLargest(energies, here, near)) onsets.push(seconds);
	}
	if (onsets.length > 1) return onsets;
	return softPair(energies, alone, near)?.map(at) ?? onsets;
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
