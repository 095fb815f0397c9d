import { randomLcg, randomNormal } from 'd3-random';
import { factsOf, type FilmType } from '../film';
import { encodedOf } from '../units';
import { endsOf, reflectanceOf } from './curve';
import { spotAt } from './scene';

/** What a print is made of. */
export interface PrintQuestion {
	type: FilmType;
	/** Stops of exposure error, + = too much light. */
	error: number;
	/** Pixels. */
	width: number;
	height: number;
	/** The same seed is the same grain. */
	seed: number;
	/** Plastic lenses darken the corners and spread light. */
	lens: 'plain' | 'plastic';
	/** Printed as a negative that came out right would be: nothing is made up for. */
	straight?: boolean;
	/** As an eye sees it that takes the paper's white for white and its black for black; else as it is measured. */
	seen?: boolean;
}

/** Stops that are lost in the corners, and part of the mean light that is spread over all; common practice. */
const lenses = {
	plain: { corners: 0.25, flare: 0.004 },
	plastic: { corners: 1.3, flare: 0.03 }
} as const;

/** Light too little for a negative leaves coarser grain, this much for a stop. */
const GRAIN_PER_STOP = 0.5;

/** Grain is uneven density: at mid grey a part of white is so many stops; in pure white and black none is seen. */
const GRAIN_IN_STOPS = 1.8;

/** Light of the whole scene, as part of what mid grey gives back. */
const MEAN_LIGHT = 1.6;

/**
 * A print of the made-up scene, from its linear light to what a screen shows.
 *
 * @returns sRGB with alpha, four numbers a pixel, row by row
 * @example printOf({ type: 'instant', error: 1, width: 4, height: 3, seed: 1, lens: 'plain' }).length // 48
 */
export function printOf({
	type,
	error,
	width,
	height,
	seed,
	lens,
	straight = false,
	seen = false
}: PrintQuestion): Uint8ClampedArray<ArrayBuffer> {
	const { colour, print } = factsOf(type);
	const { grain, left } = print;
	const { corners, flare } = lenses[lens];
	const noise = randomNormal.source(randomLcg(seed))(0, 1);
	const coarse = grain * (left < 1 ? 2 ** (GRAIN_PER_STOP * Math.max(0, -error)) : 1);
	const pixels = new Uint8ClampedArray(width * height * 4);
	const { white, black } = endsOf(type);
	const shown = (part: number) => (seen ? Math.max(0, part - black) / (white - black) : part);
	for (let at = 0; at < width * height; at++) {
		const [x, y] = [((at % width) + 0.5) / width, (Math.floor(at / width) + 0.5) / height];
		const { stops, tint } = spotAt(x, y);
		const falloff = corners * 2 * ((x - 0.5) ** 2 + (y - 0.5) ** 2);
		const speck = coarse * noise() * GRAIN_IN_STOPS;
		for (let channel = 0; channel < 3; channel++) {
			const share = colour ? tint[channel] : 1;
			const light = 2 ** stops * share * 2 ** -falloff + flare * MEAN_LIGHT;
			const print = shown(reflectanceOf(type, Math.log2(light) + speck, error, straight));
			pixels[at * 4 + channel] = Math.round(255 * encodedOf(print));
		}
		pixels[at * 4 + 3] = 255;
	}
	return pixels;
}
