import type { Camera } from '../camera';
import { latitudeOf, type Film } from '../film';
import { bestOutcome, outcomeAt, type Intent, type Outcome } from '../match';

/** A shot that goes from one light into another, EV at ISO 100. */
export interface PanLight {
	from: number;
	to: number;
	/** Doubt of both, stops. */
	sd: number;
}

/** One setting for all of a shot. */
export interface PanSetting {
	/** What becomes of its beginning and its end. */
	begin: Outcome;
	end: Outcome;
	/** Of the worse end, beyond what is good, stops; 0 = all of it is good. */
	beyond: number;
	/** Best set for the darker end alone, and for the brighter end alone. */
	alone: { begin: Outcome; end: Outcome };
}

function beyondGood(film: Film, error: number): number {
	const [least, most] = latitudeOf(film).good;
	return Math.max(0, least - error, error - most);
}

/** Lights between the two ends of a shot at which settings are looked for. */
const BETWEEN = 12;

/**
 * The one setting that serves a whole shot from one light into another, of those that are best
 * somewhere between: what the worse end goes beyond good is least, and then both ends are off alike.
 * An eye that follows the light by itself needs none.
 *
 * @example panSetting(a cine camera, reversal, { from: 14.67, to: 11.67, sd: 0.5 }).begin.error // about 1½
 */
export function panSetting(
	camera: Camera,
	film: Film,
	{ from, to, sd }: PanLight,
	intent: Intent = {}
): PanSetting {
	const at = (ev: number) => bestOutcome(camera, film, { ev, sd }, intent);
	const tried = Array.from({ length: BETWEEN + 1 }, (_, step) => {
		const set = at(from + ((to - from) * step) / BETWEEN);
		const end = (ev: number) => outcomeAt(camera, film, { ev, sd }, intent, set);
		return { begin: end(from), end: end(to) };
	});
	const [middle] = [latitudeOf(film).good].map(([least, most]) => (least + most) / 2);
	const score = ({ begin, end }: (typeof tried)[number]) =>
		Math.max(beyondGood(film, begin.error), beyondGood(film, end.error)) +
		Math.abs(begin.error + end.error - 2 * middle) / 1000;
	const best = tried.reduce((a, b) => (score(b) < score(a) ? b : a));
	return {
		...best,
		beyond: Math.max(beyondGood(film, best.begin.error), beyondGood(film, best.end.error)),
		alone: { begin: at(from), end: at(to) }
	};
}
