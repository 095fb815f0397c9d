import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { real } from '../../../tests/fixtures/arbitraries';
import {
	evFromLuminance,
	evFromLux,
	luminanceFromEv,
	luxFromEv,
	settingsEv,
	speedStops
} from './exposure-value';

describe('EV of settings', () => {
	// Source: EXIF 2.3, Annex C (APEX), the tables of Av and Tv; marked values are rounded, so to a tenth.
	const apertureValues = [
		[1, 0],
		[1.4, 1],
		[2, 2],
		[2.8, 3],
		[4, 4],
		[5.6, 5],
		[8, 6],
		[11, 7],
		[16, 8],
		[22, 9],
		[32, 10]
	];
	it.each(apertureValues)('f/%s has Av %s', (f, av) => {
		expect(Math.abs(settingsEv(f, 1) - av)).toBeLessThan(0.1);
	});

	const timeValues = [
		[30, -5],
		[15, -4],
		[8, -3],
		[4, -2],
		[2, -1],
		[1, 0],
		[1 / 2, 1],
		[1 / 4, 2],
		[1 / 8, 3],
		[1 / 15, 4],
		[1 / 30, 5],
		[1 / 60, 6],
		[1 / 125, 7],
		[1 / 250, 8],
		[1 / 500, 9],
		[1 / 1000, 10],
		[1 / 2000, 11]
	];
	it.each(timeValues)('%s s has Tv %s', (seconds, tv) => {
		expect(Math.abs(settingsEv(1, seconds) - tv)).toBeLessThan(0.1);
	});

	// Source: the usual EV table (ISO 2720:1974, table of settings at ISO 100); two rounded marks, so to 0.15.
	it.each([
		[16, 1 / 125, 15],
		[5.6, 1 / 60, 11],
		[8, 1 / 2000, 17],
		[2.8, 1 / 4, 5],
		[1.4, 1, 1]
	])('f/%s at %s s is EV %s', (f, seconds, ev) => {
		expect(Math.abs(settingsEv(f, seconds) - ev)).toBeLessThan(0.15);
	});

	it('needs one EV more when the time halves and two when the f-number doubles', () => {
		fc.assert(
			fc.property(real(1, 64), real(1 / 4000, 60), (f, seconds) => {
				expect(settingsEv(f, seconds / 2) - settingsEv(f, seconds)).toBeCloseTo(1, 9);
				expect(settingsEv(f * 2, seconds) - settingsEv(f, seconds)).toBeCloseTo(2, 9);
			})
		);
	});
});

describe('film speed in stops', () => {
	// Source: APEX speed values (EXIF 2.3, Annex C): ISO 100 has Sv 5, 400 has 7, 3200 has 10, 25 has 3.
	it.each([
		[25, 3],
		[50, 4],
		[100, 5],
		[200, 6],
		[400, 7],
		[3200, 10]
	])('ISO %s lies at Sv %s', (iso, sv) => {
		expect(speedStops(iso) + 5).toBeCloseTo(sv, 9);
	});
});

describe('illuminance', () => {
	// Source: ISO 2720:1974 with C = 250 lx·s; the usual table of EV and lux.
	it.each([
		[-1, 1.25],
		[0, 2.5],
		[5, 80],
		[10, 2560],
		[15, 81_920]
	])('EV %s is %s lx', (ev, lux) => {
		expect(luxFromEv(ev)).toBeCloseTo(lux, 6);
		expect(evFromLux(lux)).toBeCloseTo(ev, 9);
	});

	it('turns back into the same EV', () => {
		fc.assert(
			fc.property(real(-15, 25), (ev) => {
				expect(evFromLux(luxFromEv(ev))).toBeCloseTo(ev, 9);
			})
		);
	});
});

describe('luminance', () => {
	// Source: ISO 2720:1974 with K = 12.5; the usual table of EV and cd/m².
	it.each([
		[0, 0.125],
		[3, 1],
		[5, 4],
		[10, 128],
		[15, 4096]
	])('EV %s is %s cd/m²', (ev, luminance) => {
		expect(luminanceFromEv(ev)).toBeCloseTo(luminance, 9);
		expect(evFromLuminance(luminance)).toBeCloseTo(ev, 9);
	});
});
