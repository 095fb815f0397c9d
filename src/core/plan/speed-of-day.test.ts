import { describe, expect, it } from 'vitest';
import { fixedCamera } from '../../../tests/fixtures/bag';
import { foldingInstant } from '../../../tests/fixtures/automatic';
import { planDay, speedFor, speedOfDay } from '.';

const place = { latitude: 54.6, longitude: -4.2 };
const box = fixedCamera({
	aperture: { kind: 'fixed', f: 16 },
	shutter: { kind: 'fixed', seconds: 1 / 25 }
});

describe('the film speed of a day', () => {
	// Common practice: ISO 25 in the sun; a day has its mornings and evenings, too.
	it('is that of the most of its light', () => {
		const { iso, good, films } = speedOfDay({
			camera: box,
			film: { type: 'bw-negative' },
			place,
			date: '2026-06-21'
		});
		expect(iso).toBeGreaterThan(16);
		expect(iso).toBeLessThan(64);
		expect(good![0]).toBeLessThanOrEqual(iso);
		expect(good![1]).toBeGreaterThanOrEqual(iso);
		expect(films.some((film) => film.iso === 25 && film.verdict === 'just-enough')).toBe(true);
	});

	// The plan of a day looks for windows with one film: another way to the same hours.
	it('has more hours just enough than twice or half of it', () => {
		const hours = (iso: number) =>
			planDay({
				camera: box,
				film: { name: '', type: 'reversal', iso },
				place,
				date: '2026-05-02',
				sky: 'clear',
				subject: 'facing'
			})
				.windows.filter(({ verdict }) => verdict === 'just-enough')
				.reduce((sum, { from, to }) => sum + (Date.parse(to) - Date.parse(from)) / 3_600_000, 0);
		const { iso } = speedOfDay({ camera: box, film: { type: 'reversal' }, place, date: '2026-05-02' });
		// Looked at each quarter of an hour and each third of a stop.
		expect(hours(iso)).toBeGreaterThan(hours(2 * iso) - 0.25);
		expect(hours(iso)).toBeGreaterThan(hours(iso / 2) - 0.25);
		expect(hours(iso)).toBeGreaterThan(2);
	});

	it('is faster under a closed sky, and that of the eye whatever the sky', () => {
		const under = (sky: 'clear' | 'overcast') =>
			speedOfDay({ camera: box, place, date: '2026-05-02', sky }).iso;
		expect(under('overcast')).toBeGreaterThan(2 * under('clear'));
		const eye = speedOfDay({
			camera: foldingInstant(),
			film: { type: 'instant' },
			place,
			date: '2026-05-02',
			sky: 'heavy'
		});
		expect(eye.iso).toBeGreaterThan(50);
		expect(eye.iso).toBeLessThan(320);
	});

	it('is answered where the sun never rises, and by a light as before', () => {
		const night = speedOfDay({ camera: box, place: { latitude: 78, longitude: 15 }, date: '2026-12-21' });
		expect(night.iso).toBeGreaterThan(1000);
		expect(speedFor({ camera: box, light: { ev: 14 + 2 / 3 } }).iso).toBeCloseTo(24.61, 1);
	});

	// Common practice: what is bought for half a year stands between its brightest and its darkest day.
	it('is that of a season over all of its days, between those of its ends', () => {
		const asked = { camera: box, film: { type: 'bw-negative' as const }, place };
		const on = (date: string, until?: string) => speedOfDay({ ...asked, date, until }).iso;
		const [june, december] = [on('2026-06-21'), on('2026-12-21')];
		expect(december).toBeGreaterThan(june);
		const season = on('2026-06-21', '2026-12-21');
		expect(season).toBeGreaterThanOrEqual(june);
		expect(season).toBeLessThanOrEqual(december);
		// A season of one day is looked at like the day, and a week of summer asks for hardly another speed.
		expect(on('2026-06-21', '2026-06-21')).toBe(june);
		expect(Math.abs(Math.log2(on('2026-06-18', '2026-06-24') / june))).toBeLessThanOrEqual(1 / 3 + 1e-9);
	});
});
