import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { evs, real } from '../../../tests/fixtures/arbitraries';
import { agedLight, faceOf, isOld, resolveLight, zoneAt, type Light } from '.';

const HOUR = 3_600_000;
const island = { latitude: 54, longitude: -4 };
const at = (clock: string) => Date.parse(`2026-05-02T${clock}:00+01:00`);
const sharp: Light = { method: 'shadows', school: 'shadow-edge', condition: 'sharp' };
const sdAfter = (light: Light, from: number, hours: number, where: typeof island | null = island) =>
	resolveLight(agedLight(light, from, from + hours * HOUR, where)).sd;

describe('a reading that grows old', () => {
	it('is what it was at once, and under a lamp for ever', () => {
		expect(agedLight(sharp, at('12:00'), at('12:00'), island)).toBe(sharp);
		const lamp: Light = { method: 'lamp', reading: { ev: 7, sd: 0.3 }, from: 2, to: 1 };
		// Its two distances, each known to 5 %, are in it from the beginning: 2·0.05/ln 2 stops.
		expect(sdAfter(lamp, at('12:00'), 24)).toBeCloseTo(Math.hypot(0.3, 0.144, 0.144), 3);
		expect(sdAfter({ method: 'place', place: 'office' }, at('12:00'), 5)).toBe(1);
	});

	it('grows slowly at noon and fast near sunset', () => {
		const noon = sdAfter(sharp, at('13:00'), 0.5);
		const dusk = sdAfter(sharp, at('20:45'), 0.5);
		expect(noon).toBeLessThan(0.7);
		expect(dusk).toBeGreaterThan(1.5);
		expect(isOld(sharp, agedLight(sharp, at('13:00'), at('13:30'), island))).toBe(false);
		expect(isOld(sharp, agedLight(sharp, at('20:45'), at('21:15'), island))).toBe(true);
	});

	it('never gets surer with time, and does not move the light', () => {
		fc.assert(
			fc.property(evs, real(0, 12), real(0, 3), (ev, hours, more) => {
				const light: Light = { ev, sd: 0.4 };
				const aged = resolveLight(agedLight(light, at('08:00'), at('08:00') + hours * HOUR, null));
				expect(aged.ev).toBe(ev);
				expect(aged.sd).toBeGreaterThanOrEqual(0.4);
				expect(sdAfter(light, at('08:00'), hours + more, null)).toBeGreaterThanOrEqual(aged.sd);
			})
		);
	});

	it('by sun and clock goes with the clock where it was read for its moment, and stays where not', () => {
		const sun = (clock: string): Light => ({
			method: 'sun',
			...island,
			at: new Date(at(clock)).toISOString(),
			sky: 'clear',
			subject: 'facing'
		});
		const later = agedLight(sun('18:00'), at('18:00'), at('20:30'), null);
		expect(resolveLight(later).ev).toBeLessThan(resolveLight(sun('18:00')).ev - 1);
		expect(resolveLight(later).ev).toBeCloseTo(resolveLight(sun('20:30')).ev, 6);
		expect(agedLight(sun('20:30'), at('12:00'), at('13:00'), null)).toEqual(sun('20:30'));
	});

	it('ages the light on the meter, too', () => {
		const both = agedLight({ ev: 14, sd: 0.5, meterEv: 11, meterSd: 0.3 }, at('12:00'), at('14:00'), island);
		expect(resolveLight(both).meterSd).toBeGreaterThan(0.3);
	});
});

describe('the face of the line', () => {
	// Source: the inverse square law: a stop more is 1/√2 of the distance.
	it('is metres under a lamp', () => {
		const face = faceOf({ method: 'lamp', reading: { ev: 7, sd: 0.3 }, from: 2, to: 2 }, 1, zoneAt);
		expect(face.drags).toBe('the lamp');
		expect(face.marks.find(({ words }) => words === '1 m')?.ev).toBeCloseTo(9, 9);
		expect(face.wordsAt(8)).toBe('1.4 m');
		expect(face.lightAt(9)).toMatchObject({ method: 'lamp', to: 1 });
	});

	it('is clock times under the sun, of the half of the day in which one stands', () => {
		const evening: Light = {
			method: 'sun',
			...island,
			at: '2026-05-02T18:00:00+01:00',
			sky: 'clear',
			subject: 'open-shade'
		};
		const face = faceOf(evening, 1, zoneAt);
		const words = face.marks.map((mark) => mark.words);
		expect(words).toContain('18:00');
		expect(words).not.toContain('09:00');
		fc.assert(
			fc.property(real(-1, 12), (ev) => {
				expect(resolveLight(face.lightAt(ev)).ev).toBeCloseTo(ev, 2);
			})
		);
		// Brighter than that day's noon it does not get.
		expect(resolveLight(face.lightAt(18)).ev).toBeLessThan(13);
		const morning = faceOf({ ...evening, at: '2026-05-02T08:00:00+01:00' } as Light, 1, zoneAt);
		expect(morning.marks.map((mark) => mark.words)).toContain('09:00');
	});

	it('is pictures for shadows, and between two of them what an eye would say', () => {
		const face = faceOf(sharp, 1, zoneAt);
		expect(face.marks.map(({ condition }) => condition)).toEqual(['sharp', 'soft', 'faint', 'none']);
		expect(face.lightAt(13.66)).toMatchObject({ method: 'shadows', condition: 'soft' });
		expect(face.lightAt(13.2)).toEqual({ method: 'eye', ev: 13.2, sd: 0.5 });
	});

	it('is words for all else, with the doubt that it is given', () => {
		expect(faceOf(null, 1, zoneAt).lightAt(9)).toEqual({ method: 'eye', ev: 9, sd: 1 });
		expect(faceOf({ ev: 6 }, 1, zoneAt).wordsAt(6)).toBe('room');
	});
});
