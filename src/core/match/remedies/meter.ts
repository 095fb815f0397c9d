import { automaticExposure } from '../../camera';
import type { RemedyKind } from './remedy-kind';

/** The camera's eye in the subject's own light: a step out of the shade, or out of the sun. */
export const meter: RemedyKind = {
	kind: 'meter',
	effort: 1,
	pairs: true,
	options: ({ camera, light }) =>
		automaticExposure(camera) && light.meterEv !== undefined
			? [{ name: 'the camera’s eye in your subject’s light' }]
			: [],
	make: (question) => ({ ...question, light: { ...question.light, meterEv: undefined, meterSd: undefined } })
};
