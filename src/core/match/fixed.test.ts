import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyCameras, evs, films } from '../../../tests/fixtures/arbitraries';
import { foldingInstant, programmed, twinLens } from '../../../tests/fixtures/automatic';
import { colourNegative400, filmOf, fixedCamera, steppedCamera } from '../../../tests/fixtures/bag';
import type { Camera } from '../camera';
import { match, outcomeAt, quickMatch, reach, wishProblems, type Intent } from '.';

const withBulb = steppedCamera({ bulb: true });
const lever = twinLens({
	positions: [
		{ label: 'sun', f: 22, iso: 100 },
		{ label: 'room', f: 5.6, iso: 800 }
	]
});
const settingsOf = (camera: Camera, intent: Intent, ev = 9) =>
	match(camera, colourNegative400, { ev }, {}, intent).settings;
const pathsOf = (camera: Camera, intent: Intent) => wishProblems(camera, intent).map(({ path }) => path);

describe('what is fixed on a camera', () => {
	it('is one speed, to the last digit, with every aperture', () => {
		const settings = settingsOf(withBulb, { seconds: 1 / 60 });
		expect(new Set(settings.map(({ seconds }) => seconds))).toEqual(new Set([1 / 60]));
		expect(settings.map(({ f }) => f).sort((a, b) => a - b)).toEqual([2.8, 4, 5.6, 8, 11, 16]);
	});

	it('is a time of the hand, or of the shutter', () => {
		expect(settingsOf(withBulb, { handTimed: true }, 1).every(({ handTimed }) => handTimed)).toBe(true);
		expect(settingsOf(withBulb, { handTimed: false }, 1).some(({ handTimed }) => handTimed)).toBe(false);
		const [counted] = settingsOf(withBulb, { seconds: 4, aperture: 8 }, 1);
		expect(counted).toMatchObject({ f: 8, seconds: 4, handTimed: true });
	});

	it('is a place of a lever, with the speed and aperture that it moves', () => {
		expect(new Set(settingsOf(lever, { position: 'room' }).map(({ f, iso }) => `${f} ${iso}`))).toEqual(
			new Set(['5.6 800'])
		);
	});

	// Source: the exposure equation by hand: EV 9 on ISO 400 at f/8 asks for 64/2^11 = 1/32 s.
	it('is everything, where the eye is put aside', () => {
		const exposure = {
			override: { shutter: { kind: 'speeds' as const, seconds: [1 / 125, 1 / 30, 1 / 8] } }
		};
		const body = foldingInstant({}, exposure);
		const settings = settingsOf(body, { manual: true });
		expect(settings.map(({ seconds }) => seconds).sort()).toEqual([1 / 125, 1 / 30, 1 / 8].sort());
		expect(settings[0]).toMatchObject({ manual: true, handTimed: false, f: 8, seconds: 1 / 30 });
		expect(settings[0].error).toBeCloseTo(Math.log2(32 / 30), 6);
		expect(settingsOf(body, {}).some(({ manual }) => manual)).toBe(false);
		const made = { f: 8, seconds: 1 / 30, manual: true };
		expect(outcomeAt(body, colourNegative400, { ev: 9 }, {}, made).error).toBeCloseTo(Math.log2(32 / 30), 6);
	});

	it('is asked of an eye that sets it, and comes within half of a third where the light lets it', () => {
		const { best, unmet } = quickMatch(programmed(), colourNegative400, { ev: 8 }, { seconds: 1 / 100 });
		expect(unmet).toEqual(['seconds']);
		expect(best.handTimed).toBe(false);
	});

	it('is refused by name where the camera does not have it, or not together', () => {
		expect(
			pathsOf(fixedCamera(), { seconds: 1 / 60, aperture: 8, handTimed: true, position: 'sun' })
		).toEqual(['intent.position', 'intent.handTimed', 'intent.aperture', 'intent.seconds']);
		expect(pathsOf(foldingInstant(), { manual: true })).toEqual(['intent.manual']);
		expect(pathsOf(lever, { position: 'sun', aperture: 5.6 })).toEqual(['intent.aperture']);
		expect(pathsOf(lever, { position: 'sun', iso: 800 })).toEqual(['intent.iso']);
		expect(pathsOf(withBulb, { handTimed: false, seconds: 4 })).toEqual(['intent.seconds']);
		expect(pathsOf(withBulb, { handTimed: true, seconds: 4, aperture: 16 })).toEqual([]);
		expect(pathsOf(fixedCamera(), { manual: true })).toEqual([]);
	});
});

describe('the light in which a camera works as it is set', () => {
	// Source: hand arithmetic on ISO 2720: f/8 at 1/60 s is EV 11.91; ISO 400 takes two stops; good is −½ … 2.
	it('is that of one setting where aperture and speed are fixed', () => {
		const { good, lanes } = reach(withBulb, colourNegative400, { aperture: 8, seconds: 1 / 60 });
		expect(lanes).toHaveLength(1);
		expect(good).toEqual([[expect.closeTo(9.41, 2), expect.closeTo(11.91, 2)]]);
	});

	// Source: hand arithmetic: f/8 for ISO 160 takes 1/30 s at EV 10.23 and 1/180 s, its fastest, from 12.81 on.
	it('ends where an eye takes longer than is wanted', () => {
		const film = filmOf('instant', 160);
		const wanted = { compensation: 0, seconds: [null, 1 / 30] as [null, number] };
		const { good } = reach(foldingInstant(), film, wanted);
		expect(good[0][0]).toBeCloseTo(6 + Math.log2(30) - Math.log2(1.6), 6);
		expect(good[0][1]).toBeCloseTo(6 + Math.log2(180) - Math.log2(1.6) + 1 / 3, 6);
	});

	it('is that of the camera where a wanted time cannot be met at all', () => {
		const never = { seconds: [null, 1 / 1000] as [null, number] };
		expect(reach(fixedCamera(), colourNegative400, never).good).toEqual(
			reach(fixedCamera(), colourNegative400).good
		);
	});

	it('holds just those lights in which the match, with the same things fixed, is not too dark or too light', () => {
		fc.assert(
			fc.property(anyCameras, films, evs, fc.nat(), (camera, film, ev, pick) => {
				const free = match(camera, film, { ev }).settings;
				const { f, seconds, handTimed, compensation, iso, position } = free[pick % free.length];
				const byHand = camera.exposure.mode === 'manual' || handTimed;
				const fixed: Intent = {
					handTimed,
					...(byHand ? { aperture: f, seconds } : { iso: iso!, compensation: compensation ?? 0 }),
					...(position === null ? {} : { position })
				};
				expect(wishProblems(camera, fixed)).toEqual([]);
				const { verdict, error } = quickMatch(camera, film, { ev }, fixed).best;
				const { usable } = reach(camera, film, fixed);
				const inside = usable.some(([from, to]) => ev >= from && ev <= to);
				// At the very ends rounding decides.
				const atAnEnd = usable.some((ends) => ends.some((end) => Math.abs(end - ev) < 1e-6));
				fc.pre(!atAnEnd);
				expect(inside, `${error}`).toBe(verdict === 'just-enough' || verdict === 'usable');
			}),
			{ maxSkipsPerRun: 5 }
		);
	});
});
