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

/** Where a line misses. */
const NOWHERE = Infinity;

/** Source: the quadratic of a line and a sphere, in a space where the ball is one. */
function toBall({ middle, radii }: Ball, from: Vector, towards: Vector): number {
	const [ox, oy, oz] = [
		(from[0] - middle[0]) / radii[0],
		(from[1] - middle[1]) / radii[1],
		(from[2] - middle[2]) / radii[2]
	];
	const [dx, dy, dz] = [towards[0] / radii[0], towards[1] / radii[1], towards[2] / radii[2]];
	const a = dx * dx + dy * dy + dz * dz;
	const b = ox * dx + oy * dy + oz * dz;
	const root = b * b - a * (ox * ox + oy * oy + oz * oz - 1);
	if (root < 0) return NOWHERE;
	const half = Math.sqrt(root);
	const near = (-b - half) / a;
	if (near > NEAREST) return near;
	const far = (half - b) / a;
	return far > NEAREST ? far : NOWHERE;
}

/** Source: the slab method. */
function toBlock({ low, high }: Block, from: Vector, towards: Vector): number {
	let enter = -Infinity;
	let leave = Infinity;
	for (let axis = 0; axis < 3; axis++) {
		const step = towards[axis] === 0 ? 1e-12 : towards[axis];
		const one = (low[axis] - from[axis]) / step;
		const other = (high[axis] - from[axis]) / step;
		enter = Math.max(enter, Math.min(one, other));
		leave = Math.min(leave, Math.max(one, other));
	}
	return enter > leave || enter <= NEAREST ? NOWHERE : enter;
}

/** The side of a block that a place on it lies on. */
function sideOf({ low, high }: Block, at: Vector): Vector {
	const normal: [number, number, number] = [0, 0, 0];
	let [best, off] = [0, Infinity];
	for (let axis = 0; axis < 3; axis++) {
		const nearer = Math.min(Math.abs(at[axis] - low[axis]), Math.abs(at[axis] - high[axis]));
		if (nearer < off) [best, off] = [axis, nearer];
	}
	normal[best] = at[best] < (low[best] + high[best]) / 2 ? -1 : 1;
	return normal;
}

const UP: Vector = [0, 0, 1];

function toBoard({ middle, normal, half }: Board, from: Vector, towards: Vector): number {
	const facing = dot(normal, towards);
	if (Math.abs(facing) < 1e-9) return NOWHERE;
	const distance = dot(normal, plus(middle, from, -1)) / facing;
	if (distance <= NEAREST) return NOWHERE;
	const off = plus(plus(from, towards, distance), middle, -1);
	const across = unit(cross(normal, UP));
	const outside = Math.abs(dot(off, across)) > half || Math.abs(dot(off, cross(normal, across))) > half;
	return outside ? NOWHERE : distance;
}

/** How far a line from a place goes until it meets a shape; Infinity: it misses. */
export function distanceTo(shape: Shape, from: Vector, towards: Vector): number {
	if (shape.kind === 'ball') return toBall(shape, from, towards);
	return shape.kind === 'block' ? toBlock(shape, from, towards) : toBoard(shape, from, towards);
}

/** What a shape is like where a line from a place meets it. */
function hitAt(shape: Shape, from: Vector, towards: Vector, distance: number): Hit {
	const { paint } = shape;
	if (shape.kind === 'board') {
		const { normal } = shape;
		return { distance, normal: dot(normal, towards) < 0 ? normal : turnedRound(normal), paint };
	}
	const at = plus(from, towards, distance);
	if (shape.kind === 'block') return { distance, normal: sideOf(shape, at), paint };
	const { middle, radii } = shape;
	const [x, y, z] = [0, 1, 2].map((axis) => (at[axis] - middle[axis]) / radii[axis] ** 2);
	return { distance, normal: unit([x, y, z]), paint };
}

const turnedRound = ([x, y, z]: Vector): Vector => [-x, -y, -z];

/** Where a line from a place first meets a shape. */
export function hitOn(shape: Shape, from: Vector, towards: Vector): Hit | null {
	const distance = distanceTo(shape, from, towards);
	return distance < NOWHERE ? hitAt(shape, from, towards, distance) : null;
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

/** The nearest of the shapes on a line, and which of them it is, or null. */
export function firstHit(
	shapes: readonly Bounded[],
	from: Vector,
	towards: Vector
): (Hit & { which: number }) | null {
	let [which, nearest] = [-1, NOWHERE];
	for (let at = 0; at < shapes.length; at++) {
		if (!mayMeet(shapes[at], from, towards)) continue;
		const distance = distanceTo(shapes[at].shape, from, towards);
		if (distance < nearest) [which, nearest] = [at, distance];
	}
	return which < 0 ? null : { ...hitAt(shapes[which].shape, from, towards, nearest), which };
}
