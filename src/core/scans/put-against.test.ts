import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { draws } from '../../../tests/fixtures/few';
import { guessedPairs, inOrder, numbersIn, putAgainst, slipped, turnedRound } from '.';

const frames = Array.from({ length: 36 }, (_, at) => at + 1);

describe('numbers in the names of files', () => {
	// Names as labs and scanners give them; from memory.
	it.each([
		[
			['000123450001.jpg', '000123450002.jpg', '000123450036.jpg'],
			[1, 2, 36]
		],
		[
			['R1-08123-0012.TIF', 'R1-08123-0013.TIF'],
			[12, 13]
		],
		[
			['IMG_12.jpg', 'IMG_13.jpg', 'IMG_9.jpg'],
			[12, 13, 9]
		],
		[
			['roll 4 07 copy 2.jpg', 'roll 4 08 copy 2.jpg'],
			[7, 8]
		],
		[
			['12A.jpg', '13A.jpg'],
			[12, 13]
		],
		[
			['scan 3 of 8.png', 'scan 4 of 8.png'],
			[3, 4]
		],
		[['07.jpg'], [7]]
	])('%j are %j', (names, numbers) => expect(numbersIn(names, frames)).toEqual(numbers));

	it('are none where they are no frames, or one of them twice', () => {
		expect(numbersIn(['a.jpg', 'b.jpg'], frames)).toBeNull();
		expect(numbersIn(['40.jpg', '41.jpg'], frames)).toBeNull();
		expect(numbersIn(['7.jpg', '7.png'], frames)).toBeNull();
		expect(numbersIn([], frames)).toBeNull();
	});
});

describe('files against frames', () => {
	it('go by their numbers, or one after the other in the order of their names', () => {
		expect(guessedPairs(['x_2.jpg', 'x_4.jpg'], [1, 2, 4])).toEqual([1, 2]);
		expect(inOrder(['b10.jpg', 'B9.jpg', 'a.jpg'])).toEqual(['a.jpg', 'B9.jpg', 'b10.jpg']);
		expect(guessedPairs(['a.jpg', 'b.jpg', 'c.jpg'], [1, 2])).toEqual([0, 1, null]);
	});

	it('slip from where a blank frame lies, and turn round with a reversed roll', () => {
		expect(slipped([0, 1, 2, null], 1, 1)).toEqual([0, 2, 3, null]);
		expect(slipped([0, 1, 2], 1, -1)).toEqual([null, 0, 1]);
		expect(slipped(slipped([0, 1, 2], 0, -1), 0, 1)).toEqual([0, 1, 2]);
		expect(turnedRound([0, 1, null])).toEqual([null, 1, 0]);
		expect(putAgainst([0, 1, 2], 2, 0)).toEqual([null, 1, 0]);
		expect(putAgainst([0, null, null], 0, null)).toEqual([null, null, null]);
	});

	it('whatever is done, no frame is on two files, and turning twice changes nothing', () => {
		const steps = fc.array(
			fc.oneof(
				fc.record({ slip: fc.nat(9), by: fc.constantFrom(-1, 1) }),
				fc.record({ file: fc.nat(9), frame: fc.option(fc.nat(7)) }),
				fc.constant('turn' as const)
			),
			{ maxLength: 12 }
		);
		fc.assert(
			fc.property(fc.integer({ min: 1, max: 10 }), steps, (files, done) => {
				const names = Array.from({ length: files }, (_, at) => `${'abcdefghij'[at]}.jpg`);
				let pairs = guessedPairs(names, frames.slice(0, 8));
				for (const step of done) {
					if (step === 'turn') pairs = turnedRound(pairs);
					else if ('slip' in step) pairs = slipped(pairs, step.slip, step.by);
					else pairs = putAgainst(pairs, step.file, step.frame);
					const shown = pairs.filter((frame) => frame !== null);
					expect(new Set(shown).size).toBe(shown.length);
					expect(pairs).toHaveLength(files);
				}
				expect(turnedRound(turnedRound(pairs))).toEqual(pairs);
			}),
			{ numRuns: draws(300) }
		);
	});
});
