import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { real } from '../../../../tests/fixtures/arbitraries';
import { publishedTwilight } from '../../../../tests/fixtures/twilight';
import type { Exposed, Sky } from '..';
import { daylight, daylightFrom, moonlight, moonPhaseFactor, type Stands } from './illuminance';

/** EV of a dome with C = 340 lx·s (ISO 2720), by hand. */
const evOn = (altitude: number, sky: Sky, stands: Stands) =>
	Math.log2(daylight(altitude, sky, stands).lux / 3.4);
const subjects = ['facing', 'side', 'back', 'open-shade', 'deep-shade'] as const;
const everySky = ['clear', 'hazy', 'partly', 'overcast', 'heavy'] as const;

describe('illuminance by the sun', () => {
	// Source: IES RP-21 by hand (from memory) at 45°: 128·exp(−0.21/0.7071) = 95.1 klx direct on (1 + 0.7071)/2 of a
	// dome: 81.2; sky 0.8 + 15.5·√0.7071 = 13.8; ground 0.2·(67.2 + 13.8) = 16.2: 111.2 klx.
	it('is what the published model says on a dome at 45°', () => {
		const { lux, direct } = daylight(45, 'clear', { subject: 'facing' });
		expect(lux / 1000).toBeCloseTo(111.2, 1);
		expect(direct / 1000).toBeCloseTo(81.2, 1);
		expect(daylight(45, 'clear', { subject: 'side' }).direct / 1000).toBeCloseTo(95.1 / 2, 1);
		expect(daylight(45, 'clear', { subject: 'back' }).lux / 1000).toBeCloseTo(30.05, 1);
		// Overcast: 0.3 + 21·0.7071 = 15.15; 6/7 of it on the dome, a fifth from the ground.
		expect(daylight(45, 'overcast', { subject: 'back' }).lux / 1000).toBeCloseTo(15.15 * (6 / 7 + 0.2), 1);
	});

	// Source: the same by hand, as EV with C = 340.
	it.each([
		[30, 'clear', 'facing', 14.86],
		[45, 'clear', 'facing', 15],
		[60, 'clear', 'facing', 14.99],
		[75, 'clear', 'facing', 14.9],
		[30, 'clear', 'open-shade', 11.9],
		[60, 'clear', 'open-shade', 12.5],
		[30, 'overcast', 'facing', 11.7],
		[60, 'overcast', 'facing', 12.5]
	] as const)('at %s°, %s, %s is EV %s', (altitude, sky, subject, ev) => {
		expect(Math.abs(evOn(altitude, sky, { subject }) - ev)).toBeLessThan(0.06);
	});

	// Source: the f/16 rule and the exposure guide, which a sun at 20 to 75° must agree with.
	it('agrees with the rules by eye', () => {
		for (let altitude = 20; altitude <= 75; altitude += 0.5) {
			const front = evOn(altitude, 'clear', { subject: 'facing' });
			const below = (subject: Exposed) => front - evOn(altitude, 'clear', { subject });
			const within = (value: number, from: number, to: number) => {
				expect(value).toBeGreaterThan(from);
				expect(value).toBeLessThan(to);
			};
			within(front, 14.55, 15.05);
			within(below('side'), 0.1, 0.8);
			within(below('back'), 1.35, 2.45);
			within(evOn(altitude, 'clear', { subject: 'open-shade' }), 11.35, 12.75);
			if (altitude >= 25 && altitude <= 60)
				within(evOn(altitude, 'overcast', { subject: 'side' }), 11.4, 12.55);
		}
	});

	// Source: the definition of the CIE overcast sky, L = (1 + 2 sin γ) / 3 of the zenith, summed over the sky on a dome
	// whose response is (1 + cos) / 2: 6/7 of what falls on the ground, and 0.396 of it on a wall.
	it('has 6/7 of an overcast sky on a dome, and 0.396 of it on a wall', () => {
		const STEPS = 400;
		let [ground, dome, wall] = [0, 0, 0];
		for (let i = 0; i < STEPS; i++) {
			const height = ((i + 0.5) / STEPS) * (Math.PI / 2);
			for (let j = 0; j < STEPS; j++) {
				const turn = ((j + 0.5) / STEPS) * 2 * Math.PI;
				const light = (1 + 2 * Math.sin(height)) * Math.cos(height);
				const ahead = Math.cos(height) * Math.cos(turn);
				ground += light * Math.sin(height);
				dome += (light * (1 + ahead)) / 2;
				wall += light * Math.max(0, ahead);
			}
		}
		expect(dome / ground).toBeCloseTo(6 / 7, 3);
		expect(wall / ground).toBeCloseTo(0.396, 3);
	});

	/** All light on the ground. */
	const whole = (altitude: number) => {
		const { normal, horizontal } = daylightFrom(altitude, 'clear');
		return horizontal + normal * Math.max(0, Math.sin((altitude * Math.PI) / 180));
	};
	it('goes through twilight as the published series does', () => {
		for (let altitude = -18; altitude <= 10; altitude += 0.25) {
			const residual = Math.abs(Math.log2(whole(altitude) / publishedTwilight(altitude)));
			expect(residual, `at ${altitude}°`).toBeLessThan(altitude < 3 ? 0.15 : 0.35);
		}
		// At its own points.
		for (const altitude of [-18, -15, -12, -9, -6, -3, 0, 2])
			expect(Math.abs(Math.log2(whole(altitude) / publishedTwilight(altitude)))).toBeLessThan(0.04);
	});

	it('has no hump and no kink on its way up, under any sky, on any subject', () => {
		for (const sky of everySky) {
			for (const subject of subjects) {
				let [before, slopeBefore] = [evOn(-17, sky, { subject }), NaN];
				for (let altitude = -16.9; altitude <= 40; altitude += 0.1) {
					const now = evOn(altitude, sky, { subject });
					const slope = (now - before) / 0.1;
					expect(slope, `${sky} ${subject} at ${altitude}°`).toBeGreaterThan(-0.01);
					const bend = Math.abs(slope - slopeBefore);
					// Where the sun itself comes up it comes up fast.
					if (bend > 0) expect(bend, `${sky} ${subject} at ${altitude}°`).toBeLessThan(0.13);
					[before, slopeBefore] = [now, slope];
				}
			}
		}
	});

	it('is a tenth under overcast by the end of civil twilight, and half of that under heavy cloud', () => {
		expect(daylightFrom(-6, 'overcast').horizontal).toBeCloseTo(0.341, 6);
		expect(daylightFrom(-6, 'heavy').horizontal).toBeCloseTo(0.1705, 6);
	});

	it('is thrown back by what lies around, which the sky throws down again', () => {
		const on = (albedo: number, subject: Exposed = 'facing') => evOn(45, 'clear', { subject, albedo });
		// By hand: snow throws back 0.8·(67.2 + 13.8·0.986/0.944) = 65.3 klx in place of 16.2: 0.53 stop more in front.
		expect(on(0.8) - on(0.2)).toBeCloseTo(0.53, 1);
		expect(on(0.8, 'back') - on(0.2, 'back')).toBeGreaterThan(1.2);
		expect(on(0.08)).toBeLessThan(on(0.2));
		expect(evOn(45, 'overcast', { subject: 'back', albedo: 0.8 })).toBeGreaterThan(
			evOn(45, 'overcast', { subject: 'back' }) + 1
		);
	});

	it('goes by where the sun stands, as its three names do at their middle', () => {
		const at = (apart: number) => daylight(30, 'clear', { subject: 'facing', apart }).lux;
		expect(at(0)).toBeCloseTo(daylight(30, 'clear', { subject: 'facing' }).lux, 6);
		expect(at(90)).toBeCloseTo(daylight(30, 'clear', { subject: 'side' }).lux, 6);
		expect(at(120)).toBeCloseTo(daylight(30, 'clear', { subject: 'back' }).lux, 6);
		for (let apart = 0; apart < 180; apart += 5) expect(at(apart + 5)).toBeLessThanOrEqual(at(apart));
		// Shade is shade, wherever the sun stands.
		expect(daylight(30, 'clear', { subject: 'open-shade', apart: 0 }).direct).toBe(0);
	});

	it('is two stops less in deep shade than in open shade, or under a closed sky than in the open', () => {
		fc.assert(
			fc.property(real(-20, 90), fc.constantFrom(...everySky), (altitude, sky) => {
				const of = (subject: Exposed) => daylight(altitude, sky, { subject }).lux;
				expect(of('open-shade') / of('deep-shade')).toBeCloseTo(4, 9);
			})
		);
	});

	it('grows with the height of the sun on the ground, under every sky', () => {
		fc.assert(
			fc.property(real(-17.9, 89), real(0.01, 1), fc.constantFrom(...everySky), (altitude, more, sky) => {
				const on = (height: number) => {
					const { normal, horizontal } = daylightFrom(height, sky);
					return horizontal + normal * Math.max(0, Math.sin((height * Math.PI) / 180));
				};
				expect(on(altitude + more)).toBeGreaterThan(on(altitude));
			})
		);
	});

	it('is some on every subject, and never dark', () => {
		for (const sky of everySky)
			for (const subject of subjects)
				for (let altitude = -30; altitude <= 90; altitude += 1)
					expect(daylight(altitude, sky, { subject }).lux).toBeGreaterThan(0);
	});

	// Source: Allen's phase law (from memory): a half moon is 0.026·90 + 0.26 = 2.6 magnitudes, about 11 times, dimmer.
	it('by a high full moon is a quarter of a lux, and a tenth of that by a half moon', () => {
		const moon = { altitude: 45, azimuth: 0, lit: 1, phaseAngle: 0 };
		expect(moonlight(moon, 'clear', { subject: 'facing' }).lux).toBeGreaterThan(0.2);
		expect(moonlight(moon, 'clear', { subject: 'facing' }).lux).toBeLessThan(0.35);
		expect(1 / moonPhaseFactor(90)).toBeCloseTo(11, 0);
	});
});
