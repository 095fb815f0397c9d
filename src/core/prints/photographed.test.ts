import { describe, expect, it } from 'vitest';
import { draws } from '../../../tests/fixtures/few';
import {
	allMarks,
	coveredOf,
	greyCard,
	judgedRuns,
	ownQuad,
	rmsOf,
	told
} from '../../../tests/fixtures/judged';
import { card, photograph, type Phone } from '../../../tests/fixtures/photographed';
import { judgedByPicture, marksOf, type Marked } from '.';

describe('prints in a phone’s picture', () => {
	const runs = draws(40);
	const { off, refused } = judgedRuns(runs, 0.37);

	// Bounds: what a print beside a right one, beside a card, and a border with a grey should reach; by simulation.
	it.each([
		['pair', 0.17],
		['card', 0.2],
		['print', 0.4]
	] as const)('are told: %s, to within %s', (way, within) => {
		expect(rmsOf(off[way])).toBeLessThan(within);
		expect(coveredOf(off[way])).toBeGreaterThanOrEqual(0.85);
	});

	it('are hardly ever refused where the picture is sound', () => {
		expect(refused).toBeLessThan(0.1 * 3 * runs);
	});
});

describe('a picture of a print', () => {
	const even: Phone = {
		contrast: 1.6,
		least: 0.12,
		most: 1.75,
		s: 0.1,
		lifted: 0.01,
		local: 0,
		across: 0.1,
		down: 0,
		white: 0.86
	};
	const taken = (phone: Partial<Phone> = {}) =>
		photograph([{ error: 0.5, quad: ownQuad }], { ...even, ...phone }, 0.5);
	const judged = (picture: ReturnType<typeof taken>, more: Partial<Marked> = {}) =>
		judgedByPicture('print', 'instant', picture, { marks: allMarks, spots: greyCard(0), ...more });

	it('is refused with a word where its border is burnt out, too dark or unevenly lit, or its corners make no print', () => {
		expect(told(judged(taken()))!.stops).toBeCloseTo(0.5, 0);
		expect(judged(taken({ white: 1 }))).toEqual({ refused: 'border-clipped' });
		expect(judged(taken({ white: 0.3 }))).toEqual({ refused: 'border-dim' });
		expect(judged(taken({ across: 2.2 }))).toEqual({ refused: 'uneven' });
		const [first, second, ...rest] = marksOf.print;
		const crossed = { ...allMarks, [first]: allMarks[second], [second]: allMarks[first] };
		expect(rest).toHaveLength(2);
		expect(judged(taken(), { marks: crossed })).toEqual({ refused: 'corners' });
	});

	it('is refused where something shines on it', () => {
		const picture = taken();
		for (let y = 0.3; y < 0.55; y += 1 / picture.height)
			for (let x = 0.15; x < 0.3; x += 1 / picture.width)
				picture.data.fill(
					255,
					(Math.round(y * picture.height) * picture.width + Math.round(x * picture.width)) * 4,
					(Math.round(y * picture.height) * picture.width + Math.round(x * picture.width)) * 4 + 4
				);
		expect(judged(picture)).toEqual({ refused: 'glare' });
	});

	it('says nothing before all is marked, and by its border alone only what does not count', () => {
		expect(judged(taken(), { marks: {} })).toBeNull();
		expect(judged(taken(), { spots: [] })).toMatchObject({ counts: false, told: { sd: 0.8 } });
		expect(
			judgedByPicture('pair', 'instant', taken(), {
				marks: { ...allMarks, 'right-top-left': undefined },
				spots: []
			})
		).toBeNull();
		const swapped = { ...allMarks, 'card-white': card.black, 'card-black': card.white };
		expect(judgedByPicture('card', 'instant', taken(), { marks: swapped, spots: greyCard(0) })).toEqual({
			refused: 'card'
		});
	});
});

describe('film against light', () => {
	/** Grey parts that let through so much, beside each other. */
	const strip = (parts: readonly number[]) => {
		const [width, height] = [40 * parts.length, 40];
		const data = new Uint8ClampedArray(width * height * 4);
		for (let at = 0; at < width * height; at++) {
			const linear = parts[Math.floor((at % width) / 40)];
			// IEC 61966-2-1.
			const value = 255 * (linear <= 0.0031308 ? 12.92 * linear : 1.055 * linear ** (1 / 2.4) - 0.055);
			data.set([value, value, value, 255], at * 4);
		}
		return { width, height, data };
	};
	const place = (part: number, of: number) => ({ x: (part + 0.5) / of, y: 0.5 });

	// By hand: a negative's grey is 0.7 above its base, and 0.58·log10(2) = 0.175 more for each stop.
	it.each([
		[0.7, 0],
		[0.7 + 0.175, 1],
		[0.7 - 2 * 0.175, -2]
	])('tells a negative by its density above its base: %s is %s stops', (density, stops) => {
		const picture = strip([0.8, 0.8 * 10 ** -density]);
		const marked = { marks: { clear: place(0, 2) }, spots: [{ thing: 'grey' as const, at: place(1, 2) }] };
		const found = told(judgedByPicture('light', 'bw-negative', picture, marked))!;
		expect(Math.abs(found.stops - stops)).toBeLessThan(0.06);
		expect(found.sd).toBeGreaterThanOrEqual(0.7);
	});

	it('is told of a scan without any known thing on it only as what does not count', () => {
		const judged = judgedByPicture('scan', 'instant', strip([0.18, 0.18]), { marks: {}, spots: [] });
		expect(judged).toMatchObject({ counts: false, told: { sd: 0.8 } });
		expect(Math.abs(told(judged)!.stops)).toBeLessThan(0.05);
	});

	it('tells a slide by what comes through beside its light table', () => {
		const picture = strip([0.9, 0.9 * 0.18]);
		const marked = { marks: { clear: place(0, 2) }, spots: [{ thing: 'grey' as const, at: place(1, 2) }] };
		const found = told(judgedByPicture('light', 'reversal', picture, marked))!;
		expect(Math.abs(found.stops)).toBeLessThan(0.06);
		expect(found.sd).toBe(0.5);
		expect(judgedByPicture('light', 'reversal', picture, { ...marked, marks: {} })).toBeNull();
	});
});
