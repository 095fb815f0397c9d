import { saidBySchools, type ShadowsReading } from '../light';
import { eyeError, hasRule, type EyeError } from './eye';
import type { Guess } from './types';

type SchoolId = ShadowsReading['school'];

/** One school beside what was read. */
export interface SchoolRecord {
	school: SchoolId;
	error: EyeError;
}

/**
 * The schools side by side: what each would have said of the lights that were named, against what they were.
 *
 * @returns schools that had a word for at least one of them; errors + = said too bright
 */
export function schoolsCompared(guesses: readonly Guess[]): SchoolRecord[] {
	const errors: Partial<Record<SchoolId, number[]>> = {};
	for (const { named, read } of guesses.filter(hasRule)) {
		if (named.method !== 'shadows') continue;
		for (const [school, ev] of Object.entries(saidBySchools(named)) as [SchoolId, number][])
			(errors[school] ??= []).push(ev - read.ev);
	}
	return (Object.entries(errors) as [SchoolId, number[]][]).map(([school, all]) => ({
		school,
		error: eyeError(all)!
	}));
}
