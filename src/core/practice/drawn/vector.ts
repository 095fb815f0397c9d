/** A place or a direction, m: right of the eye, before it, above the ground. */
export type Vector = readonly [right: number, forward: number, up: number];

// By place, not taken apart: this runs millions of times for a picture.
export const dot = (a: Vector, b: Vector): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];

export const plus = (a: Vector, b: Vector, times = 1): Vector => [
	a[0] + times * b[0],
	a[1] + times * b[1],
	a[2] + times * b[2]
];

/** Of length one; a vector of no length stays as it is. */
export function unit(vector: Vector): Vector {
	const length = Math.sqrt(dot(vector, vector)) || 1;
	return [vector[0] / length, vector[1] / length, vector[2] / length];
}

export const cross = (a: Vector, b: Vector): Vector => [
	a[1] * b[2] - a[2] * b[1],
	a[2] * b[0] - a[0] * b[2],
	a[0] * b[1] - a[1] * b[0]
];
