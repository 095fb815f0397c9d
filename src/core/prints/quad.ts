import { inverse, Matrix } from 'ml-matrix';

/** A place in a picture, parts of its width and height. */
export interface Point {
	x: number;
	y: number;
}

/** The corners of a print in a picture of it: top left, top right, bottom right, bottom left. */
export type Quad = readonly [Point, Point, Point, Point];

/**
 * Where places of a print lie in a picture that was not taken straight from above.
 * Source: the projective map of the unit square onto a quadrilateral, Heckbert 1989, in closed form.
 *
 * @returns of a place of the print, u to the right and v down, 0 … 1 inside, also of places beside it
 * @example inPicture([{ x: 0, y: 0 }, { x: 1, y: 0 }, { x: 1, y: 1 }, { x: 0, y: 1 }])(0.5, 0.5) // { x: 0.5, y: 0.5 }
 */
export function inPicture(quad: Quad): (u: number, v: number) => Point {
	const rows = projection(quad);
	return (u, v) => projected(rows, u, v);
}

/** The way back: where a place of the picture lies on the print. */
export function onPrint(quad: Quad): (place: Point) => { u: number; v: number } {
	const back = inverse(new Matrix(projection(quad))).to2DArray();
	return ({ x, y }) => {
		const { x: u, y: v } = projected(back, x, y);
		return { u, v };
	};
}

function projected(rows: readonly (readonly number[])[], u: number, v: number): Point {
	const [x, y, w] = rows.map(([byU, byV, own]) => byU * u + byV * v + own);
	return { x: x / w, y: y / w };
}

function projection([a, b, c, d]: Quad): number[][] {
	const [sumX, sumY] = [a.x - b.x + c.x - d.x, a.y - b.y + c.y - d.y];
	const [rightX, rightY] = [b.x - c.x, b.y - c.y];
	const [downX, downY] = [d.x - c.x, d.y - c.y];
	const area = rightX * downY - downX * rightY;
	const g = (sumX * downY - downX * sumY) / area;
	const h = (rightX * sumY - sumX * rightY) / area;
	return [
		[b.x - a.x + g * b.x, d.x - a.x + h * d.x, a.x],
		[b.y - a.y + g * b.y, d.y - a.y + h * d.y, a.y],
		[g, h, 1]
	];
}

/** Twice the area of a triangle, + where it goes round with the clock. */
const turn = (a: Point, b: Point, c: Point) => (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x);

/** Less of the picture than this is no print. */
const SMALLEST = 0.01;

/** Whether four corners go round with the clock, without a dent, and are more than a speck. */
export function isSound([a, b, c, d]: Quad): boolean {
	const turns = [turn(a, b, c), turn(b, c, d), turn(c, d, a), turn(d, a, b)];
	return turns.every((each) => each > SMALLEST);
}
