import { object } from 'yup';
import type { Camera } from '../core/camera';
import type { Film } from '../core/film';
import type { Light } from '../core/light';
import { wishProblems, type Intent } from '../core/match';
import { cameraSchema } from './camera';
import { filmSchema } from './film';
import { intentSchema } from './intent';
import { lightSchema } from './light';
import { check, type Checked } from './validate';

export interface MatchRequest {
	camera: Camera;
	film: Film;
	light: Light;
	intent?: Intent;
}

const matchRequestSchema = object({
	camera: cameraSchema.required(),
	film: filmSchema.required(),
	light: lightSchema,
	intent: intentSchema.default(undefined)
}).required();

/** Checks the body of a match: its shape, then whether the camera has what is wished. */
export function checkMatchRequest(body: unknown): Checked<MatchRequest> {
	const checked = check<MatchRequest>(matchRequestSchema, body);
	if (!checked.ok) return checked;
	const issues = wishProblems(checked.value.camera, checked.value.intent ?? {});
	return issues.length === 0 ? checked : { ok: false, issues };
}
