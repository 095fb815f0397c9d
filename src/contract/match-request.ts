import { object } from 'yup';
import type { Camera, Filter } from '../core/camera';
import type { Film } from '../core/film';
import type { Light } from '../core/light';
import { wishProblems, type Bag, type Intent, type Learnt } from '../core/match';
import { cameraSchema } from './camera';
import { stops } from './fields';
import { filmSchema } from './film';
import { held } from './held';
import { bagSchema, filtersSchema, intentSchema } from './intent';
import { learntSchema } from './learn';
import { lightSchema } from './light';
import { check, type Checked } from './validate';

export interface MatchRequest {
	camera: Camera;
	film: Film;
	light: Light;
	bag?: Bag;
	intent?: Intent;
	/** What is known of camera and film together: it takes the place of offset and speedSd. */
	learnt?: Learnt;
}

export const matchRequestSchema = held<MatchRequest>()(
	object({
		camera: cameraSchema.required(),
		film: filmSchema.required(),
		light: lightSchema,
		bag: bagSchema.optional().default(undefined),
		intent: intentSchema.optional().default(undefined),
		learnt: learntSchema.optional().default(undefined)
	})
).required();

/** Checks, where a request is sound, whether its camera has what is wished. */
export function withWishes<T extends { camera: Camera; intent?: Intent }>(checked: Checked<T>): Checked<T> {
	if (!checked.ok) return checked;
	const issues = wishProblems(checked.value.camera, checked.value.intent ?? {});
	return issues.length === 0 ? checked : { ok: false, issues };
}

/** Checks the body of a match: its shape, then whether the camera has what is wished. */
export function checkMatchRequest(body: unknown): Checked<MatchRequest> {
	return withWishes(check(matchRequestSchema, body));
}

/** What is asked of a reach; filters beside the intent are those on the camera. */
export interface ReachRequest {
	camera: Camera;
	film: Film;
	filters?: Filter[];
	meterDifference?: number;
	intent?: Intent;
}

export const reachRequestSchema = held<ReachRequest>()(
	object({
		camera: cameraSchema.required(),
		film: filmSchema.required(),
		filters: filtersSchema,
		meterDifference: stops(40),
		intent: intentSchema.optional().default(undefined)
	})
).required();

/** Checks the body of a reach: its shape, then whether the camera has what is fixed. */
export const checkReachRequest = (body: unknown): Checked<ReachRequest> =>
	withWishes(check(reachRequestSchema, body));
