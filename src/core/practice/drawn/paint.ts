import { luminanceOf } from '../../units';
import type { Vector } from './vector';

/** Part of the light that a surface gives back, and its colour, of luminance one. */
export interface Paint {
	albedo: number;
	tint: Vector;
}

/** A colour about 1 of luminance one. */
export const even = (tint: Vector): Vector =>
	tint.map((value) => value / luminanceOf(...tint)) as unknown as Vector;

/** A paint of a colour about 1. */
export const paint = (albedo: number, tint: Vector = [1, 1, 1]): Paint => ({ albedo, tint: even(tint) });
