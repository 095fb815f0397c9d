import fc from 'fast-check';

/** The same draws on every machine, so that a change is what a failure tells of; `DRAWS=random` looks for new ones. */
const USUAL_SEED = 516;

if (process.env.DRAWS !== 'random') fc.configureGlobal({ seed: Number(process.env.DRAWS ?? USUAL_SEED) });
