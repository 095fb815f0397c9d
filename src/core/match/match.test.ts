import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { doubts, evs, films, logarithmic, manualCameras, real } from '../../../tests/fixtures/arbitraries';
import {
	colourNegative400,
	filmOf,
	fixedCamera,
	losesNothing,
	rangedCamera,
	steppedCamera
} from '../../../tests/fixtures/bag';
import { latitudeOf } from '../film';
import { flashDoubt } from '../flash';
import { blurOf, sharpZone } from '../focus';
import type { Light } from '../light';
import { bestLit, bestOutcome, match, outcomeAt, wishProblems } from '.';

describe('worked by hand', () => {
	// Source: hand arithmetic on ISO 2720: 12 + 2 − log2(121·100) = 14 − 13.56 = +0.44.
	it('fixed f/11 at 1/100 s on ISO 400 in EV 12 gets 0.44 stop more than it asks for', () => {
		const { best } = match(fixedCamera(), colourNegative400, { ev: 12 });
		expect(best.error).toBeCloseTo(0.44, 2);
		expect(best.verdict).toBe('just-enough');
		expect(match(fixedCamera(), filmOf('instant', 400), { ev: 12 }).best.verdict).toBe('usable');
	});

	// Source: hand arithmetic: N = sqrt(2^13 / 30) = 16.5 for ISO 50 at EV 14 and 1/30 s.
	it('a cine camera at 1/30 s on ISO 50 in EV 14 wants f/16.5', () => {
		const cine = rangedCamera({ framesPerSecond: 16 });
		const { best } = match(cine, filmOf('reversal', 50), { ev: 14 });
		expect(Math.abs(2 * Math.log2(best.f / 16.5))).toBeLessThan(0.05);
		expect(best.error).toBeCloseTo(0, 1);
		expect(best.verdict).toBe('just-enough');
	});

	// Source: hand arithmetic: σ = √(0.5² + 0.3² + 0.15²) = 0.602; Φ((2−0.44)/σ) − Φ((−0.5−0.44)/σ) = 0.936.
	it('says how sure it is', () => {
		const { best } = match(fixedCamera(), colourNegative400, { ev: 12 });
		expect(best.chances.good).toBeCloseTo(0.936, 2);
		expect(best.chances.usable).toBeCloseTo(0.992, 2);
	});

	// Source: domain arithmetic: a filter of density 0.6 takes 2 stops, two exposures give one.
	it('counts filters and exposures on one frame', () => {
		const bare = match(fixedCamera(), colourNegative400, { ev: 12 }).best.error;
		const filters = [{ name: 'ND 0.6', stops: 2 }];
		const under = match(fixedCamera(), colourNegative400, { ev: 12 }, {}, { filters, exposures: 2 }).best
			.error;
		expect(under - bare).toBeCloseTo(-1, 9);
	});

	// Source: Schwarzschild’s law: (1 − 1/1.2)·log2(5) = 0.39 stop lost at 5 s.
	it('takes reciprocity failure off a long exposure', () => {
		const film = filmOf('bw-negative', 100, { reciprocity: { from: 1, exponent: 1.2 } });
		const long = fixedCamera({ shutter: { kind: 'fixed', seconds: 5 } });
		const lost =
			match(long, filmOf('bw-negative', 100, losesNothing), { ev: 3 }).best.error -
			match(long, film, { ev: 3 }).best.error;
		expect(lost).toBeCloseTo(0.39, 2);
	});
});

describe('which setting', () => {
	it('takes the middle aperture when several do', () => {
		expect(match(steppedCamera(), colourNegative400, { ev: 12 }).best.verdict).toBe('just-enough');
		const only = steppedCamera({ shutter: { kind: 'fixed', seconds: 1 / 125 } });
		expect(match(only, colourNegative400, { ev: 12 }).best.f).toBe(8);
	});

	it('leans to more light on negatives and to neither side on slides', () => {
		const negative = match(rangedCamera(), colourNegative400, { ev: 10 }).best.error;
		// A lens so short that every aperture is sharp from 2 m on: none is taken for its depth.
		const short = rangedCamera({ focalLength: 10 });
		const slide = match(short, filmOf('reversal', 400), { ev: 10 }).best.error;
		expect(negative).toBeGreaterThan(0.3);
		expect(Math.abs(slide)).toBeLessThan(0.2);
	});

	it('prefers a setting that will not be shaken', () => {
		const { best } = match(steppedCamera(), filmOf('colour-negative', 100), { ev: 11 });
		expect(best.spoilers).toEqual([]);
	});

	it('prefers a timed shutter to one counted by hand', () => {
		const box = fixedCamera({ bulb: true, aperture: { kind: 'fixed', f: 14 } });
		expect(match(box, colourNegative400, { ev: 12 }).best.seconds).toBe(1 / 100);
		const dim = match(box, colourNegative400, { ev: 3 }, {}, { handheld: false }).best;
		expect(dim.seconds).toBeGreaterThan(0.5);
		expect(dim.verdict).toBe('just-enough');
	});

	it('gives the nearest when nothing works, and says which way it fails', () => {
		expect(match(fixedCamera(), colourNegative400, { ev: 3 }).best.verdict).toBe('too-dark');
		expect(match(fixedCamera(), colourNegative400, { ev: 17 }).best.verdict).toBe('too-light');
		const { best } = match(steppedCamera(), colourNegative400, { ev: 1 });
		expect([best.f, best.seconds]).toEqual([2.8, 1 / 30]);
	});

	it('keeps to a wanted time, or says that it cannot', () => {
		const camera = steppedCamera();
		const met = match(camera, colourNegative400, { ev: 12 }, {}, { seconds: [1 / 70, null] });
		expect(met.unmet).toEqual([]);
		expect(met.settings.every(({ seconds }) => seconds >= 1 / 70)).toBe(true);
		const unmet = match(camera, colourNegative400, { ev: 12 }, {}, { seconds: [4, null] });
		expect(unmet.unmet).toEqual(['seconds']);
		expect(unmet.best.seconds).toBe(1 / 30);
	});

	it('keeps to a wanted aperture, and names one that the camera lacks', () => {
		const { settings } = match(steppedCamera(), colourNegative400, { ev: 12 }, {}, { aperture: 5.6 });
		expect(new Set(settings.map(({ f }) => f))).toEqual(new Set([5.6]));
		expect(wishProblems(steppedCamera(), { aperture: 5.6 })).toEqual([]);
		expect(wishProblems(steppedCamera(), { aperture: 6.3 })[0].path).toBe('intent.aperture');
	});

	it('moves a lever as one', () => {
		const lever = fixedCamera({
			positions: [
				{ label: 'lamp', f: 5.6, seconds: 1 / 30 },
				{ label: 'sun', f: 16, seconds: 1 / 125 }
			]
		});
		const sun = match(lever, filmOf('colour-negative', 100), { ev: 15 });
		expect(sun.best.position).toBe('sun');
		expect(sun.settings).toHaveLength(2);
	});
});

describe('what spoils a frame', () => {
	// Source: common practice, 2/f: a 35 mm lens on 35 mm film can be held to 1/17 s.
	it('is shaking when it is slow and held', () => {
		const slow = fixedCamera({ shutter: { kind: 'fixed', seconds: 1 / 8 } });
		// By hand: 1/8 s is log2(17.5/8) = 1.13 stops too long, 1/15 s 0.22.
		const shakenBy = (stops: number) => [{ kind: 'shake', by: expect.closeTo(stops, 2) }];
		expect(match(slow, colourNegative400, { ev: 9 }).best.spoilers).toEqual(shakenBy(1.13));
		expect(match(slow, colourNegative400, { ev: 9 }, {}, { handheld: false }).best.spoilers).toEqual([]);
		const steady = fixedCamera({ shutter: { kind: 'fixed', seconds: 1 / 15 } });
		expect(match(steady, colourNegative400, { ev: 9 }).best.spoilers).toEqual(shakenBy(0.22));
		expect(match({ ...slow, framesPerSecond: 16 }, colourNegative400, { ev: 9 }).best.spoilers).toEqual([]);
	});

	// Source: f·v·t/d: 35 mm · 2 m/s · 1/100 s / 3 m = 0.23 mm on film, far above 0.03.
	it('is a subject that moves too fast or stands too near', () => {
		const spoilers = (intent: object) =>
			match(fixedCamera(), colourNegative400, { ev: 12 }, {}, intent).best.spoilers;
		// By hand: the circle is 43.27/1500 = 0.0288 mm, and log2(0.2333/0.0288) = 3.02 stops too long.
		const moving = [{ kind: 'motion', by: expect.closeTo(3.02, 2) }];
		expect(spoilers({ subjectDistance: 3, subjectSpeed: 2 })).toEqual(moving);
		// By hand, c = (f²/N)·|1 − s/d|/(s − f): 35²/11·|1 − 3/0.5|/(3000 − 35) = 0.188 mm, 6.51 circles.
		expect(spoilers({ subjectDistance: 0.5 })).toEqual([{ kind: 'near', by: expect.closeTo(6.51, 2) }]);
		expect(spoilers({ subjectDistance: 3 })).toEqual([]);
	});

	// By hand at f/2.8 set to 1 m: 35²/2.8·|1 − 1/10|/(1000 − 35) = 0.408 mm for someone at 10 m.
	it('is a subject too far behind a lens that is set near', () => {
		const near = fixedCamera({ focus: { kind: 'fixed', distance: 1 }, aperture: { kind: 'fixed', f: 2.8 } });
		const { spoilers } = match(near, colourNegative400, { ev: 9 }, {}, { subjectDistance: 10 }).best;
		expect(spoilers).toEqual([{ kind: 'far', by: expect.closeTo(0.408 / 0.02885, 1) }]);
	});

	it('is out of focus by just one circle of confusion at both ends of the sharp zone', () => {
		fc.assert(
			fc.property(real(1, 8), real(2, 16), (focused, f) => {
				const circle = 0.03;
				const { from, to } = sharpZone(35, f, circle, focused);
				expect(blurOf(35, f, focused, from) / circle).toBeCloseTo(1, 6);
				if (to !== null) expect(blurOf(35, f, focused, to) / circle).toBeCloseTo(1, 6);
			})
		);
	});
});

describe('properties', () => {
	it('one stop more light is one stop more error', () => {
		fc.assert(
			fc.property(manualCameras, films, evs, (camera, film, ev) => {
				const [here] = match(camera, film, { ev }).settings;
				const lighter = outcomeAt(camera, film, { ev: ev + 1 }, {}, here);
				expect(lighter.error - here.error).toBeCloseTo(1, 6);
			})
		);
	});

	it('more doubt never raises the chance of a setting in the middle of its latitude', () => {
		fc.assert(
			fc.property(films, real(0, 2), real(0, 2), (film, sd, more) => {
				const { good } = latitudeOf(film);
				const middle = (good[0] + good[1]) / 2;
				const camera = fixedCamera({ offset: { stops: 0, sd: 0 } });
				const ev = middle - match(camera, film, { ev: 0 }).best.error;
				const chance = (doubt: number) => match(camera, film, { ev, sd: doubt }).best.chances.good;
				expect(chance(sd + more)).toBeLessThanOrEqual(chance(sd) + 1e-9);
			})
		);
	});

	it('never takes a worse verdict than one that was within reach', () => {
		const rank = { 'just-enough': 0, usable: 1, 'too-dark': 2, 'too-light': 2 };
		fc.assert(
			fc.property(manualCameras, films, evs, doubts, (camera, film, ev, sd) => {
				const { best, settings } = match(camera, film, { ev, sd });
				expect(rank[best.verdict]).toBe(Math.min(...settings.map(({ verdict }) => rank[verdict])));
			})
		);
	});

	it('answers the same by match and by bestOutcome', () => {
		fc.assert(
			fc.property(manualCameras, films, evs, doubts, (camera, film, ev, sd) => {
				expect(bestOutcome(camera, film, { ev, sd })).toEqual(match(camera, film, { ev, sd }).best);
			})
		);
	});

	it('has no number that is none, and survives JSON', () => {
		fc.assert(
			fc.property(
				manualCameras,
				films,
				evs,
				doubts,
				logarithmic(0.2, 50),
				(camera, film, ev, sd, subjectDistance) => {
					const answer = match(camera, film, { ev, sd }, {}, { subjectDistance, subjectSpeed: 1 });
					expect(JSON.parse(JSON.stringify(answer))).toEqual(answer);
					expect(JSON.stringify(answer)).not.toMatch(/NaN|Infinity/);
				}
			)
		);
	});

	it('a faster film by one stop is one stop more error', () => {
		fc.assert(
			fc.property(manualCameras, films, evs, (camera, film, ev) => {
				const [setting] = match(camera, film, { ev }).settings;
				const faster = outcomeAt(camera, { ...film, iso: film.iso * 2 }, { ev }, {}, setting);
				expect(faster.error - setting.error).toBeCloseTo(1, 6);
			})
		);
	});
});

describe('a frame that was taken with flash', () => {
	const flash = { guideNumber: 16, power: 1 };
	const camera = fixedCamera({ aperture: { kind: 'fixed', f: 8 } });
	const film = filmOf('instant', 100);

	// Source: N · d = GN at ISO 100: f/8 with guide number 16 is right at 2 m, and two stops less at 4 m.
	it('is told by its guide number and the distance', () => {
		const at = (subjectDistance: number, power = 1) =>
			outcomeAt(
				camera,
				film,
				{ ev: -4 },
				{ subjectDistance },
				{ f: 8, seconds: 1 / 60, flash: { ...flash, power } }
			).error;
		expect(at(2)).toBeCloseTo(0, 1);
		expect(at(4)).toBeCloseTo(-2, 1);
		expect(at(1, 1 / 4)).toBeCloseTo(0, 1);
	});

	// By hand: 16 at f/8 is right at 2 m in a room; outdoors ⅔ less, beside daylight of EV 11.64 at 1/60 s, 0.26 under.
	it('gets less of it outdoors, and is less sure', () => {
		const camera = fixedCamera({
			aperture: { kind: 'fixed', f: 8 },
			shutter: { kind: 'fixed', seconds: 1 / 60 },
			offset: { stops: 0, sd: 0.01 }
		});
		const film = filmOf('colour-negative', 100, { speedSd: 0.01 });
		const fires = (light: Light) =>
			bestLit(camera, film, light, { flash: { guideNumber: 16, powers: [1] } }, { subjectDistance: 2 })!;
		const outdoors = fires({ method: 'shadows', school: 'shadow-edge', condition: 'none', sd: 0.01 });
		expect(outdoors.outcome.error).toBeCloseTo(Math.log2(2 ** -0.263 + 2 ** -(2 / 3)), 2);
		const inside = fires({ ev: 3, sd: 0.01 });
		expect(inside.outcome.error).toBeCloseTo(0, 1);
		expect(flashDoubt(true)).toBeCloseTo(Math.hypot(1 / 3, 0.403, 1 / 3), 2);
	});

	it('is told as the best with that flash was', () => {
		const bag = { flash: { guideNumber: 16, powers: [1] } };
		const best = bestLit(camera, film, { ev: 3 }, bag, { subjectDistance: 3 })!;
		const { f, seconds } = best.outcome;
		const made = { f, seconds, flash };
		expect(outcomeAt(camera, film, { ev: 3 }, { subjectDistance: 3 }, made)).toEqual(best.outcome);
		expect(bestLit(camera, film, { ev: 3 }, {}, {})).toBeNull();
	});
});
