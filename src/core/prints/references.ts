import type { FilmType } from '../film';
import { endsOf, errorByTone } from './curve';
import type { LevelledPrint } from './levelled';
import { errorBySpot, weighed, type Spot, type Thing, type Told } from './spots';

/*
 * What tells a print's exposure in a phone's picture. A phone's own tone curve is not known, so that a white border
 * alone leaves half a stop and more free: the surer references come first.
 */

/** What lies beside the print, or is known of it; the surest first. */
type Reference = 'pair' | 'card' | 'spot' | 'border';

/** Doubts by reference, stops: near right, and beyond a stop; common practice, held by simulation in the tests. */
const doubts: Readonly<Record<Reference, readonly [near: number, far: number]>> = {
	pair: [0.2, 0.3],
	card: [0.3, 0.3],
	spot: [0.5, 0.7],
	border: [0.8, 0.8]
};

const doubtBy = (reference: Reference, stops: number): number =>
	doubts[reference][Math.abs(stops) > 1 ? 1 : 0];

/** A tone of a print as a part of all light: what it is of its white border. */
const reflected = (type: FilmType, tone: number): number => tone * endsOf(type).white;

const quantile = (sorted: readonly number[], part: number): number =>
	sorted[Math.round(part * (sorted.length - 1))];

/** The darkest and the lightest parts are the paper's own ends. */
const PARTS = Array.from({ length: 17 }, (_, at) => 0.1 + 0.05 * at);

/** The darkest of two prints is as black as their paper, or nearly: what a phone has lifted is taken off again. */
function blackOf(type: FilmType, tones: readonly number[]): (tone: number) => number {
	const { white, black } = endsOf(type);
	const darkest = quantile(
		tones.toSorted((a, b) => a - b),
		DARKEST
	);
	const lifted = Math.max(0, darkest - black / white);
	return (tone) => Math.max(black / white, (tone - lifted) / (1 - lifted));
}
const DARKEST = 0.02;

/**
 * The error of a print beside one of the same subject that came out right: whatever the phone does, it does to both.
 * Their tones are compared by rank, so that it does not matter if they are framed a little differently.
 *
 * @param print the one in question
 * @param right the one that is called right
 */
export function errorByPair(type: FilmType, print: LevelledPrint, right: LevelledPrint): Told {
	const unlifted = blackOf(type, [...print.tones, ...right.tones]);
	const [own, its] = [print, right].map(({ tones }) => tones.map(unlifted).toSorted((a, b) => a - b));
	let [sum, all] = [0, 0];
	for (const part of PARTS) {
		const [one, other] = [own, its].map((tones) =>
			errorByTone(type, 0, reflected(type, quantile(tones, part)), true)
		);
		// Where either print is all white or black, it tells nothing.
		const weight = Math.max(0, Math.min(one.slope, other.slope)) ** 2;
		sum += weight * (one.stops - other.stops);
		all += weight;
	}
	const stops = all > 0 ? sum / all : 0;
	return { stops, sd: doubtBy('pair', stops) };
}

/** Patches of a card beside the print, as they look in the picture, linear. */
export interface Card {
	white: number;
	grey: number;
	black: number;
}

/** What the patches of a card give back; common practice. */
const PATCHES: Card = { white: 0.9, grey: 0.18, black: 0.035 };

/**
 * What the phone made of light, undone by a card's three patches: straight between them in stops, and on beyond.
 *
 * @returns of a tone, as a part of white; null where the patches are no card's
 */
export function curveByCard({ white, grey, black }: Card): ((tone: number) => number) | null {
	if (!(white > grey && grey > black && black > 0)) return null;
	const looks = [grey, black].map((patch) => Math.log2(patch / white));
	const truly = [PATCHES.grey, PATCHES.black].map((patch) => Math.log2(patch / PATCHES.white));
	return (tone) => {
		const x = Math.log2(tone);
		const at = x >= looks[0] ? 0 : 1;
		const [fromX, fromY] = at === 0 ? [0, 0] : [looks[0], truly[0]];
		const slope = (truly[at] - fromY) / (looks[at] - fromX);
		return 2 ** (fromY + slope * (x - fromX));
	};
}

/** A spot on the print of which it is known what it was; its tone as a part of the border's. */
export interface ToneOfSpot {
	thing: Thing;
	tone: number;
}

/**
 * The error of a print by spots of it, with its border for white.
 *
 * @param curve of the phone, by a card beside the print; absent: a phone's curve is free
 * @returns null without a spot
 */
export function errorBySpotsOf(
	type: FilmType,
	spots: readonly ToneOfSpot[],
	curve?: (tone: number) => number
): Told | null {
	const looks = spots.map(({ thing, tone }): Spot => ({
		thing,
		reflectance: reflected(type, curve ? curve(tone) : tone)
	}));
	const told = weighed(looks.map((spot) => errorBySpot(type, spot)));
	return told && { stops: told.stops, sd: Math.max(told.sd, doubtBy(curve ? 'card' : 'spot', told.stops)) };
}

/** The error of a picture of which nothing is known: as if it were mid grey on the whole. Too much is free for it to count. */
export function errorByWhole(type: FilmType, reflectances: readonly number[]): Told {
	const logs = reflectances.map((each) => Math.log(Math.max(each, endsOf(type).black)));
	const middle = Math.exp(logs.reduce((sum, each) => sum + each, 0) / logs.length);
	const { stops } = errorByTone(type, 0, middle);
	return { stops, sd: doubtBy('border', stops) };
}

/** The same of a print by nothing but its border. */
export const errorByBorder = (type: FilmType, { tones }: LevelledPrint): Told =>
	errorByWhole(
		type,
		tones.map((tone) => reflected(type, tone))
	);
