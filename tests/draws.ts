import fc from 'fast-check';
import { FEW_DRAWS } from './fixtures/few';

/** The same draws on every machine, so that a change is what a failure tells of; `DRAWS=random` looks for new ones. */
const USUAL_SEED = 516;

fc.configureGlobal({
	...(process.env.DRAWS === 'random' ? {} : { seed: Number(process.env.DRAWS ?? USUAL_SEED) }),
	...(FEW_DRAWS === null ? {} : { numRuns: FEW_DRAWS })
});
