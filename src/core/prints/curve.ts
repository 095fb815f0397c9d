import { factsOf, type FilmType, type PrintCurve } from '../film';
import { densityOfStops } from '../units';

/*
 * How a print answers to light. Density follows a logistic curve of the logarithm of the exposure,
 * D = Dmin + (Dmax − Dmin) / (1 + e^(k·(x − x₀))), the usual published form of a characteristic curve,
 * with x in stops above mid grey, which prints as 18 %.
 */

const MID_GREY = 0.18;
const MID_DENSITY = Math.log10(1 / MID_GREY);
const DENSITY_PER_STOP = densityOfStops(1);

/** Steepness and place of the logistic curve that has its slope and 18 % at mid grey. */
function logistic({ least, most, contrast }: PrintCurve): { k: number; x0: number } {
	const part = (MID_DENSITY - least) / (most - least);
	const k = (contrast * DENSITY_PER_STOP) / ((most - least) * part * (1 - part));
	return { k, x0: Math.log(part / (1 - part)) / k };
}

/** A value that leaves a limit softly: x far inside, the limit far outside. */
const softly = (value: number, limit: number, side: 1 | -1) =>
	limit - side * Math.log2(1 + 2 ** (side * (limit - value)));

/** Stops above mid grey as they reach the print: what a negative could not hold is lost. */
function printed({ left, holds }: Pick<PrintCurve, 'left' | 'holds'>, stops: number, error: number): number {
	const onFilm = stops + error;
	const held = holds ? softly(softly(onFilm, -holds[0], -1), holds[1], 1) : onFilm;
	return held - (1 - left) * error;
}

/**
 * What part of light a print gives back.
 *
 * @param stops of a part of the scene above mid grey
 * @param error stops of exposure error, + = too much light
 * @param straight printed as a negative that came out right would be: nothing is made up for
 * @returns 0 … 1
 * @example reflectanceOf('instant', 0, 0) // 0.18
 */
export function reflectanceOf(type: FilmType, stops: number, error: number, straight = false): number {
	const usual = factsOf(type).print;
	const curve = straight ? { ...usual, left: 1 } : usual;
	const { k, x0 } = logistic(curve);
	const x = printed(curve, stops, error) + offsetAtMid(curve);
	const density = curve.least + (curve.most - curve.least) / (1 + Math.exp(k * (x - x0)));
	return 10 ** -density;
}

/** The whitest and the blackest that a print has, as parts of light. */
export function endsOf(type: FilmType): { white: number; black: number } {
	const { least, most } = factsOf(type).print;
	return { white: 10 ** -least, black: 10 ** -most };
}

/** Mid grey at no error prints as mid grey, whatever the negative's ends do to it. */
const offsetAtMid = (curve: PrintCurve) => -printed(curve, 0, 0);

/** Beyond this a picture is all white or all black, stops. */
export const FARTHEST_ERROR = 6;
const HALVINGS = 40;
/** Where a curve is flat this says what a spot's own doubt makes of the error, stops. */
const STEP = 0.05;

/**
 * The error of a picture by a spot of it of which it is known what it was in the scene, through its film's curve.
 *
 * @param tone of the spot in the scene, stops from mid grey
 * @param reflectance of the spot, 0 … 1
 * @param straight a negative, printed as one that came out right would be
 * @returns stops, + = too much light, and how strongly the spot tells: the slope of ln R
 * @example errorByTone('instant', 0, 0.18).stops // 0
 */
export function errorByTone(
	type: FilmType,
	tone: number,
	reflectance: number,
	straight = false
): { stops: number; slope: number } {
	const at = (error: number) => reflectanceOf(type, tone, error, straight);
	let [from, to] = [-FARTHEST_ERROR, FARTHEST_ERROR];
	for (let turn = 0; turn < HALVINGS; turn++) {
		const middle = (from + to) / 2;
		if (at(middle) < reflectance) from = middle;
		else to = middle;
	}
	const stops = (from + to) / 2;
	const slope = (Math.log(at(stops + STEP)) - Math.log(at(stops - STEP))) / (2 * STEP);
	return { stops, slope };
}
