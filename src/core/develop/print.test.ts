import { describe, expect, it } from 'vitest';
import { isPulled, printSeconds, temperaturesOf } from '.';

const times = [
	{ celsius: 16, seconds: 120 },
	{ celsius: 21, seconds: 90 },
	{ celsius: 32, seconds: 60 }
];

describe('how long a print develops', () => {
	// Source: the table that is printed on such packs; between its lines straight in the logarithm (Arrhenius).
	it('is as its pack says, and between as chemistry goes', () => {
		const film = { type: 'peel-apart', times } as const;
		expect(printSeconds(film, 21)).toBe(90);
		expect(printSeconds(film, 18.5)).toBeCloseTo(Math.sqrt(120 * 90), 6);
		expect(printSeconds(film, 5)).toBeNull();
		expect(temperaturesOf(film)).toEqual([16, 21, 32]);
	});

	it('is usual of its type without a table, and nothing for what is developed later', () => {
		expect(printSeconds({ type: 'instant' }, 21)).toBe(600);
		expect(printSeconds({ type: 'reversal', times }, 21)).toBeNull();
		expect(temperaturesOf({})).toContain(21);
		expect([isPulled({ type: 'peel-apart' }), isPulled({ type: 'instant' })]).toEqual([true, false]);
	});
});
