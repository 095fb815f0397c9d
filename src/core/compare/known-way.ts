import { asSet, DEVELOPED, keyIn, type Making } from '../whatif';
import { JUDGE, type Taught, type Things } from '../learn';
import { bestLit, bestOutcome, withLearnt, worth, type Intent, type Lit, type Outcome } from '../match';
import type { Light } from '../light';
import { comesOut } from '../plan';
import type { Way } from './types';

/** A way with what frames have taught of its camera with its film. */
export interface KnownWay extends Way {
	/** As it is given: what befalls a frame is drawn beside it. */
	plain: Pick<Way, 'camera' | 'film'>;
	/** What tells its things apart in what frames have taught. */
	of: { camera: string; film: string };
}

/** A way as it is used now: set by what is known of its body with its film. */
export function knownWay(way: Way, things: Things, { model, frames }: Taught): KnownWay {
	const { camera, film } = way;
	const of = {
		camera: keyIn(things.cameras, camera, ({ camera: { name } }) => name),
		film: keyIn(things.films, film, ({ name }) => name)
	};
	const plain = { camera, film };
	// Of what nobody has shot a frame with, nothing but what was said of it is known.
	if (!frames.some((frame) => frame.camera === of.camera)) return { ...way, plain, of };
	const at = Math.max(...frames.map((frame) => frame.at));
	const { stops, sd, wide } = model.sum({ ...of, load: null, judge: JUDGE, at });
	return { ...way, ...withLearnt(camera, film, { stops, sd, ...(wide && { wide }) }), plain, of };
}

/** What is wanted of a frame, with what a way may have before its lens: with its filters, and where they come off without. */
export function intentsBy({ filters = [], removable, compensation }: Way, intent: Intent): Intent[] {
	const wanted = { ...intent, ...(compensation !== undefined && { compensation }) };
	const without = removable && filters.length > 0 ? [{ ...wanted, filters: [] }] : [];
	return [{ ...wanted, filters }, ...without];
}

/** How a way takes a frame: with what before its lens, as it is set, and by its flash where that is what makes it come out. */
export interface Taken {
	intent: Intent;
	outcome: Outcome;
	lit: Lit | null;
}

/** The same of a frame that is set already, where its flash may do better. */
export function orLit(way: KnownWay, light: Light, intent: Intent, outcome: Outcome): Taken {
	if (!way.flash || comesOut(outcome)) return { intent, outcome, lit: null };
	const lit = bestLit(way.camera, way.film, light, { flash: way.flash }, intent);
	return lit && lit.unmet.length === 0 && comesOut(lit.outcome)
		? { intent, outcome: lit.outcome, lit }
		: { intent, outcome, lit: null };
}

/** What comes out before what does not, without flash before with it, then by its chances. */
const rankOf = ({ outcome, lit }: Taken): number =>
	(comesOut(outcome) ? (lit ? 1 : 2) : 0) + (outcome.spoilers.length > 0 ? 0 : worth(outcome));

/** The best that a way does in a light. */
export function takenBy(way: KnownWay, light: Light, asked: Intent): Taken {
	const all = intentsBy(way, asked).map((intent) =>
		orLit(way, light, intent, bestOutcome(way.camera, way.film, light, intent))
	);
	return all.reduce((a, b) => (rankOf(b) > rankOf(a) ? b : a));
}

/**
 * A frame as a way makes it, open to what befalls it.
 *
 * @param load what tells the pack apart
 */
export function makingBy(
	way: KnownWay,
	{ outcome, intent }: Taken,
	frame: { light: Light; load: string; processStops?: number }
): Making {
	const developing = Math.abs((way.film.processStops ?? 0) - (frame.processStops ?? 0)) * DEVELOPED;
	return {
		...way.plain,
		light: frame.light,
		intent,
		settings: asSet(outcome),
		of: { ...way.of, load: frame.load },
		...(developing > 0 && { developing })
	};
}
