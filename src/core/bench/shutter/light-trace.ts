import { meanOf } from '../../units';
import { Matrix, solve } from 'ml-matrix';
import { medianOf, piecesOf, quietOf, robustSd, type Pieces } from './pieces';
import { MOST_FIRINGS, type Firing } from './types';

/** A firing begins above this part of the brightest light, and ends below the other. */
const [BEGINS, ENDS] = [0.5, 0.3];
/** Breaks and sparks shorter than these are noise, pieces. */
const LONGEST_BREAK = 3;
const SHORTEST = 2;
/** Where noise is more than this part of the light, longer pieces are looked at, s. */
const NOISY = 0.1;
const LONG_PIECE = 4e-4;
/** Light must stand out from the noise by this factor, and swing by this much of full scale. */
const ABOVE_NOISE = 6;
const LEAST_SWING = 0.01;
/** Mains hum, Hz, is fitted to the dark on both sides of a firing, s. */
const HUM = [50, 60];
const FLANK = 0.1;

/** Spans that are told apart, at most: what flickers more often is no shutter. */
const MOST_SPANS = 2000;

interface Span {
	from: number;
	to: number;
}

/** Slow blades in noise cross a level several times: breaks shorter than this part of a firing are none. */
const PART_OF_FIRING = 0.1;

function joined(spans: readonly Span[]): Span[] {
	const result: Span[] = [];
	for (const span of spans) {
		const last = result[result.length - 1];
		const longer = Math.max(span.to - span.from, last ? last.to - last.from : 0);
		if (last && span.from - last.to < PART_OF_FIRING * longer) last.to = span.to;
		else result.push({ ...span });
	}
	return result.length === spans.length ? result : joined(result);
}

/** The spans of pieces in which the shutter was open. */
function openSpans({ means }: Pieces, dark: number, top: number): Span[] {
	const spans: Span[] = [];
	const at = (part: number) => dark + part * (top - dark);
	const rising = Math.sign(top - dark);
	const beyond = (value: number, level: number) => (value - level) * rising > 0;
	let open: Span | null = null;
	for (let piece = 0; piece < means.length && spans.length <= MOST_SPANS; piece++) {
		const mean = means[piece];
		if (open ? beyond(mean, at(ENDS)) : beyond(mean, at(BEGINS))) {
			const last = spans[spans.length - 1];
			if (!open && last && piece - last.to <= LONGEST_BREAK) open = last;
			else if (!open) spans.push((open = { from: piece, to: piece }));
			open.to = piece;
		} else open = null;
	}
	return joined(spans).filter(({ from, to }) => to - from + 1 >= SHORTEST);
}

/** The light of an open shutter: the middle of all that is nearer to the brightest piece than to the dark. */
function brightLight(means: Float32Array, dark: number): number {
	const farthest = means.reduce((a, b) => (Math.abs(b - dark) > Math.abs(a - dark) ? b : a), dark);
	return medianOf(means.filter((mean) => Math.abs(mean - farthest) < Math.abs(mean - dark)));
}

/** What a trace is like as a whole. */
interface Overview {
	pieces: Pieces;
	dark: number;
	top: number;
	/** Noise of a piece, of full light. */
	noise: number;
}

function overview(samples: Float32Array, sampleRate: number, pieceSeconds?: number): Overview {
	const pieces = piecesOf(samples, sampleRate, pieceSeconds);
	const quiet = quietOf(pieces);
	const dark = medianOf(quiet);
	const top = brightLight(pieces.means, dark);
	return { pieces, dark, top, noise: robustSd(quiet, dark) / Math.abs(top - dark) };
}

/** Samples with their place, s from the start of a window. */
interface Window {
	values: Float64Array;
	sampleRate: number;
	/** Where the light lies in it, samples. */
	open: Span;
}

function windowAround(samples: Float32Array, sampleRate: number, { from, to }: Span, between: Span): Window {
	const flank = Math.round(FLANK * sampleRate);
	const start = Math.max(between.from, from - flank);
	const end = Math.min(between.to, to + flank);
	return {
		values: Float64Array.from(samples.subarray(start, end)),
		sampleRate,
		open: { from: from - start, to: to - start }
	};
}

const hums = [1, 2].flatMap((half) =>
	HUM.map((hertz) => ({ hertz, wave: half === 1 ? Math.cos : Math.sin }))
);

/** What the dark is made of at a place: a level and the waves of the hum. */
const darkAt = (at: number, sampleRate: number) => [
	1,
	...hums.map(({ hertz, wave }) => wave((2 * Math.PI * hertz * at) / sampleRate))
];

/** Fewer places than these tell nothing of a hum. */
const LEAST_PLACES = 100;

/**
 * Least squares by the normal equations, which need no room for the places they were summed over.
 *
 * @param outside where a window is dark
 * @returns what the dark is made of: the factors of `darkAt`
 */
function fittedDark({ values, sampleRate }: Window, outside: (at: number) => boolean): number[] {
	const terms = hums.length + 1;
	const products = Matrix.zeros(terms, terms);
	const sums = Matrix.zeros(terms, 1);
	for (let at = 0; at < values.length; at++) {
		if (!outside(at)) continue;
		const waves = darkAt(at, sampleRate);
		for (let row = 0; row < terms; row++) {
			sums.set(row, 0, sums.get(row, 0) + waves[row] * values[at]);
			for (let column = 0; column < terms; column++) {
				products.set(row, column, products.get(row, column) + waves[row] * waves[column]);
			}
		}
	}
	return solve(products, sums).to1DArray();
}

/** Takes the dark's level and its hum out of a window, as both are on its two sides. */
function withoutHum(window: Window, margin: number): Float64Array {
	const { values, sampleRate, open } = window;
	const outside = (at: number) => at < open.from - margin || at > open.to + margin;
	const dark = values.filter((_, at) => outside(at));
	if (dark.length < LEAST_PLACES) {
		const level = medianOf(dark);
		return values.map((value) => value - level);
	}
	const fitted = fittedDark(window, outside);
	return values.map(
		(value, at) => value - darkAt(at, sampleRate).reduce((sum, wave, term) => sum + wave * fitted[term], 0)
	);
}

/** The middle of a firing in which even slow blades are wide open, and what is left of it where they only just open. */
const [WIDE_OPEN, PEAK] = [0.7, 0.2];
/** A peak stands out of the mean by this part when the blades only just open. */
const PEAKED = 0.04;

/** Full light of a firing. */
function fullLight(values: Float64Array, { from, to }: Span): number {
	const middle = (part: number) => {
		const cut = Math.round(((to - from) * (1 - part)) / 2);
		return meanOf(values.subarray(from + cut, Math.max(from + cut + 1, to - cut)));
	};
	const [wide, peak] = [middle(WIDE_OPEN), middle(PEAK)];
	return peak > wide * (1 + PEAKED) ? peak : wide;
}

/** Light below this part of the full one is the dark. */
const FAINT = 0.05;

/** Where the light really ends at one edge: outward until a short stretch of it is dark. */
function outward(values: Float64Array, full: number, from: number, most: number, stretch: number): number {
	const step = Math.sign(most);
	for (let away = 0; away < Math.abs(most); away += stretch) {
		const [a, b] = [from + step * away, from + step * (away + stretch)];
		const part = values.subarray(Math.max(0, Math.min(a, b)), Math.min(values.length, Math.max(a, b)));
		if (part.length === 0 || meanOf(part) < FAINT * full) return a;
	}
	return from + most;
}

/** Time between two parts of full light at one edge, drawn out to the whole way, s. */
function edgeTime(values: Float64Array, full: number, from: number, to: number, sampleRate: number): number {
	const [LOW, HIGH] = [0.2, 0.8];
	const step = Math.sign(to - from);
	let low: number | null = null;
	for (let at = from; at !== to; at += step) {
		if (values[at] >= LOW * full && low === null) low = at;
		if (values[at] < LOW * full) low = null;
		if (values[at] >= HIGH * full && low !== null) return Math.abs(at - low) / sampleRate / (HIGH - LOW);
	}
	return 0;
}

/**
 * Firings in the trace of a light sensor. The effective exposure time is the exposure over the full
 * light: the area under the trace by its height, which for a trapezoid is its width at half height.
 * Source: ISO 516, effective exposure time.
 *
 * @param samples of the sensor, brighter either way
 * @param sampleRate Hz
 */
export function firingsByLight(samples: Float32Array, sampleRate: number): Firing[] {
	const fine = overview(samples, sampleRate);
	const { pieces, dark, top, noise } = fine.noise > NOISY ? overview(samples, sampleRate, LONG_PIECE) : fine;
	if (!(Math.abs(top - dark) >= LEAST_SWING && noise * ABOVE_NOISE < 1)) return [];
	const spans = openSpans(pieces, dark, top).map(({ from, to }) => ({
		from: from * pieces.size,
		to: (to + 1) * pieces.size
	}));
	const sign = Math.sign(top - dark);
	return spans.slice(0, MOST_FIRINGS + 1).map((span, index) => {
		const between = {
			from: index === 0 ? 0 : Math.round((spans[index - 1].to + span.from) / 2),
			to: index === spans.length - 1 ? samples.length : Math.round((span.to + spans[index + 1].from) / 2)
		};
		const around = windowAround(samples, sampleRate, span, between);
		const margin = Math.max(pieces.size * SHORTEST, Math.round((span.to - span.from) / 4));
		const values = withoutHum(around, margin).map((value) => sign * value);
		const full = fullLight(values, around.open);
		// Long enough that its noise is less than what counts as dark.
		const stretch = Math.ceil(pieces.size * Math.max(1 / 4, (noise / FAINT) ** 2));
		const edge = {
			from: Math.max(0, outward(values, full, around.open.from, -margin, stretch)),
			to: Math.min(values.length, outward(values, full, around.open.to, margin, stretch))
		};
		const area = values.subarray(edge.from, edge.to).reduce((sum, each) => sum + each, 0);
		const half = Math.round((around.open.from + around.open.to) / 2);
		const opening = edgeTime(values, full, edge.from, half, sampleRate);
		return {
			at: span.from / sampleRate - opening / 2,
			seconds: area / full / sampleRate,
			opening,
			closing: edgeTime(values, full, edge.to - 1, half, sampleRate)
		};
	});
}
