import { Matrix, solve } from 'ml-matrix';
import { linearOf, luminanceOf, meanOf } from '../units';
import { inPicture, isSound, type Point, type Quad } from './quad';

/** Pixels: sRGB with alpha, four numbers a pixel, row by row. */
export interface Pixels {
	width: number;
	height: number;
	data: Uint8ClampedArray;
}

/** Why a picture of a print says nothing. */
export type Refusal = 'corners' | 'border-clipped' | 'border-dim' | 'uneven' | 'glare';

/** A print in a picture, its light levelled by its white border. */
export interface LevelledPrint {
	/** What is given back at a place of the print, as parts of what its border gives back; v down. */
	at: (u: number, v: number) => number;
	/** All of it, on a grid. */
	tones: number[];
}

const CHANNELS = 4;
const FULL = 255;

/** Luminance of a spot, linear, and its brightest channel; the picture's own edge ends it. */
function spotOf({ width, height, data }: Pixels, { x, y }: Point, radius: number) {
	const [column, row] = [Math.round(x * width), Math.round(y * height)];
	let [sum, count, brightest] = [0, 0, 0];
	for (let j = Math.max(0, row - radius); j <= Math.min(height - 1, row + radius); j++)
		for (let i = Math.max(0, column - radius); i <= Math.min(width - 1, column + radius); i++) {
			const at = (j * width + i) * CHANNELS;
			const [red, green, blue] = [data[at], data[at + 1], data[at + 2]];
			sum += luminanceOf(linearOf(red / FULL), linearOf(green / FULL), linearOf(blue / FULL));
			brightest = Math.max(brightest, red, green, blue);
			count += 1;
		}
	return { luminance: count > 0 ? sum / count : 0, brightest };
}

/** Mean luminance about a place of a picture, linear. */
export const luminanceAbout = (pixels: Pixels, place: Point, radius: number): number =>
	spotOf(pixels, place, radius).luminance;

/** The border is looked at just beside the picture, parts of the print's own picture. */
const BESIDE = 0.03;
/** Places along each side. */
const ALONG = 9;
const SIDES = 4;

interface Seen {
	u: number;
	v: number;
	luminance: number;
	brightest: number;
}

/** A spot of the border is this much of the print across. */
const SPOT = 0.008;

function borderOf(pixels: Pixels, quad: Quad): Seen[] {
	const place = inPicture(quad);
	const radius = Math.max(1, Math.round(SPOT * widthOf(quad) * pixels.width));
	const along = Array.from({ length: ALONG }, (_, at) => (at + 0.5) / ALONG);
	const sides = [
		along.map((u) => [u, -BESIDE]),
		along.map((v) => [1 + BESIDE, v]),
		along.map((u) => [u, 1 + BESIDE]),
		along.map((v) => [-BESIDE, v])
	];
	return sides.flat().map(([u, v]) => ({ u, v, ...spotOf(pixels, place(u, v), radius) }));
}

const widthOf = ([a, b]: Quad) => Math.hypot(b.x - a.x, b.y - a.y);

/** Sides that differ by more than this cannot be levelled, stops. */
const MOST_UNEVEN = 1 / 2;
/** A white that a channel has run out at says nothing. */
const CLIPPED = 251;
const FEW = 0.1;
/** A border darker than this lies in the curve's foot, sRGB of 255. */
const DIM = 110;
/** Single places brighter than the level light by more are a reflection, stops; and so is a print brighter than its paper. */
const SHINE = 0.2;
const GLARING = 0.04;

function problemOf(border: readonly Seen[]): Refusal | null {
	const clipped = border.filter(({ brightest }) => brightest >= CLIPPED).length;
	if (clipped > FEW * border.length) return 'border-clipped';
	if (meanOf(border.map(({ luminance }) => luminance)) < linearOf(DIM / FULL)) return 'border-dim';
	const sides = Array.from({ length: SIDES }, (_, side) =>
		meanOf(border.slice(side * ALONG, (side + 1) * ALONG).map(({ luminance }) => Math.log2(luminance)))
	);
	return Math.max(...sides) - Math.min(...sides) > MOST_UNEVEN ? 'uneven' : null;
}

/** The light along the border as a level plane with a twist, stops, by least squares. */
function lightBy(border: readonly Seen[]): (u: number, v: number) => number {
	const terms = (u: number, v: number) => [1, u, v, u * v];
	const [c, ofU, ofV, ofBoth] = solve(
		new Matrix(border.map(({ u, v }) => terms(u, v))),
		Matrix.columnVector(border.map(({ luminance }) => Math.log2(luminance)))
	).to1DArray();
	return (u, v) => c + ofU * u + ofV * v + ofBoth * u * v;
}

/** The print is looked at on this grid, and not to its very edge. */
const [COLUMNS, ROWS, EDGE] = [24, 18, 0.03];

/**
 * A print in a picture of it, with the light on it taken out: its white border says how light falls.
 *
 * @param quad the corners of the print's own picture, inside its border
 * @returns or why the picture says nothing
 */
export function levelled(pixels: Pixels, quad: Quad): LevelledPrint | { refused: Refusal } {
	if (!isSound(quad)) return { refused: 'corners' };
	const border = borderOf(pixels, quad);
	const problem = problemOf(border);
	if (problem) return { refused: problem };
	const light = lightBy(border);
	const shining = border.filter(({ u, v, luminance }) => Math.log2(luminance) - light(u, v) > SHINE);
	if (shining.length > FEW * border.length) return { refused: 'glare' };
	const place = inPicture(quad);
	const cell = Math.max(1, Math.round((widthOf(quad) * pixels.width) / COLUMNS / 3));
	const at = (u: number, v: number, radius = cell) =>
		luminanceAbout(pixels, place(u, v), radius) / 2 ** light(u, v);
	const inside = (index: number, count: number) => EDGE + ((index + 0.5) / count) * (1 - 2 * EDGE);
	const tones = Array.from({ length: COLUMNS * ROWS }, (_, index) =>
		at(inside(index % COLUMNS, COLUMNS), inside(Math.floor(index / COLUMNS), ROWS))
	);
	const bright = tones.filter((tone) => Math.log2(tone) > SHINE).length;
	return bright > GLARING * tones.length ? { refused: 'glare' } : { at, tones };
}
