import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { filmOf, fixedCamera, steppedCamera } from '../../../tests/fixtures/bag';
import { foldingInstant, programmed } from '../../../tests/fixtures/automatic';
import { needsInWords, plannedInWords, sceneLightInWords } from '../../words';
import { resolveLight } from '../light';
import {
	intentForDepth,
	packSceneOf,
	plannedScene,
	sceneLight,
	scenesInOrder,
	sceneTime,
	type Outing,
	type Scene
} from '.';

const scene = (changes: Partial<Scene> = {}): Scene => ({
	id: 'a',
	name: 'Lanterns',
	at: '19:40',
	light: { by: 'place', place: 'bright-street' },
	frames: 4,
	...changes
});
/** A place whose clock is that of Greenwich, with summer time. */
const where = { latitude: 54.62, longitude: -4.21 };
const outing = (scenes: Scene[], date = '2026-05-02'): Outing => ({ name: 'Walk', date, where, scenes });

describe('when a scene is', () => {
	// Source: published dates of summer time, 2026: 29 March 01:00 UTC to 25 October 01:00 UTC.
	it.each([
		['2026-05-02', { at: '19:40' }, '2026-05-02T18:40:00.000Z'],
		['2026-12-31', { at: '00:30', nextDay: true }, '2027-01-01T00:30:00.000Z'],
		['2026-03-28', { at: '00:30', nextDay: true }, '2026-03-29T00:30:00.000Z'],
		['2026-03-28', { at: '03:00', nextDay: true }, '2026-03-29T02:00:00.000Z'],
		['2026-10-24', { at: '23:50' }, '2026-10-24T22:50:00.000Z'],
		['2026-10-24', { at: '03:00', nextDay: true }, '2026-10-25T03:00:00.000Z'],
		['2028-02-28', { at: '06:00', nextDay: true }, '2028-02-29T06:00:00.000Z']
	])('on %s at %o is %s', (date, at, instant) => {
		const on = outing([scene(at)], date);
		expect(new Date(sceneTime(on, on.scenes[0])).toISOString()).toBe(instant);
	});

	it('orders scenes by their time, those after midnight last', () => {
		const names = (scenes: Scene[]) => scenesInOrder(outing(scenes)).map(({ name }) => name);
		expect(
			names([
				scene({ name: 'home', at: '00:10', nextDay: true }),
				scene({ name: 'late', at: '23:00' }),
				scene({ name: 'early', at: '00:10' })
			])
		).toEqual(['early', 'late', 'home']);
	});
});

describe('the light of a scene', () => {
	it('is that of the sun at its hour, of its place, or a number', () => {
		const noon = scene({ at: '13:15', light: { by: 'sky', sky: 'clear', subject: 'facing' } });
		const on = outing([noon], '2026-06-21');
		// Source: EV 15 in full sun by common practice; here a third more toward noon in June.
		expect(resolveLight(sceneLight(on, noon)).ev).toBeCloseTo(15.2, 0);
		expect(resolveLight(sceneLight(on, { ...noon, at: '01:00' })).ev).toBeLessThan(0);
		// Source: ANSI PH2.7, bright street at night: EV 8 (from memory).
		expect(resolveLight(sceneLight(on, scene())).ev).toBe(8);
		expect(sceneLight(on, scene({ light: { by: 'ev', ev: 4, sd: 1 } }))).toEqual({ ev: 4, sd: 1 });
	});

	it('is said in words', () => {
		expect(sceneLightInWords({ by: 'sky', sky: 'heavy', subject: 'back' })).toBe(
			'sky heavy, dark cloud, sun behind it'
		);
		expect(sceneLightInWords({ by: 'place', place: 'bright-street' })).toBe('bright street at night');
		expect(sceneLightInWords({ by: 'ev', ev: 4, sd: 1 })).toBe('EV 4, give or take 1');
	});
});

describe('an aperture for depth', () => {
	it('is the widest that is small enough, by hand only', () => {
		const camera = steppedCamera({ aperture: { kind: 'stops', f: [4, 8, 11, 22] } });
		expect(intentForDepth(camera, {}, undefined)).toEqual({});
		expect(intentForDepth(camera, { handheld: false }, 16)).toEqual({ handheld: false, aperture: 22 });
		expect(intentForDepth(camera, {}, 11.3)).toEqual({ aperture: 11 });
		expect(intentForDepth(camera, {}, 32)).toBeNull();
		const ring = steppedCamera({ aperture: { kind: 'range', widest: 2, smallest: 16 } });
		expect(intentForDepth(ring, {}, 8)).toEqual({ aperture: 8 });
		expect(intentForDepth(ring, {}, 1.4)).toEqual({ aperture: 2 });
		expect(intentForDepth(programmed(), {}, 8)).toBeNull();
	});

	it('never opens a camera wider than was wanted', () => {
		fc.assert(
			fc.property(
				fc.uniqueArray(fc.integer({ min: 1, max: 64 }), { minLength: 1, maxLength: 6 }),
				fc.integer({ min: 1, max: 90 }),
				(f, depth) => {
					const camera = steppedCamera({ aperture: { kind: 'stops', f } });
					const intent = intentForDepth(camera, {}, depth);
					if (intent) expect(intent.aperture! * 2 ** (1 / 12)).toBeGreaterThanOrEqual(depth);
					else expect(Math.max(...f)).toBeLessThan(depth);
				}
			)
		);
	});
});

describe('a scene as it was packed', () => {
	const camera = { ...foldingInstant(), id: 'c' };
	const film = { ...filmOf('instant', 640), id: 'f' };
	const filters = [{ name: 'ND 0.6', stops: 2 }];
	const bag = { cameras: [camera], films: [film] };
	const packed = scene({ take: { cameraId: 'c', filmId: 'f', handheld: false } });

	it('is told with its camera, its settings and how it comes out', () => {
		const on = outing([packed]);
		const planned = plannedScene(on, packed, bag)!;
		expect(planned.outcome.verdict).toMatch(/just-enough|usable/);
		expect(plannedInWords(planned, false)).toMatch(/^Folding.* with .*: f\/.*, on a tripod; /i);
		const bright = { ...packed, light: { by: 'ev', ev: 15, sd: 0.3 } as const };
		const worn = plannedScene(on, { ...bright, take: { ...packed.take!, filters } }, bag)!;
		expect(worn.filters).toEqual(filters);
		expect(plannedInWords(worn, true)).toContain('with ND 0.6, hand-held');
		expect(plannedScene(on, bright, bag)!.outcome.seconds).toBeLessThan(planned.outcome.seconds);
	});

	it('is none where it was not packed, or its things are gone', () => {
		const on = outing([packed]);
		expect(plannedScene(on, scene(), bag)).toBeNull();
		expect(plannedScene(on, packed, { ...bag, cameras: [] })).toBeNull();
		expect(plannedScene(on, packed, { ...bag, films: [] })).toBeNull();
		const box = { ...fixedCamera(), id: 'c' };
		expect(plannedScene(on, { ...packed, depth: 64 }, { ...bag, cameras: [box] })).toBeNull();
	});

	it('is asked of packing with all that is wanted', () => {
		const wanted = scene({ on: 'colour', depth: 8, intent: { seconds: [4, 10], handheld: false } });
		expect(packSceneOf(outing([wanted]), wanted)).toEqual({
			name: 'Lanterns',
			light: { method: 'place', place: 'bright-street' },
			on: 'colour',
			depth: 8,
			intent: { seconds: [4, 10], handheld: false },
			frames: 4
		});
		expect(needsInWords(wanted)).toBe('4 s to 10 s, f/8 or smaller, on a tripod, in colour');
		expect(needsInWords(scene({ intent: { seconds: [null, 1 / 250], subjectDistance: 2 } }))).toBe(
			'1/250 s or faster, at 2 m'
		);
		expect(needsInWords(scene({ intent: { seconds: [1, null], subjectSpeed: 4, handheld: true } }))).toBe(
			'1 s or slower, it moves, hand-held'
		);
		expect(needsInWords(scene())).toBe('');
	});
});
