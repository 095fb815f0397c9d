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

/** Whether lines about one, none of them farther from it than so much, may meet a block on the way; by the same. */
function mayCross(
	{ low, high }: Block,
	from: Vector,
	towards: Vector,
	distance: number,
	wide: Vector
): boolean {
	let [enter, leave] = [0, distance];
	for (let axis = 0; axis < 3; axis++) {
		const step = towards[axis] === 0 ? 1e-12 : towards[axis];
		const one = (low[axis] - wide[axis] - from[axis]) / step;
		const other = (high[axis] + wide[axis] - from[axis]) / step;
		enter = Math.max(enter, Math.min(one, other));
		leave = Math.min(leave, Math.max(one, other));
	}
	return enter <= leave;
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

/** What a line meets first, and which of the shapes that is. */
export type FirstHit = Hit & { which: number };

/**
 * Looks from one place: what of the shapes is met first in a direction, or null. What does not change from one
 * direction to the next is worked out once, because there are hundreds of thousands of them.
 */
export function lookingFrom(shapes: readonly Bounded[], from: Vector): (towards: Vector) => FirstHit | null {
	/** Of each the way to its middle, and the square of the way to the rim of the ball around it. */
	const balls = new Float64Array(4 * shapes.length);
	shapes.forEach(({ middle, radius }, at) => {
		const way = plus(middle, from, -1);
		balls.set([...way, dot(way, way) - radius ** 2], 4 * at);
	});
	return (towards) => {
		let [which, nearest] = [-1, NOWHERE];
		for (let at = 0; at < shapes.length; at++) {
			const ball = 4 * at;
			const rim = balls[ball + 3];
			const along = balls[ball] * towards[0] + balls[ball + 1] * towards[1] + balls[ball + 2] * towards[2];
			if (rim > 0 && (along <= 0 || along * along < rim)) continue;
			const distance = distanceTo(shapes[at].shape, from, towards);
			if (distance < nearest) [which, nearest] = [at, distance];
		}
		return which < 0 ? null : { ...hitAt(shapes[which].shape, from, towards, nearest), which };
	};
}

/**
 * What of some shapes may stand between one place, as wide as a lamp, and others.
 *
 * @param wide half of it in each direction, m
 * @returns asks for a place by the direction to it, its distance in m, and the shape that it is on: none of these is in
 * its own way where it faces the lamp
 */
export function betweenFrom(
	shapes: readonly Bounded[],
	from: Vector,
	wide: Vector
): (towards: Vector, distance: number, own: number) => Shape[] {
	const widest = Math.max(...wide);
	const balls = new Float64Array(5 * shapes.length);
	shapes.forEach(({ middle, radius }, at) => {
		const way = plus(middle, from, -1);
		balls.set([...way, dot(way, way), radius], 5 * at);
	});
	return (towards, distance, own) => {
		const near: Shape[] = [];
		for (let at = 0; at < shapes.length; at++) {
			if (at === own) continue;
			const ball = 5 * at;
			const radius = balls[ball + 4];
			const along = balls[ball] * towards[0] + balls[ball + 1] * towards[1] + balls[ball + 2] * towards[2];
			if (along < -radius || along > distance + radius) continue;
			// The lines from all of the lamp to a place draw together on the way.
			const left = Math.max(0, Math.min(1, 1 - (along - radius) / distance));
			const reach = radius + widest * left;
			if (balls[ball + 3] - along * along > reach * reach) continue;
			const { shape } = shapes[at];
			if (shape.kind !== 'block' || mayCross(shape, from, towards, distance, wide)) near.push(shape);
		}
		return near;
	};
}

/** Places spread evenly over a disc of radius one, from its middle outward. Source: Vogel 1979, the golden angle. */
export const disc = (count: number): readonly (readonly [across: number, along: number])[] =>
	Array.from({ length: count }, (_, at) => {
		const off = Math.sqrt((at + 0.5) / count);
		const turned = at * Math.PI * (3 - Math.sqrt(5));
		return [off * Math.cos(turned), off * Math.sin(turned)];
	});

/**
 * The part of a disc's places that are free. Where its middle and three places all around its rim agree, so do the others.
 *
 * @param places from the middle outward
 */
export function partFree<T>(places: readonly T[], isFree: (place: T) => boolean): number {
	const { length } = places;
	const first = isFree(places[0]);
	if (
		isFree(places[length - 1]) === first &&
		isFree(places[length - 2]) === first &&
		isFree(places[length - 3]) === first
	)
		return first ? 1 : 0;
	let free = 0;
	for (const place of places) if (isFree(place)) free++;
	return free / length;
}
