import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bounded, firstHit, hitOn, mayMeet, type Shape } from './shapes';
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
		expect(firstHit([far, ball].map(bounded), EYE, AHEAD)!.distance).toBeCloseTo(4, 9);
		expect(firstHit([], EYE, AHEAD)).toBeNull();
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
