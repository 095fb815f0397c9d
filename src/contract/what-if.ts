import { array, boolean, object, string } from 'yup';
import type { Camera } from '../core/camera';
import { readingKeys, type Otherwise, type ReadingKey } from '../core/whatif';
import { cameraSchema } from './camera';
import { recordId, stops } from './fields';
import { filmSchema } from './film';
import { held } from './held';
import { filtersSchema } from './intent';
import { check, type Checked } from './validate';

/** Which frames are replayed, and what is changed: those of a load, or some of any. */
export interface WhatIfRequest {
	loadId?: string;
	frameIds?: string[];
	change: Omit<Otherwise, 'camera'> & { camera?: Camera };
}

/** Frames that are replayed at once, at most. */
export const MOST_REPLAYED = 1000;

export const whatIfSchema = held<WhatIfRequest>()(
	object({
		loadId: recordId(),
		frameIds: array(string().required().uuid()).min(1).max(MOST_REPLAYED),
		change: object({
			film: filmSchema.optional().default(undefined),
			filters: filtersSchema,
			compensation: stops(10),
			development: stops(5),
			camera: cameraSchema.optional().default(undefined),
			reading: string<ReadingKey>().oneOf(readingKeys),
			learnt: boolean()
		}).required()
	})
		.required()
		.test('frames', 'give either loadId or frameIds', (asked, { createError }) => {
			const { loadId, frameIds } = asked ?? {};
			if ((loadId === undefined) !== (frameIds === undefined)) return true;
			return createError({ path: loadId === undefined ? 'loadId' : 'frameIds' });
		})
		.test('change', 'must change something', (asked, { createError }) => {
			const changes = Object.values(asked?.change ?? {});
			return changes.some((each) => each !== undefined) || createError({ path: 'change' });
		})
);

/** Checks what is asked of frames that are replayed. */
export const checkWhatIf = (body: unknown): Checked<WhatIfRequest> => check(whatIfSchema, body);
