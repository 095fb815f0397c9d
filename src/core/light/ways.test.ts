import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { foldingInstant, programmed } from '../../../tests/fixtures/automatic';
import { doubts, evs, logarithmic, real } from '../../../tests/fixtures/arbitraries';
import { filmOf, fixedCamera } from '../../../tests/fixtures/bag';
import { match } from '../match';
import {
	answerLight,
	clickedBy,
	contradictionIn,
	levelOf,
	placeKinds,
	resolveLight,
	type Light,
	type Reading
} from '.';

describe('the place', () => {
	// Source: ANSI PH2.7 artificial-light tables, from memory.
	it.each([
		['home-interior', 6, 1],
		['bright-street', 8, 1],
		['gallery', 9.5, 1.5],
		['full-moon', -2.5, 1],
		['floodlit-sport', 9, 1],
		['sky-after-sunset', 10, 1]
	])('%s is EV %s, in doubt by %s', (place, ev, sd) => {
		expect(resolveLight({ method: 'place', place })).toMatchObject({ ev, sd });
	});

	it('is one of a list, each with its words', () => {
		expect(new Set(placeKinds.map(({ id }) => id)).size).toBe(placeKinds.length);
		expect(() => resolveLight({ method: 'place', place: 'nowhere' })).toThrow(RangeError);
		expect(answerLight({ method: 'place', place: 'office' }).note).toContain('office');
	});
});

describe('a digital picture', () => {
	// Source: APEX in EXIF 2.3 Annex C: f/8 at 1/125 s on ISO 400 is Ev 12.97 less Sv of two stops.
	it('is read by its settings, and its bias is not added', () => {
		const photo: Reading = { method: 'photo', iso: 400, f: 8, seconds: 1 / 125 };
		expect(resolveLight(photo).ev).toBeCloseTo(10.97, 2);
		expect(resolveLight({ ...photo, bias: 1 }).ev).toBe(resolveLight(photo).ev);
		expect(resolveLight({ ...photo, level: 1 }).ev - resolveLight(photo).ev).toBeCloseTo(0.5, 9);
		expect(resolveLight(photo).sd).toBe(0.5);
	});

	// Source: IEC 61966-2-1: sRGB 118 is 18 % of white; 165 is one stop more.
	it('is as bright as its pixels', () => {
		const grey = (value: number) => levelOf([value, value, value, 255]);
		expect(grey(118)).toBeCloseTo(0, 1);
		expect(grey(161)).toBeCloseTo(1, 1);
		expect(levelOf([255, 255, 255, 255, 0, 0, 0, 255])).toBeCloseTo(Math.log2(0.5 / 0.18), 6);
		expect([grey(0), grey(255)]).toEqual([-3, Math.log2(1 / 0.18)]);
	});
});

describe('two spots', () => {
	// Source: common practice: exposure goes half way between the darkest and the brightest that matter.
	it('give the middle and keep both ends, at ISO 100', () => {
		expect(resolveLight({ method: 'spots', iso: 400, darkest: 10, brightest: 16 })).toMatchObject({
			ev: 11,
			range: [8, 14]
		});
	});
});

describe('what stands around', () => {
	const sharp = { method: 'shadows', school: 'shadow-edge', condition: 'sharp' } as const;
	const against = (more: object) =>
		resolveLight({ ...sharp, ...more } as Light).ev - resolveLight(sharp as Light).ev;

	// Source: common practice: snow gives half a stop in front and 1¼ against the light, sand half of that.
	it('throws light back or takes it', () => {
		expect(against({ ground: 'snow' })).toBeCloseTo(0.5, 9);
		expect(against({ sidelit: true, ground: 'snow' }) - against({ sidelit: true })).toBeCloseTo(0.75, 9);
		expect(against({ backlit: true, ground: 'snow' })).toBeCloseTo(-0.75, 9);
		expect(against({ ground: 'sand' })).toBeCloseTo(0.25, 9);
		expect(against({ backlit: true, ground: 'sand' })).toBeCloseTo(-1.5, 9);
		// As it was said once.
		expect(against({ ground: 'pale' })).toBe(against({ ground: 'sand' }));
		expect(against({ ground: 'water' })).toBe(0);
		const grey = { ...sharp, condition: 'none' } as const;
		const under = (ground: string) =>
			resolveLight({ ...grey, ground } as Light).ev - resolveLight(grey as Light).ev;
		expect([under('snow'), under('sand'), under('woods')]).toEqual([1.25, 0.25, 0]);
		expect(resolveLight({ ...sharp, deepShade: true } as Light)).toMatchObject({ sd: 1 });
		expect(resolveLight({ ...sharp, deepShade: true } as Light).ev).toBeCloseTo(10.14, 2);
	});
});

describe('the second click', () => {
	// Source: the exposure equation by hand: f/8 for 1 s is EV 6; at ISO 160 less 0.68.
	it('is an eye turned round', () => {
		const { reading, limit } = clickedBy(foldingInstant(), 1, 0.05, {})!;
		expect(limit).toBeNull();
		expect(resolveLight(reading).ev).toBeCloseTo(6.13 - 0.68, 0);
	});

	it('knows only a bound at a limit, and nothing where no eye sets the time', () => {
		expect(clickedBy(foldingInstant(), 1 / 180, 0.01, {})?.limit).toBe('fastest');
		expect(clickedBy(foldingInstant(), 60, 0.1, {})?.limit).toBe('slowest');
		expect(clickedBy(fixedCamera(), 1, 0.1, {})).toBeNull();
	});

	it('is as sure as the eye, the body and the finger together', () => {
		const { reading } = clickedBy(foldingInstant({ offset: { stops: 0, sd: 0.3 } }), 1, 0.2, {})!;
		// Source: by hand: √(0.4² + 0.3² + (0.2/ln 2)²) = 0.58.
		expect(resolveLight(reading).sd).toBeCloseTo(0.58, 2);
	});

	it('brings back the light that an eye was given, wherever it is not at its end', () => {
		fc.assert(
			fc.property(
				real(0, 16),
				fc.constantFrom(foldingInstant(), programmed()),
				fc.constantFrom(-1, 0, 1),
				(ev, camera, wheel) => {
					const film = filmOf('instant', 160);
					const compensation =
						camera.exposure.mode === 'auto' && camera.exposure.compensation ? wheel : undefined;
					const { best } = match(camera, film, { ev }, {}, { compensation });
					const clicked = clickedBy(camera, best.seconds, 0.001, { compensation, f: best.f })!;
					if (clicked.limit === null && best.clamped === null) {
						expect(resolveLight(clicked.reading).ev).toBeCloseTo(ev, 6);
					}
				}
			)
		);
	});
});

describe('readings weighed together', () => {
	const eye = (ev: number, sd: number): Light => ({ method: 'eye', ev, sd });
	const number = (ev: number, sd: number): Light => ({ ev, sd });
	const together = (...readings: Light[]) => resolveLight({ method: 'combined', readings });

	// Source: the weighted mean by hand: (12/0.25 + 13/1) / (1/0.25 + 1/1) = 12.2, and √(1/5) = 0.447.
	it('count by their doubt', () => {
		expect(together(number(12, 0.5), eye(13, 1)).ev).toBeCloseTo(12.2, 9);
		expect(together(number(12, 0.5), eye(13, 1)).sd).toBeCloseTo(0.447, 3);
	});

	it('share the error of their way: two looks at one sky are no surer than the surer', () => {
		expect(together(eye(12, 0.5), eye(12, 0.5)).sd).toBe(0.5);
		expect(together(eye(12, 0.5), number(12, 0.5)).sd).toBeCloseTo(0.354, 3);
	});

	// Source: by hand: 0.5² − 0.25² = 0.1875 each, half of that with two, and 0.25² again: √0.156 = 0.395.
	it('of one eye in two ways share a quarter of a stop', () => {
		const edge: Light = { method: 'shadows', school: 'shadow-edge', condition: 'sharp' };
		const { ev, sd } = together(edge, eye(14, 0.5));
		expect(ev).toBeCloseTo((14.644 + 14) / 2, 3);
		expect(sd).toBeCloseTo(0.395, 3);
		expect(together(edge, eye(14, 0.1)).sd).toBe(0.1);
		expect(together(edge, { ev: 14, sd: 0.5 }).sd).toBeCloseTo(0.354, 3);
	});

	it('are said to contradict each other when they differ by more than they should', () => {
		const readings = [number(12, 0.3), eye(15, 0.5)];
		expect(contradictionIn({ method: 'combined', readings })).toEqual({ between: [0, 1], stops: 3 });
		expect(contradictionIn({ method: 'combined', readings: [number(12, 1), eye(13, 1)] })).toBeNull();
		expect(together(...readings).sd).toBeGreaterThan(0.5);
	});

	it('never make the light less sure unless they contradict', () => {
		const light = fc
			.tuple(evs, doubts, fc.boolean())
			.map(([ev, sd, plain]) => (plain ? number(ev, sd) : eye(ev, sd)));
		fc.assert(
			fc.property(fc.array(light, { minLength: 2, maxLength: 8 }), (readings) => {
				const { ev, sd } = together(...readings);
				const each = readings.map((reading) => resolveLight(reading));
				expect(ev).toBeGreaterThanOrEqual(Math.min(...each.map((one) => one.ev)) - 1e-9);
				expect(ev).toBeLessThanOrEqual(Math.max(...each.map((one) => one.ev)) + 1e-9);
				if (!contradictionIn({ method: 'combined', readings })) {
					expect(sd).toBeLessThanOrEqual(Math.max(0.05, Math.min(...each.map((one) => one.sd))) + 1e-9);
				}
			})
		);
	});

	it('mix their colours in mired and carry the range of spots', () => {
		// Source: the definition of mired: the middle of 312.5 and 181.8 mired is 247.2, which is 4046 K.
		const mixed = together({ ev: 10, sd: 1, kelvin: 3200 }, { ev: 10, sd: 1, kelvin: 5500 });
		expect(mixed.kelvin).toBeCloseTo(4046, 0);
		expect(together({ method: 'spots', iso: 100, darkest: 8, brightest: 12 }, eye(10, 1)).range).toEqual([
			8, 12
		]);
	});
});

describe('what a script is told', () => {
	it('has method, note and rivals where they differ', () => {
		const answer = answerLight({ method: 'shadows', school: 'shadow-edge', condition: 'faint' });
		expect(answer).toMatchObject({ method: 'shadows', note: 'by shadow edge' });
		expect(answer.rivals).toHaveLength(2);
		expect(answerLight({ ev: 12 })).toEqual({ ev: 12, sd: 0.5, method: 'number', note: 'typed as an EV' });
	});

	// Source: ISO 2720:1974: illuminance 2.5·2^EV lx, luminance 0.125·2^EV cd/m²; both by the same f-number and time.
	it('has the EV of lux, and a lamp keeps its colour', () => {
		fc.assert(
			fc.property(logarithmic(0.1, 100_000), (lux) => {
				const { ev } = answerLight({ method: 'meter', kind: 'incident', lux });
				expect(2.5 * 2 ** ev).toBeCloseTo(lux, 6 - Math.ceil(Math.log10(lux)));
			})
		);
		const lamp = answerLight({ method: 'lamp', reading: { ev: 8, kelvin: 3200 }, from: 2, to: 1 });
		expect(lamp).toMatchObject({ ev: 10, kelvin: 3200 });
	});
});
