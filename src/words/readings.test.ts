import { describe, expect, it } from 'vitest';
import { fixedCamera, filmOf } from '../../tests/fixtures/bag';
import { resolveLight, together, without, type LampReading, type Light } from '../core/light';
import { bestOutcome } from '../core/match';
import { compassInWords, contradictionInWords, lampInWords, rangeInWords, sunInWords } from '.';

describe('words of readings', () => {
	const metered: Light = { method: 'meter', kind: 'incident', iso: 100, ev: 9 };
	const guessed: Light = { method: 'eye', ev: 13, sd: 0.5 };

	it('say when readings contradict each other, and which', () => {
		expect(contradictionInWords(together(metered, guessed))).toBe(
			'Incident meter and guess by eye differ by 4 stops. Was one taken in different light?'
		);
		expect(contradictionInWords(together(metered, { ...guessed, ev: 9.3 }))).toBe('');
		expect(contradictionInWords(metered)).toBe('');
	});

	it('a third reading joins two, eight are the most, and one taken out leaves the other', () => {
		const three = together(together(metered, guessed), { ev: 10 });
		expect(three.readings).toHaveLength(3);
		const many = Array.from({ length: 12 }, () => guessed).reduce<Light>(
			(all, each) => together(all, each),
			metered
		);
		expect('readings' in many && many.readings).toHaveLength(8);
		expect(without(together(metered, guessed), 0)).toEqual(guessed);
		expect(without(three, 2)).toEqual(together(metered, guessed));
	});

	// Source: the inverse square law: at 2 m EV 7; EV 9 wants 1 m, EV 7 wants 2 m, EV 5 wants 4 m.
	it('say where a lamp must stand, the nearest first', () => {
		const lamp: LampReading = { method: 'lamp', reading: { ev: 7 }, from: 2, to: 2 };
		expect(lampInWords(lamp, [[7, 9]])).toBe('just enough with the lamp at 1 m to 2 m');
		expect(
			lampInWords(lamp, [
				[3, 5],
				[7, 9]
			])
		).toBe('just enough with the lamp at 1 m to 2 m or 4 m to 8 m');
		expect(lampInWords(lamp, [[16, 17]])).toBe('not just enough with this lamp at any distance');
	});

	// Source: common practice: instant film draws about five and a half stops, so of seven it loses the ends.
	it('say what a film loses of two spots', () => {
		const film = filmOf('instant', 100);
		const camera = fixedCamera({
			aperture: { kind: 'fixed', f: 8 },
			shutter: { kind: 'fixed', seconds: 1 / 64 }
		});
		const spots = (darkest: number, brightest: number) => {
			const light: Light = { method: 'spots', iso: 100, darkest, brightest };
			return rangeInWords(film, resolveLight(light), bestOutcome(camera, film, light));
		};
		expect(spots(10, 14)).toBe('This film holds the darkest and the brightest part.');
		// f/8 at 1/64 s is EV 12: the middle is right; 8 lies 1¼ under what is drawn, 16 as much over.
		expect(spots(8, 16)).toBe(
			'The darkest part goes black, 1⅓ stops too deep for this film. The brightest part goes white, 1⅓ stops too bright for this film.'
		);
		expect(rangeInWords(film, resolveLight(metered), bestOutcome(camera, film, metered))).toBe('');
	});

	// Source: astronomy by hand: at the equinox the noon sun stands 90° − latitude high, in the south.
	it('say where the sun stands, by day and by night', () => {
		const sun = { method: 'sun', latitude: 54, longitude: 0, sky: 'clear', subject: 'facing' } as const;
		expect(sunInWords({ ...sun, at: '2026-03-20T12:07:00Z' })).toBe('The sun stands 36° high in the south.');
		expect(sunInWords({ ...sun, at: '2026-11-25T00:00:00Z' })).toMatch(
			/below the horizon: night\. The moon, 100 % lit/
		);
		expect(sunInWords({ ...sun, at: '2026-11-10T00:00:00Z' })).toContain('No moon is up.');
		expect([0, 46, 180, 359].map(compassInWords)).toEqual(['north', 'north-east', 'south', 'north']);
	});
});
