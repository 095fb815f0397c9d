import chroma from 'chroma-js';
import { linearOf, luminanceOf } from '../../units';
import type { Vector } from './vector';

/** The eye takes this for white, K. */
export const WHITE = 5600;
const channelsOf = (kelvin: number) =>
	chroma.temperature(kelvin).gl().slice(0, 3).map(linearOf) as unknown as Vector;

/** A light's colour beside what the eye takes for white, of luminance one. */
export function colourOf(kelvin: number): Vector {
	const [one, white] = [channelsOf(kelvin), channelsOf(WHITE)];
	const seen = one.map((value, channel) => value / white[channel]) as unknown as Vector;
	const bright = luminanceOf(...seen);
	return seen.map((value) => value / bright) as unknown as Vector;
}
