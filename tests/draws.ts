import fc from 'fast-check';

/** The same draws on every machine, so that a change is what a failure tells of; `DRAWS=random` looks for new ones. */
const USUAL_SEED = 516;
/** Where the tests run again for every change of the code, a few draws of each property must do. */
const FEW = 20;

fc.configureGlobal({
	...(process.env.DRAWS === 'random' ? {} : { seed: Number(process.env.DRAWS ?? USUAL_SEED) }),
	...(process.env.STRYKER_MUTATOR_WORKER === undefined ? {} : { numRuns: FEW })
});
