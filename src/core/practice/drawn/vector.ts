/** A place or a direction, m: right of the eye, before it, above the ground. */
export type Vector = readonly [right: number, forward: number, up: number];

export const dot = ([a, b, c]: Vector, [x, y, z]: Vector): number => a * x + b * y + c * z;

export const plus = ([a, b, c]: Vector, [x, y, z]: Vector, times = 1): Vector => [
	a + times * x,
	b + times * y,
	c + times * z
];

/** Of length one; a vector of no length stays as it is. */
export function unit(vector: Vector): Vector {
	const length = Math.sqrt(dot(vector, vector)) || 1;
	return [vector[0] / length, vector[1] / length, vector[2] / length];
}

export const cross = ([a, b, c]: Vector, [x, y, z]: Vector): Vector => [
	b * z - c * y,
	c * x - a * z,
	a * y - b * x
];
