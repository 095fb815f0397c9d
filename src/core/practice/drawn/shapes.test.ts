import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { betweenFrom, bounded, disc, hitOn, lookingFrom, mayMeet, partFree, type Shape } from './shapes';
import { cross, dot, plus, unit, type Vector } from './vector';

const paint = { albedo: 0.2, tint: [1, 1, 1] as Vector };
const ball: Shape = { kind: 'ball', middle: [0, 5, 1], radii: [1, 1, 1], paint };
const block: Shape = { kind: 'block', low: [-1, 4, 0], high: [1, 6, 2], paint };
const board: Shape = { kind: 'board', middle: [0, 5, 1], normal: [0, -1, 0], half: 0.5, paint };
const AHEAD: Vector = [0, 1, 0];
const EYE: Vector = [0, 0, 1];

// Source: geometry, worked by hand.
describe('a line from the eye', () => {
	it('meets a ball at its near side, where the normal looks back', () => {
		expect(hitOn(ball, EYE, AHEAD)!.distance).toBe(4);
		expect(hitOn(ball, EYE, AHEAD)!.normal[1]).toBe(-1);
		expect(hitOn(ball, [0, 5, 1], AHEAD)!.distance).toBeCloseTo(1, 9);
		expect(hitOn(ball, EYE, [0, -1, 0])).toBeNull();
		expect(hitOn(ball, [1.01, 0, 1], AHEAD)).toBeNull();
	});

	it('meets a stretched ball where its own quadric is met', () => {
		const egg: Shape = { kind: 'ball', middle: [0, 5, 1], radii: [1, 2, 1], paint };
		expect(hitOn(egg, EYE, AHEAD)!.distance).toBeCloseTo(3, 9);
	});

	it('meets a block at the side that faces it', () => {
		expect(hitOn(block, EYE, AHEAD)!.distance).toBe(4);
		expect(hitOn(block, EYE, AHEAD)!.normal[1]).toBe(-1);
		const fromAbove = hitOn(block, [0, 5, 9], [0, 0, -1])!;
		expect(fromAbove.distance).toBeCloseTo(7, 9);
		expect(fromAbove.normal[2]).toBe(1);
		expect(hitOn(block, [1.5, 0, 1], AHEAD)).toBeNull();
	});

	it('meets a board within its edges only, from both sides, whichever way it is turned', () => {
		expect(hitOn(board, EYE, AHEAD)!.distance).toBeCloseTo(5, 9);
		expect(hitOn(board, [0.49, 0, 1.49], AHEAD)).not.toBeNull();
		expect(hitOn(board, [0.51, 0, 1], AHEAD)).toBeNull();
		expect(hitOn(board, [0, 9, 1], [0, -1, 0])!.normal[1]).toBeCloseTo(1, 9);
		// Tilted by 60° to the sky it is half as high to the eye: 0.25 m above its middle is its edge.
		const up = Math.PI / 3;
		const tilted: Shape = { ...board, normal: [0, -Math.cos(up), Math.sin(up)] };
		expect(hitOn(tilted, [0, 0, 1.24], AHEAD)).not.toBeNull();
		expect(hitOn(tilted, [0, 0, 1.26], AHEAD)).toBeNull();
	});

	it('meets the nearest of several', () => {
		const far: Shape = { kind: 'ball', middle: [0, 9, 1], radii: [1, 1, 1], paint };
		expect(lookingFrom([far, ball].map(bounded), EYE)(AHEAD)).toMatchObject({ which: 1, distance: 4 });
		expect(lookingFrom([], EYE)(AHEAD)).toBeNull();
	});
});

const number = fc.double({ min: -6, max: 6, noNaN: true });
const places = fc.tuple(number, number, number) as fc.Arbitrary<Vector>;
const directions = places.filter((each) => dot(each, each) > 0.01).map(unit);

describe('whatever the line', () => {
	it('nothing is met that the ball around it says cannot be', () => {
		fc.assert(
			fc.property(fc.constantFrom(ball, block, board), places, directions, (shape, from, towards) => {
				if (hitOn(shape, from, towards)) expect(mayMeet(bounded(shape), from, towards)).toBe(true);
			}),
			{ numRuns: 2000 }
		);
	});

	it('the nearest of several from one place is the nearest of each alone', () => {
		const all = [ball, block, board, { ...ball, middle: [2, 3, 0] as Vector }];
		fc.assert(
			fc.property(places, directions, (from, towards) => {
				const alone = all.map((shape) => hitOn(shape, from, towards)?.distance ?? Infinity);
				const met = lookingFrom(all.map(bounded), from)(towards);
				expect(met?.distance ?? Infinity).toBe(Math.min(...alone));
			}),
			{ numRuns: 2000 }
		);
	});

	it('all that stands between a lamp and a place is among what may', () => {
		const all = [ball, block, board];
		const wide: Vector = [0.3, 0.3, 0.15];
		const onRim = fc.constantFrom(...disc(12)).map(([x, y]): Vector => [0.3 * x, 0.3 * y, 0.15 * y]);
		let blocked = 0;
		fc.assert(
			fc.property(places, places, onRim, (lamp, place, rim) => {
				const way = plus(place, lamp, -1);
				const distance = Math.sqrt(dot(way, way));
				if (distance < 0.5) return;
				const may = betweenFrom(all.map(bounded), lamp, wide)(unit(way), distance, -1);
				const back = plus(plus(lamp, rim), place, -1);
				const far = Math.sqrt(dot(back, back));
				for (const shape of all) {
					if ((hitOn(shape, place, unit(back))?.distance ?? Infinity) >= far) continue;
					blocked++;
					expect(may).toContain(shape);
				}
			}),
			{ numRuns: 3000 }
		);
		expect(blocked).toBeGreaterThan(100);
	});

	it('a part of a disc is free, and all or none where middle and rim agree', () => {
		const all = disc(12);
		// By hand: the mean of x² over a disc of radius one is a quarter.
		expect(all.reduce((sum, [x]) => sum + x * x, 0) / 12).toBeCloseTo(1 / 4, 1);
		expect(partFree(all, () => true)).toBe(1);
		expect(partFree(all, () => false)).toBe(0);
		expect(Math.abs(partFree(all, ([x]) => x > 0) - 1 / 2)).toBeLessThan(0.1);
	});

	it('a hit lies on the shape, with a normal of length one that looks back along the line from outside', () => {
		fc.assert(
			fc.property(places, directions, (from, towards) => {
				const hit = hitOn(ball, from, towards);
				if (!hit) return;
				const off = plus(plus(from, towards, hit.distance), ball.middle as Vector, -1);
				expect(dot(off, off)).toBeCloseTo(1, 6);
				expect(dot(hit.normal, hit.normal)).toBeCloseTo(1, 9);
				const start = plus(from, ball.middle as Vector, -1);
				if (dot(start, start) > 1.001) expect(dot(hit.normal, towards)).toBeLessThanOrEqual(1e-6);
			}),
			{ numRuns: 2000 }
		);
	});

	it('the cross of two directions stands on both', () => {
		fc.assert(
			fc.property(directions, directions, (a, b) => {
				expect(dot(cross(a, b), a)).toBeCloseTo(0, 9);
				expect(dot(cross(a, b), b)).toBeCloseTo(0, 9);
			})
		);
	});
});
