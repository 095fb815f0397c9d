import { describe, expect, it } from 'vitest';
import { filmOf, fixedCamera } from '../../../tests/fixtures/bag';
import { planDay } from '$core/plan';
import { dayAxis, heightOf, lightPaths, LIGHT_HEIGHT } from './day-axis';

const planned = (date: string, place = { latitude: 51.5, longitude: 0 }) =>
	planDay({
		camera: fixedCamera(),
		film: filmOf('colour-negative', 400),
		place,
		date,
		sky: 'clear',
		subject: 'facing',
		stepMinutes: 30
	});

describe('the hours across a day', () => {
	it('run from midnight to midnight of the place', () => {
		const axis = dayAxis(planned('2026-05-02'));
		expect(axis.at(axis.from)).toBe(0);
		expect(axis.at(axis.to)).toBe(100);
		expect(axis.hours.map(({ label }) => label)).toEqual([
			'00',
			'03',
			'06',
			'09',
			'12',
			'15',
			'18',
			'21',
			'00'
		]);
		expect(axis.clock(axis.from)).toBe('00:00');
		expect(axis.clock('2026-05-02T11:30:00Z')).toBe('12:30');
		expect(axis.at(axis.to + 1e9)).toBe(100);
	});

	it('leave the hour out that the clock jumps over, and have the one twice that it repeats', () => {
		const spring = dayAxis(planned('2026-03-29'));
		expect((spring.to - spring.from) / 3_600_000).toBe(23);
		expect(spring.hours.map(({ label }) => label)).toContain('03');
		const autumn = dayAxis(planned('2026-10-25'));
		expect((autumn.to - autumn.from) / 3_600_000).toBe(25);
	});
});

describe('the light of a day, drawn', () => {
	it('is higher where there is more of it, with its doubt on both sides', () => {
		expect(heightOf(15)).toBeLessThan(heightOf(5));
		expect(heightOf(40)).toBe(0);
		expect(heightOf(-40)).toBe(LIGHT_HEIGHT);
		const plan = planned('2026-05-02');
		const { light, doubt } = lightPaths(plan, dayAxis(plan));
		const points = (path: string) => path.split(/[MLZ]/).filter(Boolean);
		expect(points(light)).toHaveLength(plan.samples.length);
		expect(points(doubt)).toHaveLength(2 * plan.samples.length);
		expect(`${light}${doubt}`).not.toMatch(/NaN/);
		const heights = points(light).map((point) => Number(point.split(',')[1]));
		expect(heights.indexOf(Math.min(...heights))).toBeGreaterThan(plan.samples.length / 4);
	});
});
