import { object } from 'yup';
import { USABLE_SLOPES, type EyeResponse } from '../core/camera';
import { between, exposureValue } from './fields';
import { held } from './held';

/** How the cell of an eye follows the light: one that asks for less than half of what it should follows nothing. */
export const eyeResponse = () =>
	held<EyeResponse>()(
		object({
			slope: between(USABLE_SLOPES.least, USABLE_SLOPES.most).required(),
			sd: between(0, 1).required(),
			about: exposureValue().required()
		})
	)
		.optional()
		.default(undefined);
