import cdf from '@stdlib/stats-base-dists-normal-cdf';
import { randomLcg, randomNormal } from 'd3-random';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyCameras, doubts, evs, films } from '../../../../tests/fixtures/arbitraries';
import { foldingInstant } from '../../../../tests/fixtures/automatic';
import { draws } from '../../../../tests/fixtures/few';
import { filmOf, fixedCamera, losesNothing, steppedCamera } from '../../../../tests/fixtures/bag';
import { latitudeOf } from '../../film';
import { bestOutcome, match, trialWorth, type Intent } from '..';

const instant = filmOf('instant', 160, { ...losesNothing, speedSd: 0.15 });
const kindsOf = (...asked: Parameters<typeof match>) =>
	match(...asked).remedies.flatMap(({ changes }) => changes.map(({ kind }) => kind));
const narrowing = ['trial', 'reading', 'bracket'];

describe('what finding out is worth', () => {
	it('is exactly nothing where nothing is free, and then it is not offered', () => {
		let [free, skipped] = [0, 0];
		fc.assert(
			fc.property(anyCameras, films, evs, doubts, (camera, film, ev, sd) => {
				const light = { ev, sd };
				const best = bestOutcome(camera, film, light);
				const { f: aperture, seconds, handTimed, position, compensation, iso } = best;
				const eye = camera.exposure.mode === 'auto' && !handTimed;
				// Everything is fixed as it stands.
				const intent: Intent = {
					...(eye ? {} : { aperture, seconds }),
					...(eye && camera.exposure.mode === 'auto' && camera.exposure.sets === 'time' ? { aperture } : {}),
					handTimed,
					...(position === null ? {} : { position }),
					...(eye && compensation !== null ? { compensation } : {}),
					...(eye && iso !== null ? { iso } : {})
				};
				const { settings, remedies } = match(camera, film, light, {}, intent);
				if (settings.length > 1) return void (skipped += 1);
				free += 1;
				expect(trialWorth(camera, film, light, {}, intent, 8)!.saved).toBeCloseTo(0, 9);
				const kinds = remedies.flatMap(({ changes }) => changes.map(({ kind }) => kind));
				// An aperture, a time or a wheel that was fixed may be freed; knowing alone changes nothing.
				expect(kinds.filter((kind) => narrowing.includes(kind))).toEqual([]);
			}),
			{ numRuns: draws(120) }
		);
		expect(free).toBeGreaterThan(skipped);
	});

	it('is nothing of a camera with one setting, whatever the promise', () => {
		const box = fixedCamera();
		for (const ev of [9, 12, 15]) {
			expect(trialWorth(box, instant, { ev, sd: 1 }, {}, {}, 8)!.saved).toBeCloseTo(0, 9);
			expect(kindsOf(box, instant, { ev, sd: 1 })).not.toEqual(expect.arrayContaining(['trial']));
			expect(kindsOf(box, instant, { ev, sd: 1 })).not.toEqual(expect.arrayContaining(['reading']));
		}
	});

	// Source: an eye in its subject's light follows it: to know that light better changes no setting.
	it('is nothing of a better reading for an eye that follows, nor of a trial for one that has run into its limit', () => {
		expect(kindsOf(foldingInstant(), instant, { ev: 9, sd: 1 })).not.toContain('reading');
		const fast = filmOf('instant', 640, losesNothing);
		expect(trialWorth(foldingInstant(), fast, { ev: 16, sd: 0.3 }, {}, {}, 8)!.saved).toBeLessThan(0.1);
	});

	it('is something of a doubtful body with a wheel, and more with more frames left', () => {
		const doubtful = foldingInstant({ offset: { stops: 0, sd: 0.7 } });
		const worth = (left: number) => trialWorth(doubtful, instant, { ev: 9, sd: 0.33 }, {}, {}, left)!.saved;
		expect(worth(8)).toBeGreaterThan(0.5);
		expect(worth(1)).toBe(0);
		expect(worth(8) / worth(2)).toBeCloseTo(7, 6);
		const known = foldingInstant({ offset: { stops: 0, sd: 0.05 } });
		expect(trialWorth(known, instant, { ev: 9, sd: 0.33 }, {}, {}, 8)!.saved).toBeLessThan(0.3);
		expect(kindsOf(doubtful, instant, { ev: 9, sd: 0.33 }).some((kind) => narrowing.includes(kind))).toBe(
			true
		);
	});

	// Source: the definition, by drawing: truths, a look at the first frame, and of every setting the one
	// that is then worth most by the normal distribution alone.
	it('is what drawing many afternoons says', () => {
		const apertures = [8, 9, 10, 11, 12.7, 14.3, 16];
		const camera = steppedCamera({
			aperture: { kind: 'stops', f: apertures },
			shutter: { kind: 'fixed', seconds: 1 / 125 },
			offset: { stops: 0, sd: 0.5 }
		});
		const [ev, sd] = [13.6, 0.4];
		const { good, usable } = latitudeOf(instant);
		const errors = apertures.map((f) => ev + Math.log2(1.6) - Math.log2(f * f * 125));
		const shared = Math.hypot(0.5, 0.15, sd);
		const gain = shared ** 2 / (shared ** 2 + 1 / 9);
		const left = shared * Math.sqrt(1 - gain);
		const within = ([from, to]: readonly number[], at: number) => cdf(to, at, left) - cdf(from, at, left);
		const worth = (at: number) => within(good, at) + within(usable, at);
		const normal = randomNormal.source(randomLcg(0.61))(0, 1);
		const DRAWS = 40_000;
		let kept = 0;
		for (let draw = 0; draw < DRAWS; draw++) {
			const truth = shared * normal();
			const known = gain * (truth + normal() / 3);
			const set = errors.reduce((a, b) => (worth(b + known) > worth(a + known) ? b : a));
			kept += Number(set + truth >= usable[0] && set + truth <= usable[1]);
		}
		const { then, now } = trialWorth(camera, instant, { ev, sd }, {}, {}, 8)!;
		// The draws' own error is about 0.0025.
		expect(Math.abs(then.usable - kept / DRAWS)).toBeLessThan(0.008);
		expect(then.usable).toBeGreaterThan(now.usable + 0.1);
	});

	// Source: the definition, summed up finely: V1 = Σ w max_a p_a over 4,001 places, p_a by the normal distribution alone.
	it('is right to half a hundredth, whatever is in doubt', () => {
		const spaced = fc.constantFrom(1 / 3, 1 / 2, 1);
		let [worthwhile, skipped] = [0, 0];
		fc.assert(
			fc.property(evs, fc.double({ min: 0.1, max: 1, noNaN: true }), spaced, (at, body, step) => {
				const ev = 11 + (at - Math.floor(at)) * 4;
				const apertures = [-3, -2, -1, 0, 1, 2, 3].map((place) => 8 * 2 ** ((place * step) / 2));
				const camera = steppedCamera({
					aperture: { kind: 'stops', f: apertures },
					shutter: { kind: 'fixed', seconds: 1 / 125 },
					offset: { stops: 0, sd: body }
				});
				const errors = apertures.map((f) => ev + Math.log2(1.6) - Math.log2(f * f * 125));
				const { good, usable } = latitudeOf(instant);
				const shared = Math.hypot(body, 0.15, 0.3);
				const gain = shared ** 2 / (shared ** 2 + 1 / 9);
				const left = shared * Math.sqrt(1 - gain);
				const within = ([from, to]: readonly number[], e: number) => cdf(to, e, left) - cdf(from, e, left);
				const sum = { weights: 0, worth: 0 };
				for (let node = 0; node <= 4000; node++) {
					const z = node / 500 - 4;
					const weight = Math.exp((-z * z) / 2);
					const known = Math.sqrt(gain) * shared * z;
					const best = Math.max(...errors.map((e) => within(good, e + known) + within(usable, e + known)));
					sum.weights += weight;
					sum.worth += (weight * best) / 2;
				}
				const { then, now, saved } = trialWorth(camera, instant, { ev, sd: 0.3 }, {}, {}, 8)!;
				if (saved === 0) return void (skipped += 1);
				worthwhile += 1;
				expect(Math.abs((then.good + then.usable) / 2 - sum.worth / sum.weights)).toBeLessThan(0.005);
				expect(then.good + then.usable).toBeGreaterThan(now.good + now.usable);
			}),
			{ numRuns: draws(60) }
		);
		expect(worthwhile).toBeGreaterThan(skipped);
	});
});
