import { automaticExposure, scatterOf, type Camera } from '../camera';
import { asOne } from '../match';
import { JUDGE } from './from-frames';
import type { Taught, Things } from './lessons';

/** A camera with a film that goes into it. */
export interface Pair {
	camera: string;
	film: string;
}

/** The frame that would tell most of a body, and how well it is known then, stops. */
export interface TellingFrame extends Pair {
	sd: number;
}

/** Below this a body is known well enough, stops; and what leaves more than this part of its doubt tells little. */
const KNOWN = 1 / 4;
const LITTLE = 0.97;

/** Doubt of one more judgement, and of one more reading by meter that a hand-set frame stands on, stops; common practice. */
const JUDGEMENT = 1 / 3;
const READING = 0.4;

const noiseOf = (camera: Camera) => {
	const eye = automaticExposure(camera);
	return Math.hypot(JUDGEMENT, eye ? scatterOf(eye) : READING);
};

/**
 * The one frame that would tell most of a body: with another film in it, or its film in another body.
 * Source: the reduction of a normal's variance by one look, (cᵀΣx)² / (xᵀΣx + σ²), as in any textbook of
 * Bayesian experimental design.
 *
 * @param pairs that can be shot; cameras and films are among the things
 * @returns null where the body is known well enough, or no single frame tells much
 */
export function tellingFrame(
	{ model, frames }: Taught,
	things: Things,
	camera: string,
	pairs: readonly Pair[]
): TellingFrame | null {
	const at = Math.max(...frames.map((frame) => (frame.camera === camera ? frame.at : -Infinity)));
	const { sd: now } = asOne(model.body({ camera, at }));
	if (now <= KNOWN) return null;
	const after = pairs.map((pair): TellingFrame => {
		const noise = noiseOf(things.cameras.get(pair.camera)!.camera);
		return { ...pair, sd: model.bodyAfter({ camera, at }, { ...pair, judge: JUDGE, noise }) };
	});
	const best = after.reduce<TellingFrame | null>((a, b) => (a && a.sd <= b.sd ? a : b), null);
	return best && best.sd <= LITTLE * now ? best : null;
}
