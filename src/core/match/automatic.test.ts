import { errorFunction } from 'simple-statistics';
import { describe, expect, it } from 'vitest';
import { foldingInstant, programmed, twinLens } from '../../../tests/fixtures/automatic';
import { filmOf, losesNothing } from '../../../tests/fixtures/bag';
import { latitudeOf } from '../film';
import { bestOutcome, match, outcomeAt, reach, type Intent } from '.';

const instant640 = filmOf('instant', 640, losesNothing);
const at = (
	camera: Parameters<typeof match>[0],
	film: Parameters<typeof match>[1],
	ev: number,
	intent: Intent = {}
) => bestOutcome(camera, film, { ev }, intent);

describe('worked by hand', () => {
	// Source: common practice: a camera built for ISO 160 with ISO 640 film is two stops over, whatever the
	// light, and wants a two-stop filter on the pack.
	it.each([5, 8, 11])('ISO 640 in a body for ISO 160 is two stops over at EV %s', (ev) => {
		expect(at(foldingInstant(), instant640, ev, { compensation: 0 }).error).toBeCloseTo(2, 6);
		expect(at(foldingInstant(), instant640, ev, { compensation: -1.5 }).error).toBeCloseTo(0.5, 6);
		const filters = [{ name: 'ND 0.6', stops: 2 }];
		expect(at(foldingInstant(), instant640, ev, { compensation: 0, filters }).error).toBeCloseTo(0, 6);
	});

	// Source: hand arithmetic: V wanted 15 + 0.68 = 15.68; fastest is 6 + 7.49 = 13.49; 15 + 2.68 − 13.49 = 4.19.
	it('is clamped at its fastest in sun, and the wheel no longer helps', () => {
		const even = at(foldingInstant(), instant640, 15, { compensation: 0 });
		expect(even.error).toBeCloseTo(4.19, 2);
		expect(even.clamped).toBe('fastest');
		expect(at(foldingInstant(), instant640, 15, { compensation: -1.5 }).error).toBeCloseTo(4.19, 2);
	});

	// Source: hand arithmetic: V = 3.68, t = 64/2^3.68 = 5.0 s; Schwarzschild’s law costs (1 − 1/1.2)·log2 5 = 0.39.
	it('holds open for 5 s at dusk and loses what the film loses', () => {
		const film = filmOf('instant', 160, { reciprocity: { from: 1, exponent: 1.2 } });
		const dusk = at(foldingInstant(), film, 3, { compensation: 0 });
		expect(dusk.seconds).toBeCloseTo(5, 1);
		expect(dusk.error).toBeCloseTo(-0.39, 2);
		expect(dusk.clamped).toBeNull();
	});

	// Source: hand arithmetic: the meter in open shade at 11 aims for V = 14: 1/500 at 5.6 (13.94, clamped a hair),
	// 1/64 at f/16; the subject in sun at 15 gets four stops too much at every aperture, and the wheel takes one.
	it('is fooled by its own shade: four stops over at every aperture', () => {
		const light = { ev: 15, meterEv: 11 };
		const film = filmOf('instant', 800);
		const wide = bestOutcome(twinLens(), film, light, { aperture: 5.6, compensation: 0 });
		expect(wide.clamped).toBe('fastest');
		expect(1 / wide.seconds).toBeCloseTo(500, 6);
		const small = bestOutcome(twinLens(), film, light, { aperture: 16, compensation: 0 });
		expect(1 / small.seconds).toBeCloseTo(64, 6);
		for (const aperture of [16, 22]) {
			expect(bestOutcome(twinLens(), film, light, { aperture, compensation: 0 }).error).toBeCloseTo(4, 6);
			expect(bestOutcome(twinLens(), film, light, { aperture, compensation: -1 }).error).toBeCloseTo(3, 6);
		}
	});

	// Source: common practice: 8 s on ISO 160 is 2 s on ISO 640 (metered times).
	it('gives a film two stops faster a quarter of the time', () => {
		const body = foldingInstant({}, { iso: [160, 640] });
		const slow = at(body, filmOf('instant', 160, losesNothing), 2.32, { compensation: 0, iso: 160 });
		const fast = at(body, instant640, 2.32, { compensation: 0, iso: 640 });
		expect(slow.seconds).toBeCloseTo(8, 1);
		expect(fast.seconds).toBeCloseTo(2, 1);
		expect(slow.error).toBeCloseTo(fast.error, 6);
	});

	// Source: common practice: 1/60 at f/64 equals 1/125 at f/45, to the rounding of the marks.
	it('trades aperture for time', () => {
		const camera = twinLens({
			aperture: { kind: 'stops', f: [45, 64] },
			shutter: { kind: 'range', fastest: 1 / 500, slowest: 60 }
		});
		const [wide, small] = [45, 64].map((aperture) =>
			at(camera, filmOf('instant', 800), 15, { aperture, compensation: 0 })
		);
		expect(Math.log2(small.seconds / wide.seconds)).toBeCloseTo(1, 1);
	});
});

describe('an eye that sets both', () => {
	const film = filmOf('colour-negative', 400);
	const outcome = (ev: number) => at(programmed(), film, ev);

	// Source: the programme of the contract: widest aperture up to 1/40 s, from there straight to smallest and fastest.
	it('stays wide open until 1/40 s, then closes and quickens together', () => {
		const turn = 2 * Math.log2(2.8) + Math.log2(40) - 2;
		expect(outcome(turn - 1).f).toBeCloseTo(2.8, 6);
		expect(1 / outcome(turn - 1).seconds).toBeCloseTo(20, 6);
		expect(1 / outcome(turn).seconds).toBeCloseTo(40, 6);
		const end = 2 * Math.log2(16) + Math.log2(500) - 2;
		const middle = outcome((turn + end) / 2);
		expect(middle.f).toBeCloseTo(Math.sqrt(2.8 * 16), 4);
		expect(1 / middle.seconds).toBeCloseTo(Math.sqrt(40 * 500), 3);
		expect(outcome(end + 1)).toMatchObject({ f: 16, clamped: 'fastest' });
		expect(outcome(-3).clamped).toBe('slowest');
	});
});

describe('an eye that sets the aperture', () => {
	// Source: hand arithmetic: N = sqrt(2^13 / 30) = 16.5 for ISO 50 at EV 14 and 1/30 s.
	it('finds f/16.5 for a cine camera by itself, and ends at its smallest', () => {
		const cine = programmed(
			{ shutter: { kind: 'fixed', seconds: 1 / 30 }, aperture: { kind: 'range', widest: 2.7, smallest: 22 } },
			{ sets: 'aperture', iso: [50] }
		);
		expect(at(cine, filmOf('reversal', 50), 14).f).toBeCloseTo(16.5, 1);
		expect(at(cine, filmOf('reversal', 50), 17).clamped).toBe('smallest');
		expect(at(cine, filmOf('reversal', 50), 5).clamped).toBe('widest');
	});
});

describe('how sure an eye is', () => {
	// Source: an independent statistics package; σ = √(0.4² + 0.5² + 0.15²) of scatter, of an eye that nobody
	// has tested (common practice), and of the film.
	it('does not depend on the reading while it follows the light', () => {
		const sd = Math.hypot(0.4, 0.5, 0.15);
		const { chances } = bestOutcome(
			foldingInstant(),
			filmOf('instant', 160),
			{ ev: 9, sd: 0.8 },
			{ compensation: 0 }
		);
		const below = (error: number) => (1 + errorFunction(error / sd / Math.SQRT2)) / 2;
		const expected = ([from, to]: [number, number]) => below(to) - below(from);
		const { good, usable } = latitudeOf(filmOf('instant', 160));
		expect(chances.good).toBeCloseTo(expected(good), 3);
		expect(chances.usable).toBeCloseTo(expected(usable), 3);
	});

	/** The same question answered by drawing many lights, eyes, bodies and films. */
	function drawn(
		ev: number,
		meterEv: number | null,
		sds: { light: number; meter: number; scatter: number; offset: number; rest: number }
	) {
		const V_FASTEST = 6 + Math.log2(180);
		let state = 12345;
		// Mulberry32, a published generator of even quality: no two draws in a row hang together.
		const uniform = () => {
			state = (state + 0x6d2b79f5) | 0;
			let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
			mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
			return (((mixed ^ (mixed >>> 14)) >>> 0) + 0.5) / 2 ** 32;
		};
		const normal = () => Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform());
		const DRAWS = 200_000;
		let good = 0;
		for (let draw = 0; draw < DRAWS; draw++) {
			const subject = ev + sds.light * normal();
			const meter = (meterEv === null ? subject : meterEv + sds.meter * normal()) + sds.scatter * normal();
			// What the eye does of its own it does before its shutter runs into its limit.
			const v = Math.min(V_FASTEST, meter + Math.log2(1.6) + sds.offset * normal());
			const error = subject + Math.log2(1.6) - v + sds.rest * normal();
			if (error >= -1 / 3 && error <= 1 / 3) good += 1;
		}
		return good / DRAWS;
	}

	// Source: the definition of chance, by drawing; the fixed quadrature must be good to 0.005.
	it.each([
		['just below its fastest', 12.6, null, 0.5],
		['at its fastest', 12.81, null, 0.7],
		['beyond its fastest', 13.3, null, 1],
		['with its meter in another light', 12.9, 12.6, 0.5],
		['almost sure of the light', 12.9, null, 0.01]
	])('is right %s', (_, ev, meterEv, sd) => {
		const light = { ev, sd, ...(meterEv === null ? {} : { meterEv }) };
		const { chances } = bestOutcome(foldingInstant(), filmOf('instant', 160), light, { compensation: 0 });
		const expected = drawn(ev, meterEv, { light: sd, meter: sd, scatter: 0.4, offset: 0.5, rest: 0.15 });
		expect(Math.abs(chances.good - expected)).toBeLessThan(0.006);
	});

	it('is right also where nothing but eye and light is in doubt', () => {
		const sure = foldingInstant({ offset: { stops: 0, sd: 0 } });
		const film = filmOf('instant', 160, { speedSd: 0 });
		for (const ev of [12, 12.9, 13.6]) {
			for (const [light, scatter] of [
				[0.5, 0.4],
				[0.5, 0],
				[0, 0.4],
				[0.02, 0.4]
			]) {
				const eye = { ...sure, exposure: { ...sure.exposure, scatter } } as typeof sure;
				const { chances } = bestOutcome(eye, film, { ev, sd: light }, { compensation: 0 });
				const expected = drawn(ev, null, { light, meter: light, scatter, offset: 0, rest: 0 });
				expect(Math.abs(chances.good - expected), `${ev} ${light} ${scatter}`).toBeLessThan(0.006);
			}
		}
	});

	it('tells the times to expect by the light’s doubt and its own', () => {
		const { secondsRange, seconds } = bestOutcome(
			foldingInstant(),
			filmOf('instant', 160),
			{ ev: 5, sd: 1 },
			{ compensation: 0 }
		);
		// Source: 80 % of a normal quantity lies within 1.2816 σ, here of light, scatter and offset together.
		const spread = 1.2816 * Math.hypot(1, 0.4, 0.5);
		expect(Math.log2(secondsRange[1] / seconds)).toBeCloseTo(spread, 3);
		expect(Math.log2(seconds / secondsRange[0])).toBeCloseTo(spread, 3);
	});
});

describe('where the settings come from', () => {
	it('counts places of the wheel that end alike as one, that nearest the middle', () => {
		const { settings } = match(foldingInstant(), instant640, { ev: 17 });
		expect(settings.map(({ compensation }) => compensation)).toEqual([0]);
	});

	it('keeps to a wanted wheel, dial and aperture', () => {
		const body = twinLens({}, { iso: [400, 800] });
		const { settings } = match(
			body,
			filmOf('instant', 800),
			{ ev: 9 },
			{},
			{ iso: 400, compensation: 1 / 3, aperture: 8 }
		);
		expect(settings.map(({ iso, compensation, f }) => [iso, Math.round(compensation! * 3), f])).toEqual([
			[400, 1, 8]
		]);
	});

	it('lets a lever set aperture and speed of the eye together', () => {
		const lever = twinLens({
			positions: [
				{ label: 'sun', f: 22, iso: 100 },
				{ label: 'room', f: 5.6, iso: 800 }
			]
		});
		const { settings } = match(lever, filmOf('instant', 800), { ev: 7 }, {}, { compensation: 0 });
		expect(settings.map(({ position, f, iso }) => [position, f, iso])).toEqual(
			expect.arrayContaining([
				['sun', 22, 100],
				['room', 5.6, 800]
			])
		);
	});

	it('tells a frame that was shot by wheel and dial, not by the time that was guessed', () => {
		const outcome = outcomeAt(
			foldingInstant(),
			instant640,
			{ ev: 11 },
			{},
			{ f: 8, seconds: 1 / 3, compensation: -1, iso: 160 }
		);
		expect(outcome.error).toBeCloseTo(1, 6);
		expect(outcome.compensation).toBe(-1);
	});

	it('tells a frame by its own time where the eye sets the aperture, and bears a dial that is no longer there', () => {
		const cine = programmed(
			{ shutter: { kind: 'speeds', seconds: [1 / 15, 1 / 60] }, bulb: true },
			{ sets: 'aperture', iso: [50] }
		);
		const made = { f: 8, seconds: 1 / 60, compensation: null, iso: 400 };
		const outcome = outcomeAt(cine, filmOf('reversal', 50), { ev: 12 }, {}, made);
		expect(outcome.seconds).toBe(1 / 60);
		expect(outcome.iso).toBe(50);
	});

	it('has a lane for each aperture, wheel and dial', () => {
		const { lanes } = reach(twinLens(), filmOf('instant', 800));
		expect(lanes).toHaveLength(4 * 7);
		expect(lanes[0].settings).toMatchObject({ f: 5.6, seconds: [1 / 500, 1] });
	});

	it('moves the lanes when the camera stands in other light', () => {
		const film = filmOf('instant', 800);
		const same = reach(twinLens(), film);
		const shaded = reach(twinLens(), film, { meterDifference: -4 });
		expect(same.good[0][1]).toBeGreaterThan(shaded.good[0][1]);
		const verdict = bestOutcome(twinLens(), film, { ev: 14, meterEv: 10 }).verdict;
		expect(shaded.usable.some(([from, to]) => 14 >= from && 14 <= to)).toBe(
			verdict === 'usable' || verdict === 'just-enough'
		);
	});
});
