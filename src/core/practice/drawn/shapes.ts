import type { Paint } from './paint';
import { cross, dot, plus, unit, type Vector } from './vector';

export interface Ball {
	kind: 'ball';
	middle: Vector;
	radii: Vector;
	paint: Paint;
}

export interface Block {
	kind: 'block';
	low: Vector;
	high: Vector;
	paint: Paint;
}

/** A flat square that looks one way. */
export interface Board {
	kind: 'board';
	middle: Vector;
	normal: Vector;
	half: number;
	paint: Paint;
}

export type Shape = Ball | Block | Board;

export interface Hit {
	distance: number;
	normal: Vector;
	paint: Paint;
}

/** Nearer hits are the surface itself, m. */
const NEAREST = 1e-4;

/** Source: the quadratic of a line and a sphere, in a space where the ball is one. */
function onBall({ middle, radii, paint }: Ball, from: Vector, towards: Vector): Hit | null {
	const o: Vector = [
		(from[0] - middle[0]) / radii[0],
		(from[1] - middle[1]) / radii[1],
		(from[2] - middle[2]) / radii[2]
	];
	const d: Vector = [towards[0] / radii[0], towards[1] / radii[1], towards[2] / radii[2]];
	const [a, b, c] = [dot(d, d), dot(o, d), dot(o, o) - 1];
	const root = b * b - a * c;
	if (root < 0) return null;
	const near = (-b - Math.sqrt(root)) / a;
	const distance = near > NEAREST ? near : (-b + Math.sqrt(root)) / a;
	if (distance <= NEAREST) return null;
	const at = plus(o, d, distance);
	return { distance, normal: unit([at[0] / radii[0], at[1] / radii[1], at[2] / radii[2]]), paint };
}

/** Source: the slab method. */
function onBlock({ low, high, paint }: Block, from: Vector, towards: Vector): Hit | null {
	let [enter, leave, axis] = [-Infinity, Infinity, 0];
	for (let each = 0; each < 3; each++) {
		const step = towards[each] === 0 ? 1e-12 : towards[each];
		const [one, other] = [(low[each] - from[each]) / step, (high[each] - from[each]) / step];
		if (Math.min(one, other) > enter) [enter, axis] = [Math.min(one, other), each];
		leave = Math.min(leave, Math.max(one, other));
	}
	if (enter > leave || enter <= NEAREST) return null;
	const normal: [number, number, number] = [0, 0, 0];
	normal[axis] = -Math.sign(towards[axis]);
	return { distance: enter, normal, paint };
}

const UP: Vector = [0, 0, 1];

function onBoard({ middle, normal, half, paint }: Board, from: Vector, towards: Vector): Hit | null {
	const facing = dot(normal, towards);
	if (Math.abs(facing) < 1e-9) return null;
	const distance = dot(normal, plus(middle, from, -1)) / facing;
	if (distance <= NEAREST) return null;
	const off = plus(plus(from, towards, distance), middle, -1);
	const across = unit(cross(normal, UP));
	if (Math.abs(dot(off, across)) > half || Math.abs(dot(off, cross(normal, across))) > half) return null;
	return { distance, normal: facing < 0 ? normal : [-normal[0], -normal[1], -normal[2]], paint };
}

/** Where a line from a place first meets a shape. */
export function hitOn(shape: Shape, from: Vector, towards: Vector): Hit | null {
	if (shape.kind === 'ball') return onBall(shape, from, towards);
	return shape.kind === 'block' ? onBlock(shape, from, towards) : onBoard(shape, from, towards);
}

/** A ball around a shape, by which most of the lines that miss it are told at once. */
export interface Bounded {
	shape: Shape;
	middle: Vector;
	radius: number;
}

/** The ball around a shape. */
export function bounded(shape: Shape): Bounded {
	if (shape.kind === 'ball') return { shape, middle: shape.middle, radius: Math.max(...shape.radii) };
	if (shape.kind === 'board') return { shape, middle: shape.middle, radius: shape.half * Math.SQRT2 };
	const size = plus(shape.high, shape.low, -1);
	return { shape, middle: plus(shape.low, size, 1 / 2), radius: Math.sqrt(dot(size, size)) / 2 };
}

/**
 * Whether a line, or a cone of lines about it, may meet what a ball is around.
 *
 * @param spread half the width of the cone, as a part of the distance
 */
export function mayMeet({ middle, radius }: Bounded, from: Vector, towards: Vector, spread = 0): boolean {
	const [x, y, z] = [middle[0] - from[0], middle[1] - from[1], middle[2] - from[2]];
	const along = x * towards[0] + y * towards[1] + z * towards[2];
	if (along < -radius) return false;
	const reach = radius + spread * (Math.max(0, along) + radius);
	return x * x + y * y + z * z - along * along <= reach * reach;
}

/** The nearest of the shapes on a line, or null. */
export function firstHit(shapes: readonly Bounded[], from: Vector, towards: Vector): Hit | null {
	let nearest: Hit | null = null;
	for (const each of shapes) {
		const hit = mayMeet(each, from, towards) ? hitOn(each.shape, from, towards) : null;
		if (hit && (!nearest || hit.distance < nearest.distance)) nearest = hit;
	}
	return nearest;
}
