import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { nextTime, type NegativeLook } from '.';

const side = fc.constantFrom<-1 | 0 | 1>(-1, 0, 1);
const looks = fc.array(
	fc.record(
		{ density: side, contrast: side, coarse: fc.boolean(), streaks: fc.boolean() },
		{ requiredKeys: [] }
	),
	{ minLength: 1, maxLength: 36 }
);
const change = (...all: NegativeLook[]) => nextTime(all)?.change;

// Source of all that follows: common practice of judging negatives: expose for the shadows, develop for the
// highlights; one change at a time.
describe('what to change next time', () => {
	it('is nothing of which nothing was seen, and nothing where all is right', () => {
		expect(nextTime([])).toBeNull();
		expect(change({ density: 0, contrast: 0 })).toBe('nothing');
	});

	it('is the time where contrast is off: shorter if harsh, longer if flat', () => {
		expect(change({ contrast: 1 }, { contrast: 1 }, { contrast: 0 })).toBe('shorter');
		expect(change({ contrast: -1 }, { contrast: 0 })).toBe('longer');
	});

	it('is the film speed where only density is off: slower if thin', () => {
		expect(nextTime([{ density: -1, contrast: 0 }])).toEqual({ change: 'slower', of: 1 });
		expect(change({ density: 1, contrast: 0 })).toBe('faster');
	});

	it('is the agitation before all else where there are streaks, and the grain after all else', () => {
		expect(change({ streaks: true, contrast: 1, density: -1 })).toBe('agitation');
		expect(change({ coarse: true, contrast: 1 })).toBe('shorter');
		expect(change({ coarse: true, contrast: 0, density: 0 })).toBe('dilution');
	});

	it('does not follow a single negative among many', () => {
		const fine = Array.from({ length: 9 }, (): NegativeLook => ({ density: 0, contrast: 0 }));
		expect(change({ streaks: true, contrast: 1, density: 1, coarse: true }, ...fine)).toBe('nothing');
	});

	it('is one thing, the same in any order', () => {
		fc.assert(
			fc.property(looks, (all) => {
				const next = nextTime(all)!;
				expect(next.of).toBe(all.length);
				expect(nextTime([...all].reverse())).toEqual(next);
			})
		);
	});
});
