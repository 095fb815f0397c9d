import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { draws } from '../../../../tests/fixtures/few';
import { blocksOfColours, blocksOfLuma, framesOfGate, GRID, type GridFrame } from '.';

const BLOCKS = GRID.columns * GRID.rows;

/** Frames of which some blocks are as bright as is said, and the others as they always are. */
const framesOf = (codes: readonly number[], inGate: (row: number, column: number) => boolean): GridFrame[] =>
	codes.map((code, index) => ({
		at: index / 30,
		blocks: Float32Array.from({ length: BLOCKS }, (_, block) => {
			const [row, column] = [Math.floor(block / GRID.columns), block % GRID.columns];
			return inGate(row, column) ? code : (block % 7) / 10;
		})
	}));
const CODES = [
	...Array<number>(40).fill(0.02),
	0.5,
	...Array<number>(10).fill(0.02),
	...Array<number>(20).fill(0.8)
];

describe('the film gate in a clip', () => {
	it('is what grows bright, wherever it lies in the picture', () => {
		const between = (most: number) => fc.integer({ min: 0, max: most });
		fc.assert(
			fc.property(between(30), between(30), between(9), between(9), (top, left, high, wide) => {
				const frames = framesOf(
					CODES,
					(row, column) => row >= top && row <= top + high && column >= left && column <= left + wide
				);
				const gate = framesOfGate(frames)!;
				expect(gate).toHaveLength(CODES.length);
				gate.forEach(({ at, rows }, index) => {
					expect(at).toBe(index / 30);
					expect(rows).toHaveLength(high + 1);
					for (const code of rows) expect(code).toBeCloseTo(CODES[index], 6);
				});
			}),
			{ numRuns: draws(40) }
		);
	});

	it('is nowhere where nothing grows bright', () => {
		expect(framesOfGate(framesOf(CODES, () => false))).toBeNull();
		expect(framesOfGate([])).toBeNull();
		expect(framesOfGate(framesOf([0.5], () => true))).toBeNull();
	});

	it('is seen in luma of either range, row by row, and in colours', () => {
		const [width, height, stride] = [80, 96, 100];
		const luma = Uint8Array.from({ length: stride * height }, (_, at) =>
			// What lies beyond the picture is never looked at.
			at % stride < width ? 16 + Math.floor(at / stride / 2) : 255
		);
		// Source: ITU-R BT.709-6, 3.5: black is 16 and white 235 in eight bits.
		const narrow = blocksOfLuma(luma, { width, height, stride, black: 16, white: 235 });
		expect([0, 1, 47].map((row) => narrow[row * GRID.columns])).toEqual(
			[0, 1, 47].map((code) => expect.closeTo(code / 219, 6))
		);
		expect(blocksOfLuma(luma, { width, height, stride, black: 0, white: 255 })[0]).toBeCloseTo(16 / 255, 6);
		const green = Uint8ClampedArray.from({ length: 4 * width * height }, (_, at) => (at % 4 === 1 ? 255 : 0));
		// Source: ITU-R BT.709-6, 3.2: luma is 0.7152 of green.
		expect(blocksOfColours(green, width, height)[BLOCKS - 1]).toBeCloseTo(0.7152, 6);
	});
});
