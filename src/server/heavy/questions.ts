import { checkEye, checkOpening } from '$contract/bench';
import { learnRequestSchema } from '$contract/learn';
import { lightSchema } from '$contract/light';
import { checkMatchRequest, checkReachRequest } from '$contract/match-request';
import { checkPlanRequest, checkYearRequest } from '$contract/plan';
import { checkSpeedRequest } from '$contract/speed';
import { check, type Checked, type Issue } from '$contract/validate';
import { fNumberOf, measureEye } from '$core/bench';
import { waysToSet, type Camera } from '$core/camera';
import { learn } from '$core/learn';
import { answerLight } from '$core/light';
import { match, reach, withLearnt } from '$core/match';
import { planDay, planYear, speedFor } from '$core/plan';
import { namedLanes } from '$words';
import { eyeNotes } from '$words/eye-curve';

/** A question that the API answers by a computation. */
interface Question<T> {
	check: (body: unknown) => Checked<T>;
	compute: (asked: T) => unknown;
	/** Whether it is so little work that it is done at once: a few milliseconds at most. */
	quick: (asked: T) => boolean;
}

const question = <T>(asked: Question<T>) => asked as Question<unknown>;

/** Outcomes that are worked out in a few milliseconds. */
const FEW_OUTCOMES = 100;

const quick = ({ camera }: { camera: Camera }, changes: number) =>
	waysToSet(camera) * (1 + changes) <= FEW_OUTCOMES;

/** Every question by its name. */
export const questions = {
	match: question({
		check: checkMatchRequest,
		compute({ camera, film, light, bag, intent, learnt }) {
			const known = learnt ? withLearnt(camera, film, learnt) : { camera, film };
			return match(known.camera, known.film, light, bag, intent);
		},
		quick: (asked) => {
			const { filters = [], films = [] } = asked.bag ?? {};
			return quick(asked, filters.length + films.length);
		}
	}),
	reach: question({
		check: checkReachRequest,
		compute: ({ camera, film, filters, meterDifference, intent }) => {
			const { good, usable, lanes } = reach(camera, film, { filters, ...intent, meterDifference });
			return { good, usable, lanes: namedLanes(camera, lanes) };
		},
		quick: (asked) => quick(asked, 0)
	}),
	speed: question({
		check: checkSpeedRequest,
		compute: speedFor,
		quick: (asked) => 'light' in asked && quick(asked, 0)
	}),
	plan: question({ check: checkPlanRequest, compute: planDay, quick: () => false }),
	year: question({ check: checkYearRequest, compute: (asked) => planYear(asked), quick: () => false }),
	learn: question({
		check: (body) => check(learnRequestSchema, body),
		compute: ({ prior, frames }) => learn(prior, frames),
		quick: ({ frames }) => frames.length <= FEW_OUTCOMES
	}),
	light: question({
		check: (body) => check(lightSchema, body),
		compute: answerLight,
		quick: () => true
	}),
	aperture: question({
		check: checkOpening,
		compute: ({ focalLength, opening, rulerSd, focalSd }) =>
			fNumberOf(focalLength, opening, rulerSd, focalSd),
		quick: () => true
	}),
	eye: question({
		check: checkEye,
		compute({ firings, timing }) {
			const curve = measureEye(firings, timing);
			return { ...curve, notes: eyeNotes(curve) };
		},
		quick: () => false
	})
};

export type QuestionName = keyof typeof questions;

/** What comes of a question: its answer as JSON, or what is wrong with it. */
export type Answered = { json: string } | { issues: Issue[] } | { unreadable: true };

/** Bodies longer than this take long to check alone, characters. */
const SHORT = 16 * 1024;

/** What a question may name by its id instead of bringing it along. */
export const NAMES = ['cameraId', 'filmId', 'loadId'] as const;

const ANY_NAME = new RegExp(`"(${NAMES.join('|')})"\\s*:`);

/** Whether a question's text names a record of the bag. */
export const namesRecords = (text: string): boolean => ANY_NAME.test(text);

/**
 * Answers a question.
 *
 * @param text its body as it came
 * @param only 'quick': nothing but what is little work
 * @returns the answer, or null where it is too much work
 */
export function answerTo(name: QuestionName, text: string, only?: 'quick'): Answered | null {
	if (only && text.length > SHORT) return null;
	const asked = questions[name];
	let body: unknown;
	try {
		body = JSON.parse(text);
	} catch {
		return { unreadable: true };
	}
	const checked = asked.check(body);
	if (!checked.ok) return { issues: checked.issues };
	if (only && !asked.quick(checked.value)) return null;
	return { json: JSON.stringify(asked.compute(checked.value)) };
}
