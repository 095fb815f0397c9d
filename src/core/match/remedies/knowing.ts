import {
	automaticExposure,
	controlsOf,
	handTimingDoubt,
	offsetOf,
	scatterOf,
	togetherOf,
	withOffset,
	type Camera
} from '../../camera';
import { speedDoubt } from '../../film';
import { resolveLight, type Light } from '../../light';
import { worth } from '../best';
import { isSameThing } from '../same-thing';
import type { Intent, Outcome } from '../types';
import { suitsFilm } from './filter';
import type { Answer, Question } from './remedy-kind';

/** What can be found out, and what is left in doubt then. */
export interface Unknown {
	/** Doubt of it now, stops. */
	sd: number;
	/** Doubt of what is looked at, beside it: what is new at each frame, and the look itself, stops. */
	noise: number;
	/** The question as it stands when it is known to lie so many stops off, within a doubt. */
	at: (shift: number, sd: number) => Question;
}

/** Chances without knowing, and with what would be learnt and then set. */
export interface Knowing {
	now: Outcome['chances'];
	then: Outcome['chances'];
}

/**
 * Equal nodes over ±3 standard deviations: Gauss–Hermite errs by 0.025 where the best setting changes, 41 of these by
 * less than 0.005. A camera of very many settings is looked at in fewer.
 */
const [FEWEST, NODES] = [9, 41];
const TAIL = 3;
/** Filters that are thought of, at most. */
const MOST_FILTERS = 2;
/** Settings that are worked out, at most. */
const MOST_SETTINGS = 20_000;

/** The camera as it is, and with those filters of the bag that come nearest to what is too much. */
function waysOf({ film, bag, intent }: Question, error: number): Intent[] {
	const on = intent.filters ?? [];
	const others = (bag.filters ?? []).filter(
		(filter) => suitsFilm(filter, film) && !on.some((worn) => isSameThing(worn, filter))
	);
	const away = ({ stops }: { stops: number }) => Math.abs(stops - error);
	const near = others.toSorted((a, b) => away(a) - away(b)).slice(0, MOST_FILTERS);
	return [intent, ...near.map((filter) => ({ ...intent, filters: [...on, filter] }))];
}

/** What an eye sets of an outcome; nothing where a hand did. */
const setByEye = ({ camera }: Question, { handTimed, manual }: Outcome) =>
	handTimed || manual ? undefined : automaticExposure(camera)?.sets;

/** Just the setting of an outcome: what an eye sets is left to it. */
function fixedAs(question: Question, intent: Intent, outcome: Outcome): Intent {
	const { f, seconds, handTimed, manual, compensation, iso, position } = outcome;
	const sets = setByEye(question, outcome);
	const bulb = controlsOf(question.camera, manual).some((control) => control.handTimed);
	const set = {
		aperture: sets === 'aperture' || sets === 'both' ? null : f,
		seconds: sets === 'time' || sets === 'both' ? null : seconds,
		handTimed: bulb ? handTimed : null,
		manual: manual ? manual : null,
		compensation: sets ? compensation : null,
		iso: sets ? iso : null,
		position
	};
	return { ...intent, ...Object.fromEntries(Object.entries(set).filter(([, value]) => value !== null)) };
}

const worthier = (a: Outcome, b: Outcome) => (worth(b) > worth(a) ? b : a);

/**
 * What it is worth to find something out: V1 − V0 = Σ w (max_a p_a(m, τ') − p_a0(m, τ')), a0 the setting that
 * is best now, over everything that may be found, with k = τ²/(τ² + ρ²) and τ' = τ√(1 − k). Where nothing is
 * free, all p_a are equal, and it is worth exactly nothing.
 * Source: the expected value of sample information, as in any textbook on decisions.
 *
 * @param settings how many the camera has: what an answer costs
 * @returns null where it would take too long to say
 */
export function worthOfKnowing(
	question: Question,
	{ sd, noise, at }: Unknown,
	answer: Answer,
	settings: number
): Knowing | null {
	const room = MOST_SETTINGS / (2 * settings);
	if (room < FEWEST) return null;
	const { camera, film, light, intent } = question;
	const ways = waysOf(question, answer(camera, film, light, intent).error);
	const taken = room < FEWEST * ways.length ? ways.slice(0, 1) : ways;
	const nodes = Math.min(NODES, Math.floor(room / taken.length));
	const answers = ({ camera, film, light }: Question, intents: readonly Intent[]) =>
		intents.map((intent) => answer(camera, film, light, intent));
	const best = answers(question, taken);
	const first = best.reduce(worthier);
	const fixed = fixedAs(question, taken[best.indexOf(first)], first);
	const gain = sd ** 2 / (sd ** 2 + noise ** 2);
	const left = sd * Math.sqrt(1 - gain);
	/** What comes of the setting that is best now, and of the one that is best then, if so much is found. */
	const found = (z: number) => {
		const known = at(Math.sqrt(gain) * sd * z, left);
		const [as] = answers(known, [fixed]);
		return { as, then: answers(known, taken).reduce(worthier, as) };
	};
	// Whatever is found, the same is set: then knowing is worth nothing, and need not be summed up.
	if (LOOKS.every((z) => isSame(found(z)))) return { now: first.chances, then: first.chances };
	const sum = { weights: 0, good: 0, usable: 0, goodNow: 0, usableNow: 0 };
	for (let node = 0; node < nodes; node++) {
		const z = TAIL * ((2 * node) / (nodes - 1) - 1);
		const weight = Math.exp((-z * z) / 2);
		const { as, then } = found(z);
		sum.weights += weight;
		sum.good += weight * then.chances.good;
		sum.usable += weight * then.chances.usable;
		sum.goodNow += weight * as.chances.good;
		sum.usableNow += weight * as.chances.usable;
	}
	const { weights } = sum;
	return {
		now: { good: sum.goodNow / weights, usable: sum.usableNow / weights },
		then: { good: sum.good / weights, usable: sum.usable / weights }
	};
}

/** Where it is looked first whether anything would be set otherwise. */
const LOOKS = [-TAIL, TAIL, -TAIL / 3, TAIL / 3];
const SAME_WORTH = 1e-6;
const isSame = ({ as, then }: { as: Outcome; then: Outcome }) => worth(then) - worth(as) < SAME_WORTH;

/** How well a print tells its own error when it is looked at, stops; common practice. */
const LOOK_SD = 1 / 3;

/** What body and film give together, with the wheel where it is. */
function wholeOffset(camera: Camera, wheel: number | null): { stops: number; sd: number } {
	const { stops, sd } = offsetOf(camera, wheel);
	return { stops: stops + (togetherOf(camera)?.beside.stops ?? 0), sd };
}

/** What a trial frame shows and the frames after it share: of body and film, and of a light that no eye follows. */
export function shownByTrial(question: Question, best: Outcome): Unknown {
	const { camera, film, light } = question;
	const offset = wholeOffset(camera, best.compensation);
	const eye = best.handTimed || best.manual ? null : automaticExposure(camera);
	const ofLight = eye ? 0 : resolveLight(light).sd;
	const fresh = best.handTimed ? handTimingDoubt(best.seconds) : eye ? scatterOf(eye) : 0;
	return {
		sd: Math.hypot(offset.sd, speedDoubt(film), ofLight),
		noise: Math.hypot(fresh, LOOK_SD),
		at: (shift, sd) => ({
			...question,
			camera: withOffset(camera, { stops: offset.stops + shift, sd }),
			film: { ...film, speedSd: 0 },
			light: eye ? light : doubted(light, 0, 0)
		})
	};
}

/** A light so many stops brighter, and known so well; an eye in another light sees that as before. */
function doubted(light: Light, shift: number, sd: number): Light {
	const { ev, meterSd, kelvin } = resolveLight(light);
	const eye = light.meterEv === undefined ? {} : { meterEv: light.meterEv, meterSd };
	return { ev: ev + shift, sd, ...(kelvin === undefined ? {} : { kelvin }), ...eye };
}

/** What a better reading of the light shows. */
export function shownByReading(question: Question, readingSd: number): Unknown {
	const { light } = question;
	return {
		sd: resolveLight(light).sd,
		noise: readingSd,
		at: (shift, sd) => ({ ...question, light: doubted(light, shift, sd) })
	};
}

/** Less than this is not worth a word: of a chance. */
const TELLING = 0.05;

/** Whether a frame is so sure already that nothing could bring it anything to speak of. */
export const isSure = (best: Outcome): boolean => worth(best) > 1 - TELLING;

/** An outcome with the chances that knowing brings; null where it brings nothing to speak of. */
export function withKnowing(best: Outcome, knowing: Knowing | null): { outcome: Outcome } | null {
	if (!knowing) return null;
	const { now, then } = knowing;
	const gained = (then.good + then.usable - now.good - now.usable) / 2;
	if (gained < TELLING) return null;
	const rise = (chance: 'good' | 'usable') => Math.min(1, best.chances[chance] + then[chance] - now[chance]);
	return { outcome: { ...best, chances: { good: rise('good'), usable: rise('usable') } } };
}
