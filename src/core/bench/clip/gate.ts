import { meanOf } from '../../units';
import type { ClipFrame } from './types';

/** A frame in blocks, row by row as the phone's sensor reads it. */
export interface GridFrame {
	/** Its own time stamp, s. */
	at: number;
	/** Means of its blocks, of the code range: 0 … 1. */
	blocks: Float32Array;
}

/** Blocks of a frame. */
export const GRID = { columns: 40, rows: 48 } as const;

/** Of the frames, so many are dark at least; and the brightest for so long are of the open shutter, s. */
const [DARK_PART, OPEN_SECONDS] = [1 / 4, 0.3];
/** A block is of the gate where it grows brighter by this part of what the one does that grows most. */
const OF_MOST = 1 / 2;
/** Nothing is open where no block grows brighter by so much, of the code range. */
const LEAST = 0.05;
/** A row counts with this part of the blocks of the fullest. */
const OF_FULLEST = 1 / 3;

/** Means of some frames, block by block. */
function meanFrame(frames: readonly GridFrame[]): Float64Array {
	const sums = new Float64Array(GRID.columns * GRID.rows);
	for (const { blocks } of frames)
		for (let block = 0; block < sums.length; block++) sums[block] += blocks[block] / frames.length;
	return sums;
}

/** The blocks that grow bright when the shutter opens; null where none do. */
function gateIn(frames: readonly GridFrame[]): boolean[] | null {
	const means = frames.map(({ blocks }) => meanOf(blocks));
	const rising = frames.map((_, at) => at).sort((a, b) => means[a] - means[b]);
	const frame = (frames[frames.length - 1].at - frames[0].at) / (frames.length - 1);
	const open = Math.min(rising.length, Math.max(2, Math.ceil(OPEN_SECONDS / frame)));
	const dark = Math.max(1, Math.floor(rising.length * DARK_PART));
	const [unlit, lit] = [rising.slice(0, dark), rising.slice(-open)].map((some) =>
		meanFrame(some.map((at) => frames[at]))
	);
	const grows = Array.from(lit, (code, block) => code - unlit[block]);
	const most = grows.reduce((a, b) => Math.max(a, b));
	return most < LEAST ? null : grows.map((by) => by >= OF_MOST * most);
}

/**
 * The film gate of the camera in a clip, row by row: of the picture those blocks alone that grow bright when the
 * shutter opens, so that the room around it says nothing.
 *
 * @param frames two or more, in their order
 * @returns null where nothing grows bright
 * @example framesOfGate(frames of a bright disc in a dark room)?.[0].rows.length // as many as the disc is high, in blocks
 */
export function framesOfGate(frames: readonly GridFrame[]): ClipFrame[] | null {
	const gate = frames.length > 1 ? gateIn(frames) : null;
	if (!gate) return null;
	const { columns, rows } = GRID;
	const blocksOf = Array.from({ length: rows }, (_, row) =>
		Array.from({ length: columns }, (_block, column) => row * columns + column).filter((block) => gate[block])
	);
	const fullest = Math.max(...blocksOf.map(({ length }) => length));
	const used = blocksOf.filter(({ length }) => length >= OF_FULLEST * fullest);
	return frames.map(({ at, blocks }) => ({
		at,
		rows: Float32Array.from(used, (some) => meanOf(some.map((block) => blocks[block])))
	}));
}

/** Light of red, green and blue as a video's luma has it. Source: ITU-R BT.709-6, 3.2. */
const [RED, GREEN, BLUE] = [0.2126, 0.7152, 0.0722];

/** What a plane of numbers is. */
export interface Plane {
	width: number;
	height: number;
	/** From one row to the next, and from one number to the next. */
	stride: number;
	/** Numbers that are black and white: 16 and 235 of a video's luma, else 0 and 255 (ITU-R BT.709-6, 3.5). */
	black: number;
	white: number;
}

/** Of a large picture every other row and number says as much. */
const LARGE = 500;

/** The blocks of a picture of which one number tells the light. */
function blocksBy(
	{ width, height }: Pick<Plane, 'width' | 'height'>,
	light: (x: number, y: number) => number
) {
	const { columns, rows } = GRID;
	const step = height > LARGE ? 2 : 1;
	const blocks = new Float32Array(columns * rows);
	for (let row = 0; row < rows; row++)
		for (let column = 0; column < columns; column++) {
			const [left, right] = [column, column + 1].map((at) => Math.floor((at * width) / columns));
			const [top, bottom] = [row, row + 1].map((at) => Math.floor((at * height) / rows));
			let [sum, count] = [0, 0];
			for (let y = top; y < bottom; y += step)
				for (let x = left; x < right; x += step) {
					sum += light(x, y);
					count++;
				}
			blocks[row * columns + column] = count > 0 ? sum / count : 0;
		}
	return blocks;
}

/**
 * A frame's luma in blocks.
 *
 * @param luma numbers row by row, of a picture no smaller than the grid
 * @returns codes 0 … 1, a little beyond where the numbers are
 * @example blocksOfLuma(all 235, { width: 80, height: 96, stride: 80, black: 16, white: 235 })[0] // 1
 */
export function blocksOfLuma(luma: Uint8Array, { stride, black, white, ...size }: Plane): Float32Array {
	return blocksBy(size, (x, y) => (luma[y * stride + x] - black) / (white - black));
}

/**
 * A picture of red, green, blue and a fourth number in blocks, by its luma.
 *
 * @example blocksOfColours(all white, 40, 48)[0] // 1
 */
export function blocksOfColours(rgba: Uint8ClampedArray, width: number, height: number): Float32Array {
	return blocksBy({ width, height }, (x, y) => {
		const at = 4 * (y * width + x);
		return (RED * rgba[at] + GREEN * rgba[at + 1] + BLUE * rgba[at + 2]) / 255;
	});
}
