import { randomLcg, randomNormal } from 'd3-random';
import type { Clip, ClipFrame, FilmedStep } from '../bench';

/** A simulated phone that films a simulated shutter: the film gate from behind, lit through the lens. */
export interface FilmedShutter {
	/** Effective times of the firings, s. */
	times: readonly number[];
	framesPerSecond: number;
	/** Part of a frame's time for which it is exposed. */
	exposed: number;
	/** Code value of the open shutter, and of black. */
	open: number;
	black: number;
	/** Of a row's mean, of the code range. */
	noise: number;
	/** Makes a code of light 0 … 1; default by the standard of video. */
	encode?: (light: number) => number;
	seed: number;
	/** Part by which the open shutter's light has fallen at its end. */
	fades?: number;
	/** How long it is held open at the end, s. */
	held?: number;
	/** While it is held open, the light falls by half each second, so often. */
	steps?: number;
}

// Source: ITU-R BT.709-6, 1.2.
const bt709 = (light: number): number => (light < 0.018 ? 4.5 * light : 1.099 * light ** 0.45 - 0.099);

/** Rows of a frame, and the part of a frame's time over which they are read. */
const [ROWS, READ] = [48, 0.6];
/** Between firings, s. */
const PAUSE = 0.7;

/** How much of one stretch lies in another. */
const overlap = ([a, b]: readonly [number, number], [c, d]: readonly [number, number]) =>
	Math.max(0, Math.min(b, d) - Math.max(a, c));

/** When it is open, s; held open at the end. */
function openings({ times, held = 1.5 }: FilmedShutter, jitter: () => number): [number, number][] {
	let at = 0.5;
	const found = times.map((seconds): [number, number] => {
		const opening: [number, number] = [at, at + seconds];
		at += seconds + PAUSE + 0.1 * jitter();
		return opening;
	});
	return held > 0 ? [...found, [at, at + held]] : found;
}

/** What the steps of the screen look like in such a clip: each halves the light, and the last is black. */
export function filmedSteps({ encode = bt709, open, black }: FilmedShutter): FilmedStep[] {
	const full = brightnessFor(open, black, encode);
	const code = (fraction: number) => black + (1 - black) * encode(full * fraction);
	return [...Array.from({ length: 8 }, (_, step) => 2 ** -step), 0].map((fraction) => ({
		fraction,
		code: code(fraction)
	}));
}

/** Light that is encoded as a code, by halving. */
function brightnessFor(open: number, black: number, encode: (light: number) => number): number {
	let [low, high] = [0, 4];
	for (let turn = 0; turn < 60; turn++) {
		const middle = (low + high) / 2;
		if (black + (1 - black) * encode(middle) < open) low = middle;
		else high = middle;
	}
	return low;
}

/**
 * The clip that such a phone makes.
 *
 * @param more what else is said of the clip
 * @example filmed({ times: [1 / 60], framesPerSecond: 60, exposed: 0.98, open: 0.8, black: 0, noise: 0.002, seed: 0.5 })
 */
export function filmed(what: FilmedShutter, more: Partial<Clip> = {}): Clip {
	const source = randomLcg(what.seed);
	const normal = randomNormal.source(source)(0, 1);
	const { framesPerSecond, exposed, open, black, noise, encode = bt709, fades = 0, steps = 0 } = what;
	const frame = 1 / framesPerSecond;
	const opened = openings(what, source);
	const ends = opened[opened.length - 1];
	const full = brightnessFor(open, black, encode);
	const frames = Array.from({ length: Math.ceil((ends[1] + 0.5) / frame) }, (_, at): ClipFrame => {
		const rows = Float32Array.from({ length: ROWS }, (_row, row) => {
			const from = at * frame + (row / ROWS) * READ * frame;
			const lit = opened.reduce((sum, each) => sum + overlap([from, from + exposed * frame], each), 0);
			const faded = 1 - fades * Math.max(0, (from - ends[0]) / (ends[1] - ends[0]));
			const halved = 2 ** -Math.min(steps, Math.max(0, Math.floor(from - ends[0])));
			const light = (full * faded * halved * lit) / (exposed * frame);
			// Eight bits.
			return Math.round(255 * Math.min(1, black + (1 - black) * encode(light) + noise * normal())) / 255;
		});
		return { at: at * frame, rows };
	});
	return { frames, transfer: 'bt709', ...more };
}
