import { describe, expect, it } from 'vitest';
import { fixedCamera } from '../../../../tests/fixtures/bag';
import { offsetOf, type Camera } from '../../camera';
import { standInEye } from '../../standin';
import {
	BLOCK,
	canBeMeasured,
	DARKEST_STEP,
	isTold,
	isWhite,
	measureEye,
	nextFiring,
	offsetByWhite,
	PATTERN,
	wheelByPlaces,
	withCurve,
	type EyeCurve,
	type EyeFiring,
	type Turned
} from '.';

const blocks = Array.from({ length: PATTERN.width * PATTERN.height }, (_, at) => ({
	column: at % PATTERN.width,
	row: Math.floor(at / PATTERN.width)
}));
const whiteAt = (step: number | null) => blocks.filter(({ column, row }) => isWhite(step, column, row));

describe('the screen of steps', () => {
	it('has exactly its part of white at every step, in blocks that stay black and white', () => {
		for (let step = 0; step <= DARKEST_STEP; step++)
			expect(whiteAt(step).length).toBe(blocks.length / 2 ** step);
		expect(whiteAt(null)).toEqual([]);
		expect(BLOCK).toBeGreaterThanOrEqual(3);
	});

	it('keeps what is white where it becomes darker, and spreads it evenly', () => {
		for (let step = 1; step <= DARKEST_STEP; step++) {
			const before = new Set(whiteAt(step - 1).map(({ column, row }) => `${column} ${row}`));
			for (const { column, row } of whiteAt(step)) expect(before.has(`${column} ${row}`)).toBe(true);
		}
		// Evenly: at every step each half of the pattern holds half of its white, as long as there are two.
		for (let step = 0; step < DARKEST_STEP; step++) {
			const left = whiteAt(step).filter(({ column }) => column < PATTERN.width / 2).length;
			expect(left).toBe(whiteAt(step).length / 2);
		}
	});
});

describe('what to fire next', () => {
	const turned: Turned = { wheel: [-1, -0.5, 0, 0.5, 1], dial: [100, 200] };

	/** Fires all that is asked for; a stand-in does what is asked. */
	function fired(turnedOf: Turned, slope: number, wildAt: number | null = null) {
		const fire = standInEye(
			{
				...{ slope, fastest: 1 / 125, slowest: 4, brightest: 1 / 30, leak: 1 / 1024, scatter: 0.12 },
				...{ wheel: {}, timing: 0.001, iso: 100 }
			},
			0.37
		);
		const firings: EyeFiring[] = [];
		const asked: string[] = [];
		for (let at = 0; at < 60; at++) {
			const curve = canBeMeasured(firings) ? measureEye(firings) : null;
			const next = nextFiring(turnedOf, firings, curve);
			if (!next) return { firings, asked, curve: curve! };
			const { why, ...place } = next;
			asked.push(why);
			const { seconds } = fire(place);
			firings.push({ ...place, seconds: at === wildAt ? seconds * 20 : seconds });
		}
		throw new Error('it never ends');
	}

	it('asks for each step, black and the limit once, then wheel and dial, then where it tells most, and ends', () => {
		const { firings, asked, curve } = fired(turned, 0.85);
		expect(asked.slice(0, 10)).toEqual([...Array(8).fill('steps'), 'black', 'limit']);
		// By hand: five at each of four places, three at the other speed.
		expect(asked.filter((why) => why === 'wheel')).toHaveLength(20);
		expect(asked.filter((why) => why === 'dial')).toHaveLength(3);
		expect(firings.length).toBeLessThanOrEqual(45);
		expect(Math.abs(curve.slope.value - 0.85)).toBeLessThan(0.06);
		for (const { place, value } of curve.wheel) expect(Math.abs(value - place)).toBeLessThan(0.25);
		// By hand: the dial at twice the speed asks for half the time.
		expect(curve.dial.map(({ iso }) => iso)).toEqual([200]);
		expect(Math.abs(curve.dial[0].value + 1)).toBeLessThan(0.25);
	});

	it('asks through an ND for three steps twice and what is darker, before wheel and dial', () => {
		const { asked, firings } = fired({ wheel: [-1, 0, 1], dial: [100], filter: 3 }, 0.9);
		expect(asked.slice(10, 19)).toEqual([...Array(6).fill('filter'), ...Array(3).fill('farther')]);
		expect(asked[19]).toBe('wheel');
		const through = firings.flatMap(({ filter, fraction }) => (filter ? [Math.log2(fraction!)] : []));
		expect(through).toEqual([0, 0, -1, -1, -2, -2, -5, -6, -7].map((each) => each + 0));
	});

	it('turns wheel and dial where the aperture stays wide open', () => {
		const open = { wheel: [-1, 0, 1], dial: [100], wideOpen: 1 / 8 };
		const { firings } = fired(open, 1);
		const at = new Set(firings.flatMap(({ compensation, fraction }) => (compensation ? [fraction!] : [])));
		// By hand: from 1/30 s at all of the light, an eighth of a second is at two stops less; half way from there to 4 s is four and a half.
		for (const fraction of at) expect(fraction).toBeLessThan(1 / 8);
	});

	it('asks once more for what went with no others', () => {
		const { asked, curve } = fired({ wheel: [0], dial: [100] }, 1, 2);
		expect(asked).toContain('wild');
		expect(Math.abs(curve.slope.value - 1)).toBeLessThan(0.08);
	});

	it('asks for the ends of a wheel with many places and what lies half way', () => {
		const wheel = Array.from({ length: 13 }, (_, at) => (at - 6) / 3);
		const { firings } = fired({ wheel, dial: [100] }, 1);
		const places = new Set(firings.flatMap(({ compensation }) => compensation ?? []));
		expect([...places].sort((a, b) => a - b)).toEqual([-2, -1, 1, 2]);
	});
});

describe('what a camera takes of it', () => {
	const told = (value: number) => ({ value, sd: 0.02 });
	const curve: EyeCurve = {
		...{ slope: told(0.87), scatter: told(0.15), full: { seconds: 1 / 16, sd: 0.1 } },
		fastest: { seconds: 1 / 200, sd: 0.1, reached: true },
		slowest: { seconds: 3, sd: 0.05, reached: true },
		...{ wheel: [], dial: [], filters: [], leak: told(1 / 1000), wild: [], next: null, notes: [] }
	};
	const camera = fixedCamera({
		aperture: { kind: 'fixed', f: 8 },
		shutter: { kind: 'range', fastest: 1 / 500, slowest: 1 },
		exposure: { mode: 'auto', sets: 'time', iso: [100] },
		offset: undefined
	});

	it('takes the cell and a limit that is told, and keeps one that its clicks are too near to tell', () => {
		const taken = withCurve(camera, curve, null);
		expect(taken.exposure).toMatchObject({ response: { slope: 0.87, sd: 0.02, about: 12 } });
		expect(taken.shutter).toEqual({ kind: 'range', fastest: 1 / 500, slowest: 3 });
		// By hand: a millisecond is 0.087 of a stop at 1/60 s, and 0.29 at 1/200 s.
		expect(isTold({ seconds: 1 / 60, sd: 0.1, reached: true })).toBe(true);
		expect(isTold(curve.fastest)).toBe(false);
		expect(isTold(curve.fastest, { sd: 0.0003 })).toBe(true);
		expect(isTold({ ...curve.slowest, reached: false })).toBe(false);
		expect(taken.offset).toBeUndefined();
	});

	it('takes what a stop of the wheel does by all its places, and no wheel that could not be', () => {
		const wheeled = {
			...camera,
			exposure: { ...camera.exposure, compensation: { darken: -1, lighten: 1, step: 0.5 } }
		} as Camera;
		const place = (at: number, value: number, sd = 0.1) => ({ place: at, value, sd });
		// By hand: Σ(p·v)/Σp² = (0.9 + 0.2 + 0.7)/(1 + 0.25 + 1) = 0.8; 0.1/√2.25 = 0.0667.
		const places = [place(-1, -0.9), place(0, 0), place(0.5, 0.4), place(1, 0.7)];
		expect(wheelByPlaces(places)!.stops).toBeCloseTo(0.8, 9);
		// χ² = (0.1² + 0 + 0.1²)/0.1² = 2 of two: the places go with a line.
		expect(wheelByPlaces(places)!.sd).toBeCloseTo(0.1 / 1.5, 9);
		// χ² = 4·2/2 = 4: twice the doubt.
		const bent = [place(-1, -1), place(0.5, 0.4), place(1, 0.6)];
		expect(wheelByPlaces(bent)!.sd).toBeCloseTo(0.2 / 1.5, 9);
		expect(withCurve(wheeled, { ...curve, wheel: places }, null).exposure).toMatchObject({
			compensation: { darken: -1, does: { stops: 0.8, sd: 0.067 } }
		});
		for (const none of [[], [place(0, 0)], [place(1, 0.1)], [place(1, -1)]])
			expect(wheelByPlaces(none)).toBeNull();
	});

	it('takes what marks of the dial do beside what is written on them', () => {
		const dialled = { ...camera, exposure: { ...camera.exposure, iso: [100, 400] } } as Camera;
		// ISO 400 is two stops less than 100: 1.8 less is 0.2 more than it says.
		const taken = withCurve(dialled, { ...curve, dial: [{ iso: 400, value: -1.8, sd: 0.1 }] }, null);
		expect(taken.exposure).toMatchObject({ dial: [{ iso: 400, stops: 0.2, sd: 0.1 }] });
	});

	it('counts a speed that a place of its lever names as a mark of the dial', () => {
		const positions = [{ label: 'outdoors' }, { label: 'room', iso: 800 }];
		const taken = withCurve(
			{ ...camera, positions },
			{ ...curve, dial: [{ iso: 800, value: -2.8, sd: 0.1 }] },
			null
		);
		expect(taken.exposure).toMatchObject({ dial: [{ iso: 800, stops: 0.2, sd: 0.1 }] });
		expect(offsetOf(taken, 0, 800).stops - offsetOf(taken, 0, 100).stops).toBeCloseTo(0.2, 9);
	});

	it('has an offset where a meter read the screen, and nothing was known', () => {
		// By hand: f/8 at EV 10 and ISO 100 takes 1/16 s; at EV 9 it would take 1/8 s, so that 1/16 s gives a stop less.
		expect(offsetByWhite(curve.full, { ev: 10, f: 8, iso: 100 }).stops).toBeCloseTo(0, 9);
		expect(offsetByWhite(curve.full, { ev: 9, f: 8, iso: 100 }).stops).toBeCloseTo(-1, 9);
		const taken = withCurve(camera, curve, { ev: 9, f: 8, iso: 100 });
		expect(taken.offset!.stops).toBeCloseTo(-1, 9);
		expect(taken.offset!.sd).toBeGreaterThan(0.5);
		expect(taken.exposure).toMatchObject({ response: { about: 9 } });
		const known = withCurve({ ...camera, offset: { stops: 0.3, sd: 0.1 } }, curve, { ev: 9, f: 8, iso: 100 });
		expect(known.offset).toEqual({ stops: 0.3, sd: 0.1 });
	});
});
