import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { real } from '../../../tests/fixtures/arbitraries';
import { filmOf } from '../../../tests/fixtures/bag';
import { cameraKind } from '../camera';
import { cineFormat, footage, spoolSeconds } from '../film';
import { angleOfView, panBlur, panLimit, panSetting, shotList, shutterAngle, shutterSeconds } from '.';

const clockwork = { name: 'Clockwork', ...cameraKind('cine')!.camera };
const spool = { feet: 25, sides: 2, framesPerSecond: 16 };

describe('a spool', () => {
	// Common practice: regular 8 mm runs 80 frames to the foot; 25 ft a side at 16 frames a second last 125 s.
	it('lasts 125 s a side', () => {
		expect(spoolSeconds({ ...spool, sides: 1 })).toBe(125);
		expect(footage(spool, 5).feet).toBe(1);
	});

	// Source: published standards of the gauges: 80 frames a foot of regular 8, 72 of super 8, 40 of 16 mm. Common
	// practice: 50 ft of super 8 last 3 min 20 s at 18 frames a second, 100 ft of 16 mm 2 min 47 s at 24.
	it.each([
		['super 8 cartridge', 18, 200],
		['16 mm', 24, 166.7],
		['regular 8', 16, 250]
	])('of %s at %s frames a second lasts %s s', (format, framesPerSecond, seconds) => {
		const spool = { ...cineFormat(format), framesPerSecond };
		expect(spoolSeconds(spool)).toBeCloseTo(seconds, 1);
		expect(footage(spool, seconds / spool.sides).feet).toBeCloseTo(spool.sides === 1 ? spool.feet : 0, 1);
	});

	const shot = (id: string, seconds: number) => ({ id, title: id, seconds });

	it('takes planned shots in their order, and says where each begins', () => {
		const { rows, toCome, left } = shotList(spool, [shot('a', 10), shot('b', 5)], []);
		expect(rows.map(({ side, feet }) => [side, feet])).toEqual([
			[1, 0],
			[1, 2]
		]);
		expect([toCome, left]).toEqual([15, 250]);
	});

	it('is flipped before a shot that the end of the side would cut', () => {
		const { rows } = shotList(spool, [shot('a', 120), shot('b', 10)], []);
		expect(rows[1]).toMatchObject({ flipBefore: true, side: 2, feet: 0, fits: true });
	});

	it('has no film for a shot that the end of the spool would cut', () => {
		const { rows } = shotList(spool, [shot('a', 120), shot('b', 120), shot('c', 10)], []);
		expect(rows.map(({ fits }) => fits)).toEqual([true, true, false]);
	});

	it('counts what was taken, planned or not', () => {
		const taken = [
			{ number: 1, ran: 8, shot: 'b' },
			{ number: 2, ran: 4 }
		];
		const list = shotList(spool, [shot('a', 10), shot('b', 5)], taken);
		expect(list.ran).toBe(12);
		expect(list.rows.map(({ taken: ran }) => ran)).toEqual([0, 8]);
		expect(list.rows[0].feet).toBeCloseTo(12 / 5, 9);
		expect(list.counter).toEqual({ side: 1, feet: 12 / 5 });
		expect(list.leftOnSide).toBe(113);
	});

	it('stands at the beginning of its second side when it was flipped, whenever that was', () => {
		const spool = { feet: 25, sides: 2, framesPerSecond: 16 };
		fc.assert(
			fc.property(real(0.1, 124), (ran) => {
				const { counter, leftOnSide } = shotList(spool, [], [{ number: 1, ran }], ran);
				expect(counter.side).toBe(2);
				expect(counter.feet).toBeCloseTo(0, 9);
				expect(leftOnSide).toBeCloseTo(125, 9);
			}),
			{ numRuns: 1000 }
		);
	});

	it('begins its second side where it was flipped, and loses what was left', () => {
		const list = shotList(spool, [shot('a', 10)], [{ number: 1, ran: 100 }], 100);
		expect(list.counter).toEqual({ side: 2, feet: 0 });
		expect(list.left).toBe(125);
		expect(list.rows[0]).toMatchObject({ side: 2, feet: 0 });
	});

	it('never promises more than there is', () => {
		const seconds = fc.array(real(1, 60), { maxLength: 12 });
		fc.assert(
			fc.property(seconds, seconds, (planned, ran) => {
				const list = shotList(
					spool,
					planned.map((length, at) => shot(String(at), length)),
					ran.map((length, at) => ({ number: at + 1, ran: length }))
				);
				expect(list.left).toBeGreaterThanOrEqual(0);
				for (const row of list.rows) expect(row.feet).toBeLessThanOrEqual(25);
				const fitting = list.rows.filter(({ fits }) => fits).reduce((sum, row) => sum + row.seconds, 0);
				expect(fitting).toBeLessThanOrEqual(list.left + 1e-6);
			})
		);
	});
});

describe('a rotary shutter', () => {
	// Source: geometry; common practice: half a turn at 16 frames is about 1/30 s, 170° at 24 about 1/50.
	it.each([
		[16, 180, 1 / 32],
		[24, 170, 1 / 50.8],
		[18, 150, 1 / 43.2]
	])('at %s frames and %s degrees is open for %s s', (rate, angle, seconds) => {
		expect(shutterSeconds(rate, angle)).toBeCloseTo(seconds, 4);
		expect(shutterAngle(rate, shutterSeconds(rate, angle))).toBeCloseTo(angle, 9);
	});
});

describe('turning the camera', () => {
	// Source: geometry by hand: 2·atan(2.4 / 13) = 20.9°.
	it('has an angle of view', () => {
		expect(angleOfView(clockwork)).toBeCloseTo(20.9, 1);
	});

	// Common practice: seven seconds across the frame at 24 a second; as many frames at 16 take 10.5 s.
	it('needs ten seconds and a half across the frame at 16 a second', () => {
		expect(panLimit(clockwork, 1 / 30).crossing).toBeCloseTo(10.5, 9);
		expect(panLimit({ ...clockwork, framesPerSecond: 24 }, 1 / 50).crossing).toBeCloseTo(7, 9);
	});

	// Source: small angles by hand: 10° a second for 1/30 s are 0.00582, through 13 mm 0.0756 mm.
	it('blurs by the angle turned in each frame', () => {
		expect(panBlur(clockwork, 10, 1 / 30)).toBeCloseTo(0.0756, 4);
	});
});

describe('one setting from sun to shade', () => {
	const film = { ...filmOf('colour-negative', 50) };

	// Source: exposure equation by hand: EV 14 to 13 at ISO 50 and 1/30 s are f/16.5 and f/11.7; colour
	// negative is good from −½ to +2, so that about f/11 to f/19.6 serve both.
	it('serves both ends where the film is wide enough', () => {
		const { begin, end, beyond } = panSetting(clockwork, film, { from: 14, to: 13, sd: 0.3 });
		expect(beyond).toBe(0);
		expect(begin.f).toBe(end.f);
		expect(begin.error - end.error).toBeCloseTo(1, 9);
	});

	it('shares what goes wrong between the ends where it is not', () => {
		const slide = filmOf('reversal', 50);
		const { begin, end, beyond } = panSetting(clockwork, slide, { from: 14, to: 11, sd: 0.3 });
		expect(beyond).toBeGreaterThan(1);
		expect(begin.error).toBeGreaterThan(1);
		expect(end.error).toBeLessThan(-1);
		expect(begin.error + end.error).toBeLessThan(0.5);
	});

	it('is never worse at its worse end than the setting of either end', () => {
		fc.assert(
			fc.property(real(10, 15), real(10, 15), (from, to) => {
				const { beyond } = panSetting(clockwork, film, { from, to, sd: 0.3 });
				const span = Math.abs(from - to);
				expect(beyond).toBeLessThanOrEqual(Math.max(0, span - 2.5) / 2 + 0.3);
			}),
			{ numRuns: 60 }
		);
	});
});
