import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { evs, real } from '../../../tests/fixtures/arbitraries';
import { lightNote, nearestLandmark, resolveLight, rivalsOf, schools, type Light, type Reading } from '.';

const shadows = (school: string, condition: string, more = {}) =>
	({ method: 'shadows', school, condition, ...more }) as Reading;

describe('daylight by eye', () => {
	// Source: ANSI PH2.7 daylight tables, from memory.
	it.each([
		['snow-or-sand', 16],
		['distinct-shadows', 15],
		['soft-shadows', 14],
		['cloudy-bright', 13],
		['heavy-overcast', 12],
		['open-shade', 12]
	])('exposure guide: %s is EV %s', (condition, ev) => {
		expect(resolveLight(shadows('exposure-guide', condition)).ev).toBe(ev);
	});

	// Source: common practice, "f/16 at 1/ISO" and down by a stop: EV = log2(N²·100) of the exact full stops.
	it.each([
		['shadow-edge', 'sharp', 14.64],
		['shadow-edge', 'soft', 13.64],
		['shadow-edge', 'faint', 12.64],
		['shadow-edge', 'none', 11.64],
		['sky-cover', 'clear', 14.64],
		['sky-cover', 'few-clouds', 13.64],
		['sky-cover', 'mostly-cloudy', 12.64],
		['sky-cover', 'overcast', 11.64],
		['sky-cover', 'deep-shade', 10.14]
	])('%s: %s is EV %s', (school, condition, ev) => {
		expect(resolveLight(shadows(school, condition)).ev).toBeCloseTo(ev, 2);
	});

	// Source: common practice for a subject against the light or lit from one side.
	it.each([
		['sharp', { backlit: true }, 2],
		['soft', { backlit: true }, 1],
		['none', { backlit: true }, 0],
		['sharp', { sidelit: true }, 0.5],
		['soft', { sidelit: true }, 0.5],
		['none', { sidelit: true }, 0]
	])('%s shadows with %o take %s stops', (condition, side, loss) => {
		const front = resolveLight(shadows('shadow-edge', condition)).ev;
		expect(front - resolveLight(shadows('shadow-edge', condition, side)).ev).toBeCloseTo(loss, 9);
	});

	it('is surest in sharp shadows and least sure in deep shade', () => {
		expect(resolveLight(shadows('shadow-edge', 'sharp')).sd).toBe(1 / 2);
		expect(resolveLight(shadows('shadow-edge', 'soft')).sd).toBe(3 / 4);
		expect(resolveLight(shadows('sky-cover', 'deep-shade')).sd).toBe(1);
	});

	it('refuses a condition that the school does not have', () => {
		expect(() => resolveLight(shadows('shadow-edge', 'overcast'))).toThrow(RangeError);
	});

	it('says what the other schools would say where they differ, and nothing where they agree', () => {
		const faint = rivalsOf(shadows('shadow-edge', 'faint')).map(({ school, ev }) => [school, ev]);
		expect(faint).toEqual([
			['exposure-guide', 13],
			['exposure-guide', 14]
		]);
		expect(rivalsOf(shadows('shadow-edge', 'soft')).map(({ school }) => school)).toEqual(['exposure-guide']);
		expect(rivalsOf({ ev: 12 })).toEqual([]);
	});

	it('names a rival condition that exists for every condition of every school', () => {
		for (const [school, { conditions }] of Object.entries(schools)) {
			for (const condition of Object.keys(conditions)) {
				for (const rival of rivalsOf(shadows(school, condition))) {
					expect(schools[rival.school].conditions).toHaveProperty(rival.condition);
				}
			}
		}
	});
});

describe('metering', () => {
	// Source: ISO 2720:1974: E = 2.5·2^EV lx; 20 000 lx is a bright overcast day, EV 12.97.
	it('turns lux into EV', () => {
		expect(resolveLight({ method: 'meter', kind: 'incident', lux: 20_480 }).ev).toBeCloseTo(13, 9);
	});

	it('takes the meter’s film speed out: f/8 at 1/125 on ISO 400 is EV 10.97', () => {
		const read = resolveLight({ method: 'meter', kind: 'incident', iso: 400, f: 8, seconds: 1 / 125 });
		expect(read.ev).toBeCloseTo(10.97, 2);
		expect(read.sd).toBeCloseTo(1 / 3, 9);
	});

	// Source: common practice: a snow field reads 1½ to 2 stops brighter than the light on it is.
	it('brings a light subject down and a dark one up', () => {
		const off = (tone: number) =>
			resolveLight({ method: 'meter', kind: 'reflected', iso: 100, ev: 14, tone }).ev;
		expect(off(1.5)).toBe(12.5);
		expect(off(-2)).toBe(16);
		expect(resolveLight({ method: 'meter', kind: 'reflected', iso: 100, ev: 14 }).sd).toBe(0.5);
	});
});

describe('any light', () => {
	it('has half a stop of doubt where none is given, for the camera’s meter too', () => {
		expect(resolveLight({ ev: 12 })).toEqual({ ev: 12, sd: 0.5, meterEv: 12, meterSd: 0.5 });
	});

	it('keeps what is known of another light on the meter', () => {
		expect(resolveLight({ ev: 15, meterEv: 11, meterSd: 1, sd: 0.4, kelvin: 5500 })).toEqual({
			ev: 15,
			sd: 0.4,
			meterEv: 11,
			meterSd: 1,
			kelvin: 5500
		});
	});

	it('lets a person put their own doubt on any reading', () => {
		const lights: Light[] = [
			shadows('shadow-edge', 'sharp', { sd: 1.25 }),
			{ method: 'meter', kind: 'incident', lux: 100, sd: 1.25 },
			{ method: 'eye', ev: 9, sd: 1.25 }
		];
		for (const light of lights) expect(resolveLight(light).sd).toBe(1.25);
	});

	it('says where it comes from', () => {
		expect(lightNote(shadows('sky-cover', 'clear'))).toBe('by sky cover');
		expect(lightNote({ method: 'eye', ev: 9, sd: 1 })).toBe('guess by eye');
		expect(lightNote({ ev: 9 })).toBe('typed as an EV');
	});

	it('reads a doubled film speed on the meter as a stop less light', () => {
		fc.assert(
			fc.property(evs, real(6, 3200), (ev, iso) => {
				const at = (speed: number) => resolveLight({ method: 'meter', kind: 'incident', iso: speed, ev }).ev;
				expect(at(iso) - at(iso * 2)).toBeCloseTo(1, 9);
			})
		);
	});

	it('has a word near by', () => {
		expect(nearestLandmark(14.2).words).toBe('sun');
		expect(nearestLandmark(-9).words).toBe('moonlight');
	});
});
