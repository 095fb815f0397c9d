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
function printed({ left, holds }: PrintCurve, stops: number, error: number): number {
	const onFilm = stops + error;
	const held = holds ? softly(softly(onFilm, -holds[0], -1), holds[1], 1) : onFilm;
	return held - (1 - left) * error;
}

/**
 * What part of light a print gives back.
 *
 * @param stops of a part of the scene above mid grey
 * @param error stops of exposure error, + = too much light
 * @returns 0 … 1
 * @example reflectanceOf('instant', 0, 0) // 0.18
 */
export function reflectanceOf(type: FilmType, stops: number, error: number): number {
	const curve = factsOf(type).print;
	const { k, x0 } = logistic(curve);
	const x = printed(curve, stops, error) + offsetAtMid(curve);
	const density = curve.least + (curve.most - curve.least) / (1 + Math.exp(k * (x - x0)));
	return 10 ** -density;
}

/** Mid grey at no error prints as mid grey, whatever the negative's ends do to it. */
const offsetAtMid = (curve: PrintCurve) => -printed(curve, 0, 0);

const [DARKEST, LIGHTEST] = [-4, 4];
const HALVINGS = 40;
/** A spot is told to about this, as part of itself: paper, scanner and grain; common practice. */
const SPOT_DOUBT = 0.12;
/** How far what should be mid grey seldom is just that, stops; common practice. */
const GREY_DOUBT = 0.3;

/**
 * The error of a picture by a spot of it that should be mid grey, through its film's curve.
 *
 * @param reflectance of the spot, 0 … 1
 * @returns stops, + = too much light, and doubt, which grows where the curve is flat
 * @example errorByGrey('instant', 0.18).stops // 0
 */
export function errorByGrey(type: FilmType, reflectance: number): { stops: number; sd: number } {
	let [from, to] = [DARKEST, LIGHTEST];
	for (let turn = 0; turn < HALVINGS; turn++) {
		const middle = (from + to) / 2;
		if (reflectanceOf(type, 0, middle) < reflectance) from = middle;
		else to = middle;
	}
	const stops = (from + to) / 2;
	const STEP = 0.05;
	const slope =
		(Math.log(reflectanceOf(type, 0, stops + STEP)) - Math.log(reflectanceOf(type, 0, stops - STEP))) /
		(2 * STEP);
	const flat = SPOT_DOUBT / Math.max(slope, SPOT_DOUBT / LIGHTEST);
	return { stops, sd: Math.min(LIGHTEST / 2, Math.hypot(flat, GREY_DOUBT)) };
}
