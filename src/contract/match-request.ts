import { object } from 'yup';
import type { Camera } from '../core/camera';
import type { Film } from '../core/film';
import type { Light } from '../core/light';
import { wishProblems, type Bag, type Intent, type Mounted } from '../core/match';
import { cameraSchema } from './camera';
import { stops } from './fields';
import { filmSchema } from './film';
import { bagSchema, filtersSchema, intentSchema } from './intent';
import { lightSchema } from './light';
import { check, type Checked } from './validate';

export interface MatchRequest {
	camera: Camera;
	film: Film;
	light: Light;
	bag?: Bag;
	intent?: Intent;
}

export const matchRequestSchema = object({
	camera: cameraSchema.required(),
	film: filmSchema.required(),
	light: lightSchema,
	bag: bagSchema.default(undefined),
	intent: intentSchema.default(undefined)
}).required();

/** Checks, where a request is sound, whether its camera has what is wished. */
export function withWishes<T extends { camera: Camera; intent?: Intent }>(checked: Checked<T>): Checked<T> {
	if (!checked.ok) return checked;
	const issues = wishProblems(checked.value.camera, checked.value.intent ?? {});
	return issues.length === 0 ? checked : { ok: false, issues };
}

/** Checks the body of a match: its shape, then whether the camera has what is wished. */
export function checkMatchRequest(body: unknown): Checked<MatchRequest> {
	return withWishes(check<MatchRequest>(matchRequestSchema, body));
}

export interface ReachRequest extends Pick<Mounted, 'filters' | 'meterDifference'> {
	camera: Camera;
	film: Film;
}

export const reachRequestSchema = object({
	camera: cameraSchema.required(),
	film: filmSchema.required(),
	filters: filtersSchema,
	meterDifference: stops(40)
}).required();

/** Checks the body of a reach. */
export const checkReachRequest = (body: unknown): Checked<ReachRequest> => check(reachRequestSchema, body);
