import { array, object } from 'yup';
import { isWhole, skiesOfYear, type SkyShares } from '../core/plan';
import { between } from './fields';
import { held } from './held';

const share = () => between(0, 1).required();

/** The skies of a month: what is clear, what is overcast, and what lies between make all of it. */
const skiesOfMonth = held<SkyShares>()(
	object({ clear: share(), partly: share(), overcast: share() }).required()
).test(
	'whole',
	'must add up to the whole month',
	(shares) => !shares || skiesOfYear.some((sky) => typeof shares[sky] !== 'number') || isWhole(shares)
);

/** The skies of a place, January first. */
export const skiesOfPlace = array(skiesOfMonth).required().length(12, 'must have twelve months');
