import type { Camera } from '../camera';
import type { FilmType } from '../film';
import { roundToThird } from '../units';
import { FARTHEST_ERROR } from './curve';
import type { PrintQuestion } from './render';

/** Kinds whose simple lenses darken the corners and spread light; common practice. */
const simple = new Set(['box', 'plastic-medium-format', 'point-and-shoot', 'pinhole', 'box-instant']);

/** How a camera's lens draws. */
export const lensOf = ({ kind }: Camera): PrintQuestion['lens'] =>
	simple.has(kind ?? '') ? 'plastic' : 'plain';

/** The error that a simulated print is made with, stops: in thirds, so that few are made, and within what shows. */
export const shownError = (stops: number): number =>
	Math.max(-FARTHEST_ERROR, Math.min(FARTHEST_ERROR, roundToThird(stops)));

/** Simulated prints share a few grains, so that they are made once. */
const GRAINS = 5;

/**
 * The print that stands for a frame without a picture: as it was judged, else as it was promised.
 *
 * @returns what `printOf` is asked, but for its size
 * @example printShowing({ number: 7 }, { camera, film }).seed // 2
 */
export const printShowing = (
	frame: { number: number; judged?: { stops: number }; predicted?: { error: number } | null },
	{ camera, film }: { camera: Camera; film: { type: FilmType } }
): Omit<PrintQuestion, 'width' | 'height'> => ({
	type: film.type,
	error: shownError(frame.judged?.stops ?? frame.predicted?.error ?? 0),
	seed: frame.number % GRAINS,
	lens: lensOf(camera),
	seen: true
});
