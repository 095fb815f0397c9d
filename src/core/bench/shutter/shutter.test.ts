import { randomLcg, randomNormal } from 'd3-random';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { standInShutter } from '../../standin';
import { measureShutter } from '..';

/** An analytic trapezoid of light: opens for `edge`, stays, closes for `edge`. */
function trapezoid(seconds: number, edge: number, sampleRate: number): Float32Array {
	return Float32Array.from({ length: Math.round((seconds + edge + 1) * sampleRate) }, (_, at) => {
		const after = at / sampleRate - 0.4;
		if (after < 0 || after > seconds + edge) return 0;
		return 0.5 * Math.min(1, after / edge, (seconds + edge - after) / edge);
	});
}

describe('a shutter by a light sensor', () => {
	// Source: ISO 516: the effective exposure time of a trapezoid is its width at half height.
	it.each([
		[1 / 30, 1 / 300],
		[1 / 125, 1 / 600],
		[1 / 500, 1 / 1000],
		[1, 1 / 100]
	])('gives a trapezoid of %s s with edges of %s s', (seconds, edge) => {
		const measured = measureShutter({ samples: trapezoid(seconds, edge, 96_000), sampleRate: 96_000 });
		expect(measured.kind).toBe('light');
		expect(measured.firings).toHaveLength(1);
		expect(measured.seconds / seconds).toBeCloseTo(1, 2);
		expect(measured.firings[0].opening! / edge).toBeCloseTo(1, 1);
		expect(measured.firings[0].closing! / edge).toBeCloseTo(1, 1);
		expect(measured.firings[0].at).toBeCloseTo(0.4, 2);
	});

	it('is within 3 % or what the sampling resolves, down to a signal to noise of 10 dB', () => {
		const rates = fc.constantFrom(44_100, 48_000, 96_000);
		fc.assert(
			fc.property(
				fc.double({ min: Math.log(1 / 500), max: Math.log(1), noNaN: true }),
				rates,
				fc.integer({ min: 10, max: 50 }),
				fc.double({ min: 0, max: 0.2, noNaN: true }),
				fc.integer({ min: 1, max: 1e6 }),
				(logarithm, sampleRate, signalToNoise, edges, seed) => {
					const seconds = Math.exp(logarithm);
					const samples = standInShutter({
						kind: 'light',
						seconds,
						firings: 1,
						sampleRate,
						signalToNoise,
						edges,
						seed
					});
					const measured = measureShutter({ samples, sampleRate });
					expect(measured.kind).toBe('light');
					expect(measured.firings).toHaveLength(1);
					const allowed = Math.max(0.03 * seconds, 3 / sampleRate);
					expect(Math.abs(measured.seconds - seconds)).toBeLessThan(allowed);
				}
			),
			// Noise has no bounds: these draws are looked at, always the same.
			{ numRuns: 150, seed: 516 }
		);
	});

	it('is not misled by hum, by a slow sensor, by silence around it, nor by which way is bright', () => {
		const clean = standInShutter({ kind: 'light', seconds: 1 / 60, firings: 3, sampleRate: 48_000, seed: 4 });
		const measure = (samples: Float32Array) => measureShutter({ samples, sampleRate: 48_000 });
		expect(measure(clean).firings).toHaveLength(3);
		const humming = standInShutter({
			kind: 'light',
			seconds: 1 / 60,
			firings: 3,
			sampleRate: 48_000,
			hum: 0.15,
			seed: 4
		});
		expect(measure(humming).seconds * 60).toBeCloseTo(1, 1);
		const lagging = standInShutter({
			kind: 'light',
			seconds: 1 / 60,
			firings: 1,
			sampleRate: 48_000,
			lag: 3e-4,
			seed: 4
		});
		expect(measure(lagging).seconds * 60).toBeCloseTo(1, 1);
		const padded = new Float32Array(clean.length + 96_000);
		padded.set(clean, 48_000);
		expect(measure(padded).seconds / measure(clean).seconds).toBeCloseTo(1, 2);
		expect(measure(clean.map((each) => -each)).seconds).toBeCloseTo(measure(clean).seconds, 9);
	});

	it('says when it bounced, when it is clipped, and when there is nothing', () => {
		const make = (more: object) =>
			standInShutter({ kind: 'light', seconds: 1 / 30, firings: 1, sampleRate: 48_000, seed: 9, ...more });
		const bounced = measureShutter({ samples: make({ bounce: true }), sampleRate: 48_000 });
		expect(bounced.firings).toHaveLength(2);
		expect(bounced.notes.join()).toContain('Was one a double');
		const clipped = measureShutter({
			samples: make({}).map((each) => Math.min(1, 2 * each)),
			sampleRate: 48_000
		});
		expect(clipped.notes.join()).toContain('clipped');
		const none = measureShutter({ samples: new Float32Array(48_000), sampleRate: 48_000 }, 'light');
		expect(none.firings).toEqual([]);
		expect(none.notes.join()).toContain('No firing stands out');
	});
});

describe('a shutter by its sound', () => {
	it('is the time from the first click to the last, slow and fast', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(1 / 250, 1 / 125, 1 / 60, 1 / 8, 0.5, 2),
				fc.constantFrom(48_000, 96_000),
				fc.integer({ min: 1, max: 1e6 }),
				(seconds, sampleRate, seed) => {
					const samples = standInShutter({ kind: 'sound', seconds, firings: 2, sampleRate, seed });
					const measured = measureShutter({ samples, sampleRate });
					expect(measured.kind).toBe('sound');
					expect(measured.firings).toHaveLength(2);
					expect(Math.abs(measured.seconds - seconds)).toBeLessThan(Math.max(0.03 * seconds, 5e-4));
				}
			),
			{ numRuns: 40 }
		);
	});

	it('is told from a light where its clicks are few and begin on one side', () => {
		const samples = standInShutter({
			kind: 'sound',
			seconds: 1 / 8,
			firings: 2,
			sampleRate: 48_000,
			seed: 658_813
		});
		expect(measureShutter({ samples, sampleRate: 48_000 }).kind).toBe('sound');
	});

	/** Two clicks that ring at one pitch in plain noise. */
	function ringing(seconds: number, { loud, noise, hertz = 3200, seed = 1 }: Record<string, number>) {
		const rate = 48_000;
		const draw = randomNormal.source(randomLcg(seed))(0, noise);
		const samples = Float32Array.from({ length: Math.round((seconds + 0.9) * rate) }, draw);
		for (const begins of [0.4, 0.4 + seconds])
			for (let after = 0; after < 0.01 * rate; after++)
				samples[Math.round(begins * rate) + after] +=
					loud * Math.exp(-after / (0.0008 * rate)) * Math.sin((2 * Math.PI * hertz * after) / rate);
		return { samples, sampleRate: rate };
	}

	it.each([1 / 60, 0.5, 1])('hears two ringing clicks %s s apart in noise', (seconds) => {
		const measured = measureShutter(ringing(seconds, { loud: 0.6, noise: 0.02 }));
		expect(measured.kind).toBe('sound');
		expect(measured.firings).toHaveLength(1);
		expect(measured.seconds).toBeCloseTo(seconds, 3);
	});

	it('hears them at any pitch, down to a peak 10 dB above the rms of white noise', () => {
		let heard = 0;
		const draws = [1500, 2400, 3200, 4100, 6000, 9000].flatMap((hertz) =>
			[1, 2, 3, 4, 5, 6].map((seed) => ({ hertz, seed }))
		);
		for (const { hertz, seed } of draws) {
			const measured = measureShutter(
				ringing(1 / 60, { loud: 0.3, noise: 0.3 / 10 ** (10 / 20), hertz, seed }),
				'sound'
			);
			const [firing] = measured.firings;
			if (measured.firings.length === 1 && Math.abs(firing.seconds - 1 / 60) < 5e-4) heard += 1;
		}
		// Noise has no bounds: one or two of so many may be drowned.
		expect(heard).toBeGreaterThanOrEqual(draws.length - 2);
	});

	it('hears no pair in plain noise, nor in a single click, loud or soft', () => {
		const rate = 48_000;
		for (let seed = 1; seed <= 12; seed++) {
			const samples = Float32Array.from({ length: rate }, randomNormal.source(randomLcg(seed / 13))(0, 0.02));
			expect(measureShutter({ samples, sampleRate: rate }, 'sound').firings).toEqual([]);
			const loud = seed % 2 ? 0.6 : 0.09;
			for (let after = 0; after < 0.01 * rate; after++) {
				samples[20_000 + after] +=
					loud * Math.exp(-after / (0.0008 * rate)) * Math.sin((2 * Math.PI * 3200 * after) / rate);
			}
			expect(measureShutter({ samples, sampleRate: rate }, 'sound').firings).toEqual([]);
		}
	});

	it('hears nothing in a tone, and never a time below nothing', () => {
		for (const sampleRate of [8000, 48_000, 96_000]) {
			const samples = Float32Array.from({ length: sampleRate }, (_, at) => {
				const on = at > sampleRate / 4 && at < sampleRate / 2;
				return on ? 0.5 * Math.sin((2 * Math.PI * 1000 * at) / sampleRate) : 0;
			});
			for (const kind of ['light', 'sound', undefined] as const) {
				const { firings } = measureShutter({ samples, sampleRate }, kind);
				for (const { seconds, at } of firings) expect(Math.min(seconds, at)).toBeGreaterThanOrEqual(0);
			}
		}
	});

	it.each(['light', 'sound'] as const)('measures 64 firings by %s at most, and says so', (kind) => {
		const samples = standInShutter({ kind, seconds: 1 / 30, firings: 70, sampleRate: 48_000, seed: 5 });
		const measured = measureShutter({ samples, sampleRate: 48_000 }, kind);
		expect(measured.firings).toHaveLength(64);
		expect(measured.notes.join()).toContain('Only the first 64 firings');
	});

	it('says what it cannot tell', () => {
		const samples = standInShutter({
			kind: 'sound',
			seconds: 1 / 500,
			firings: 1,
			sampleRate: 48_000,
			seed: 3
		});
		expect(measureShutter({ samples, sampleRate: 48_000 }, 'sound').notes.join()).toContain(
			'can time 1/250 s'
		);
		const silence = measureShutter({ samples: new Float32Array(48_000), sampleRate: 48_000 });
		expect(silence.notes.join()).toContain('No pair of clicks');
	});
});
