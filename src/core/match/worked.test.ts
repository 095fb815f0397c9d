import { describe, expect, it } from 'vitest';
import { foldingInstant, programmed, twinLens } from '../../../tests/fixtures/automatic';
import {
	colourNegative400,
	filmOf,
	fixedCamera,
	losesNothing,
	steppedCamera
} from '../../../tests/fixtures/bag';
import type { Camera } from '../camera';
import type { Film } from '../film';
import type { Intent } from '.';
import {
	bestLit,
	bestOutcome,
	likelyErrors,
	match,
	outcomeAt,
	quickMatch,
	reach,
	suitsFilm,
	wishProblems
} from '.';

const near = (value: number, digits = 6) => expect.closeTo(value, digits) as number;
const instant = filmOf('instant', 160, losesNothing);

describe('what is taken as typical', () => {
	it('is what was not said of camera and film', () => {
		const typical = (camera: Camera, film: Film) => match(camera, film, { ev: 11 }).typical;
		expect(typical(fixedCamera(), colourNegative400)).toEqual([
			'offset',
			'latitude',
			'reciprocity',
			'speedSd'
		]);
		expect(typical(foldingInstant(), instant)).toEqual(['offset', 'scatter', 'latitude', 'speedSd']);
		const known = foldingInstant({ offset: { stops: 0, sd: 0.1 } }, { scatter: 0.3 });
		const film = { ...instant, speedSd: 0.1, latitude: { good: [-1, 1], usable: [-2, 2] } } as Film;
		expect(typical(known, film)).toEqual([]);
	});
});

describe('what is asked of wheels and apertures', () => {
	it('is refused where they are not there', () => {
		const paths = (camera: Camera, intent: Intent) => wishProblems(camera, intent).map(({ path }) => path);
		expect(paths(fixedCamera(), { compensation: 1 })).toEqual(['intent.compensation']);
		expect(paths(fixedCamera(), { compensation: 0 })).toEqual([]);
		expect(paths(foldingInstant(), { compensation: 0.25 })).toEqual(['intent.compensation']);
		expect(paths(foldingInstant(), { compensation: 0.5 })).toEqual([]);
	});

	it('stays unmet where an eye cannot come near it in this light', () => {
		const asked = (ev: number, intent: Intent) => quickMatch(programmed(), colourNegative400, { ev }, intent);
		expect(asked(2, { aperture: 11 }).unmet).toEqual(['aperture']);
		const { best, unmet } = asked(13, { aperture: 8 });
		expect([unmet, Math.abs(2 * Math.log2(best.f / 8)) < 1 / 3]).toEqual([['aperture'], false]);
		expect(asked(2, { aperture: 2.8 }).unmet).toEqual([]);
		expect(asked(2, { seconds: [1 / 4, null] }).unmet).toEqual([]);
		expect(asked(2, { seconds: [null, 1 / 500] }).unmet).toEqual(['seconds']);
	});
});

describe('the light in which a camera works', () => {
	const film = colourNegative400;

	it('is that of the wheel, the dial and the speed that are fixed', () => {
		const body = foldingInstant({}, { iso: [75, 150] });
		const lanes = (intent: Intent) =>
			reach(body, film, intent).lanes.map(({ settings: { iso, compensation } }) => [iso, compensation]);
		expect(lanes({ iso: 150, compensation: -0.5 })).toEqual([[150, -0.5]]);
		expect(lanes({ iso: 75 })).toHaveLength(7);
		expect(lanes({ compensation: 0 })).toEqual([
			[75, 0],
			[150, 0]
		]);
		const speeds = programmed(
			{ shutter: { kind: 'speeds', seconds: [1 / 60, 1 / 15] } },
			{ sets: 'aperture' }
		);
		const timed = (intent: Intent) =>
			reach(speeds, film, intent).lanes.map(({ settings }) => settings.seconds);
		expect(timed({})).toEqual([1 / 60, 1 / 15]);
		expect(timed({ seconds: [null, 1 / 30] })).toEqual([1 / 60]);
		expect(timed({ seconds: 1 / 15 })).toEqual([1 / 15]);
	});

	// By hand: f/8 for ISO 160 takes 1/30 s at EV 10.23; a sixth of a stop each way is near enough to it.
	it('is that in which an eye takes a time, to a sixth of a stop', () => {
		const at = 6 + Math.log2(30) - Math.log2(1.6);
		const { good } = reach(foldingInstant(), instant, { compensation: 0, seconds: 1 / 30 });
		expect(good).toEqual([[near(at - 1 / 6), near(at + 1 / 6)]]);
	});

	// By hand: an eye that sets the time behind a ring works from the widest at its slowest to the smallest at its fastest.
	it('goes from the widest to the smallest of a ring that the hand turns', () => {
		const ring = foldingInstant(
			{ aperture: { kind: 'range', widest: 4, smallest: 16 } },
			{ compensation: undefined }
		);
		const { good } = reach(ring, instant);
		const [slowest, fastest] = [4 - Math.log2(14), 8 + Math.log2(180)].map((v) => v - Math.log2(1.6));
		expect(good).toEqual([[near(slowest - 1 / 3), near(fastest + 1 / 3)]]);
	});

	it('is no light at all where a lane cannot be right', () => {
		// Four stops too fast a film for its eye: right nowhere but beyond its limits.
		const fast = filmOf('reversal', 2560, losesNothing);
		const { lanes } = reach(foldingInstant({}, { compensation: undefined }), fast);
		expect(lanes[0].good).toHaveLength(1);
		const [[from, to]] = lanes[0].good;
		// By hand: below its slowest, 14 s, the light falls short of what the eye still asks for: 2.19 − 4.68 EV.
		const slow = 6 - Math.log2(14);
		expect([from, to]).toEqual([near(slow - Math.log2(25.6) - 1 / 3), near(slow - Math.log2(25.6) + 1 / 3)]);
	});
});

describe('limits', () => {
	const body = foldingInstant({}, { compensation: undefined });
	const fastest = 6 + Math.log2(180) - Math.log2(1.6);
	const slowest = 6 - Math.log2(14) - Math.log2(1.6);

	it('are run into beyond them, not at them', () => {
		const clamped = (ev: number) => bestOutcome(body, instant, { ev }).clamped;
		expect([fastest - 1e-6, fastest, fastest + 1e-6].map(clamped)).toEqual([null, null, 'fastest']);
		expect([slowest + 1e-6, slowest, slowest - 1e-6].map(clamped)).toEqual([null, null, 'slowest']);
	});

	// By hand: a film that loses from 4 s on, p = 2: at 8 s it loses ½·log2 2 = ½, at 4 s nothing; f/4 wide open at both.
	it('bend where the film begins to lose', () => {
		const film = filmOf('instant', 160, { reciprocity: { from: 4, exponent: 2 } });
		const wide = programmed(
			{
				aperture: { kind: 'range', widest: 4, smallest: 16 },
				shutter: { kind: 'range', fastest: 1 / 500, slowest: 16 }
			},
			{ iso: [160] }
		);
		const error = (time: number) =>
			bestOutcome(wide, film, { ev: 4 - Math.log2(time) - Math.log2(1.6) }).error;
		expect([error(2), error(4), error(8), error(16)]).toEqual([near(0), near(0), near(-0.5), near(-1)]);
		expect(error(5.66)).toBeCloseTo(-0.25, 2);
	});
});

describe('a frame as it was shot', () => {
	const lever = twinLens({
		positions: [
			{ label: 'sun', f: 22 },
			{ label: 'room', f: 5.6 }
		],
		bulb: true
	});
	const film = filmOf('instant', 800, losesNothing);

	it('was at the place of its lever, or at the nearest aperture', () => {
		const at = (made: object) =>
			outcomeAt(lever, film, { ev: 11 }, {}, { f: 8, seconds: 1 / 60, compensation: 0, ...made });
		expect(at({ position: 'sun' })).toMatchObject({ position: 'sun', f: 22, handTimed: false });
		expect(at({ position: 'room' })).toMatchObject({ position: 'room', f: 5.6 });
		expect(at({ f: 20 })).toMatchObject({ position: 'sun' });
		expect(at({ f: 6 })).toMatchObject({ position: 'room' });
		expect(at({ f: 20, handTimed: true, seconds: 2 })).toMatchObject({ f: 20, seconds: 2, handTimed: true });
		expect(at({ seconds: 2, handTimed: true }).secondsRange).toEqual([2, 2]);
	});
});

describe('ten frames', () => {
	// Source: the quantiles of the normal distribution: 5 % lie below −1.6449 σ.
	it('of the hand lie about the error by its doubt, those of an eye by its own', () => {
		const box = fixedCamera({ offset: { stops: 0.2, sd: 0.1 } });
		const sure = filmOf('colour-negative', 400, { speedSd: 0.1 });
		const errors = likelyErrors(box, sure, { ev: 12, sd: 0.6 }, {}, { f: 11, seconds: 1 / 100 });
		const sd = Math.hypot(0.6, 0.1, 0.1);
		expect(errors[0]).toBeCloseTo(0.2 + 14 - Math.log2(12_100) - 1.6449 * sd, 3);
		expect(errors[9]).toBeCloseTo(0.2 + 14 - Math.log2(12_100) + 1.6449 * sd, 3);
		const body = foldingInstant(
			{ offset: { stops: 0.3, sd: 0.1 } },
			{ scatter: 0.4, compensation: undefined }
		);
		const film = filmOf('instant', 320, { ...losesNothing, speedSd: 0.1 });
		const byEye = likelyErrors(body, film, { ev: 9, sd: 0.6 }, {}, { f: 8, seconds: 0.1 });
		// By hand: the film is a stop faster than the eye believes, and the body gives 0.3 more.
		const middle = byEye.reduce((sum, error) => sum + error, 0) / 10;
		expect(middle).toBeCloseTo(1.3, 1);
		expect((byEye[9] - byEye[0]) / (2 * 1.6449)).toBeCloseTo(Math.hypot(0.4, 0.1, 0.1), 1);
	});
});

describe('what flash does', () => {
	const bag = { flash: { guideNumber: 20, powers: [1] } };
	const moving = { subjectDistance: 2.5, subjectSpeed: 3, handheld: true };

	// Common practice: a flash that gives most of the light freezes; one that only fills does not.
	it('freezes where it gives most of the light', () => {
		const camera = steppedCamera({
			shutter: { kind: 'speeds', seconds: [1 / 15] },
			aperture: { kind: 'fixed', f: 8 }
		});
		const dark = bestLit(camera, filmOf('instant', 100), { ev: 2 }, bag, moving)!.outcome;
		expect(dark.spoilers).toEqual([]);
		expect(dark.chances.usable).toBeGreaterThan(dark.chances.good);
		const light = bestLit(camera, filmOf('instant', 100), { ev: 10.5 }, bag, moving)!.outcome;
		expect(light.spoilers.map(({ kind }) => kind)).toEqual(['shake', 'motion']);
	});

	// By hand: f/8 is right at 20/8 = 2.5 m; f/4 is two stops over, f/16 two under, and colour film likes it over.
	it('is taken at the setting that is exposed best', () => {
		const camera = steppedCamera({
			aperture: { kind: 'stops', f: [4, 8, 16] },
			shutter: { kind: 'fixed', seconds: 1 / 60 }
		});
		const best = bestLit(camera, filmOf('instant', 100), { ev: 0 }, bag, { subjectDistance: 2.5 })!.outcome;
		expect(best).toMatchObject({ f: 8, verdict: 'just-enough' });
		const far = bestLit(camera, filmOf('instant', 100), { ev: 0 }, bag, { subjectDistance: 12 })!.outcome;
		expect(far).toMatchObject({ f: 4, verdict: 'too-dark' });
	});
});

describe('of settings that are worth the same', () => {
	it('the one in the middle of the scale is taken, wherever it stands in the list', () => {
		// A lens so short that every aperture is sharp from 2 m on.
		const equal = (f: number[]): Camera =>
			fixedCamera({
				focalLength: 10,
				focus: { kind: 'fixed', distance: 3 },
				positions: f.map((each) => ({ label: `${each}`, f: each, seconds: each ** 2 / 2 ** 13 })),
				handHold: 10
			});
		for (const order of [
			[4, 8, 16],
			[16, 4, 8],
			[8, 16, 4],
			[16, 8, 4]
		]) {
			expect(bestOutcome(equal(order), filmOf('reversal', 100), { ev: 13 }).f).toBe(8);
		}
		const stops = steppedCamera({
			focalLength: 10,
			aperture: { kind: 'stops', f: [16, 2, 5.6] },
			shutter: { kind: 'fixed', seconds: 1 / 60 }
		});
		expect(match(stops, filmOf('colour-negative', 100), { ev: 11 }).best.f).toBe(5.6);
	});
});

describe('settings between the marks', () => {
	// By hand: the middle of what colour print film calls good is (−½ + 2)/2 = ¾ stop over.
	it('hold the one that puts the error in the middle of good', () => {
		const errors = (camera: Camera, ev: number, film = filmOf('colour-negative', 100, losesNothing)) =>
			match(camera, film, { ev }).settings.map(({ error }) => Math.round(error * 1e6) / 1e6);
		const ring = fixedCamera({ shutter: { kind: 'range', fastest: 1 / 1000, slowest: 1 } });
		expect(errors(ring, 11.23)).toContain(0.75);
		const opening = fixedCamera({ aperture: { kind: 'range', widest: 2, smallest: 22 } });
		expect(errors(opening, 11.23)).toContain(0.75);
		// An eye that is stuck at its fastest leaves the ring to bring the error there.
		const stuck = foldingInstant(
			{ aperture: { kind: 'range', widest: 4, smallest: 32 } },
			{ iso: [100], compensation: undefined }
		);
		expect(errors(stuck, 15.17)).toContain(0.75);
	});

	it('are named by what they are, and nothing is named that is not there', () => {
		expect(suitsFilm({ name: 'Bluish', stops: 1, kind: 'conversion' }, instant)).toBe(false);
		expect(suitsFilm({ name: 'Close-up', stops: 0, kind: 'close-up' }, instant)).toBe(false);
		expect(suitsFilm({ name: 'Grey', stops: 1 }, instant)).toBe(true);
		const [remedy] = match(
			fixedCamera(),
			filmOf('colour-negative', 3200),
			{ ev: 13 },
			{
				filters: [{ name: 'Grey', stops: 3 }]
			}
		).remedies.filter(({ changes }) => changes.length === 1 && changes[0].kind === 'filter');
		expect('id' in remedy.changes[0]).toBe(false);
	});

	// By hand: 35 mm at f/2.8 set to its mark at 3 m: 35²/2.8·|1 − 3/0.5|/(3000 − 35) = 0.738 mm for someone at ½ m.
	it('are blurred by where the lens is really set', () => {
		const zones = fixedCamera({
			focus: { kind: 'zones', distances: [3, null] },
			aperture: { kind: 'fixed', f: 2.8 }
		});
		const { spoilers } = bestOutcome(zones, colourNegative400, { ev: 9 }, { subjectDistance: 0.5 });
		expect(spoilers).toEqual([{ kind: 'near', by: near(0.738 / 0.028846, 0) }]);
	});
});
