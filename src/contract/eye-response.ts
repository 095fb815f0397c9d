import { object } from 'yup';
import type { EyeResponse } from '../core/camera';
import { between, exposureValue } from './fields';
import { held } from './held';

/** How the cell of an eye follows the light: one that asks for less than half of what it should follows nothing. */
export const eyeResponse = () =>
	held<EyeResponse>()(
		object({
			slope: between(0.5, 2).required(),
			sd: between(0, 1).required(),
			about: exposureValue().required()
		})
	)
		.optional()
		.default(undefined);
