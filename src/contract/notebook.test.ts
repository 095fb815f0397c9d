import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cameraKinds } from '../core/camera';
import { filmTypes } from '../core/film';
import type { NotebookRow } from '../core/notebook';
import { filmOf, fixedCamera } from '../../tests/fixtures/bag';
import { draws } from '../../tests/fixtures/few';
import {
	cameraNamed,
	filmKey,
	filmNamed,
	notebookRecords,
	packsOf,
	twice,
	withProblems,
	type Bag
} from './notebook';
import { recordSchemas, type RecordKind } from './records';
import { check } from './validate';

const stored = <T extends object>(record: T) => ({ ...record, id: crypto.randomUUID(), version: 1 });
const bag: Bag = {
	cameras: [stored(fixedCamera({ name: 'Tin Box' }))],
	films: [stored({ ...filmOf('bw-negative', 125), name: 'Samphire' })],
	places: [{ name: 'Far Quay', latitude: 35.6, longitude: 139.7 }]
};
const row = (more: Partial<NotebookRow> = {}): NotebookRow => ({
	line: 2,
	camera: 'tin box',
	film: 'Samphire',
	roll: '',
	date: '2026-05-02',
	problems: [],
	...more
});
const inBag = {
	cameras: { 'tin box': { id: bag.cameras[0].id } },
	films: { Samphire: { id: bag.films[0].id } }
};
const brought = (rows: NotebookRow[]) =>
	notebookRecords(rows, { ...inBag, zone: 'Europe/Berlin' }, bag, () => crypto.randomUUID());

describe('rows of a notebook', () => {
	it('are of one load as long as their numbers go on, or their roll has a name', () => {
		const numbers = (rows: Partial<NotebookRow>[]) =>
			packsOf(rows.map(row)).map(({ rows: packed }) => packed.map(({ number }) => number));
		expect(numbers([{ number: 1 }, { number: 2 }, { number: 1 }])).toEqual([[1, 2], [1]]);
		expect(numbers([{}, {}, {}])).toEqual([[1, 2, 3]]);
		expect(numbers([{ number: 5 }, { camera: 'other' }, {}])).toEqual([[5, 6], [1]]);
		expect(numbers([{ roll: 'A', number: 2 }, { roll: 'B' }, { roll: 'A', number: 1 }])).toEqual([
			[2, 1],
			[1]
		]);
	});

	it('say a number that a roll has twice', () => {
		const rows = [row({ line: 2, roll: 'A', number: 3 }), row({ line: 3, roll: 'A', number: 3 })];
		expect([...twice(packsOf(rows))]).toEqual([[3, 'frame 3 appears twice on this roll']]);
		const wrong = row({ line: 4, problems: ['it has no date'] });
		expect(withProblems([...rows, wrong]).map(({ problems }) => problems)).toEqual([
			[],
			['frame 3 appears twice on this roll'],
			['it has no date']
		]);
	});

	it('know cameras and films of the bag again, of whatever capitals', () => {
		expect(cameraNamed(bag, ' TIN BOX ')).toBe(bag.cameras[0]);
		expect(filmNamed(bag, { film: 'samphire', iso: 125 })).toBe(bag.films[0]);
		expect(filmNamed(bag, { film: 'samphire', iso: 400 })).toBeUndefined();
		expect([filmKey(row({ iso: 125 })), filmKey(row())]).toEqual(['Samphire · ISO 125', 'Samphire']);
	});
});

describe('the records of a notebook', () => {
	it('have what is written, by the clock of the place, and what the camera cannot change', () => {
		const { loads, frames, cameras, films } = brought([
			row({ number: 1, clock: '14:30', place: 'far quay', subject: 'Winch', ev: 14, outcome: -1 }),
			row({ number: 2, place: 'Nowhere', note: 'wind', f: 8 })
		]);
		expect([cameras, films]).toEqual([[], []]);
		// 14:30 in Tokyo is 05:30 UTC; noon and a minute in Berlin in May 10:01 UTC. Source: the tz database.
		expect(frames.map(({ takenAt }) => new Date(takenAt).toISOString())).toEqual([
			'2026-05-02T05:30:00.000Z',
			'2026-05-02T10:01:00.000Z'
		]);
		const camera = fixedCamera();
		expect(frames[0]).toMatchObject({
			zone: 'Asia/Tokyo',
			settings: { f: camera.aperture.kind === 'fixed' ? camera.aperture.f : null },
			light: { ev: 14 },
			judged: { stops: -1, by: 'eye' },
			where: { name: 'Far Quay' }
		});
		expect(frames[0].predicted).not.toBeNull();
		expect(frames[1]).toMatchObject({ note: 'wind · Nowhere', settings: { f: 8 }, predicted: null });
		expect(loads).toMatchObject([{ unloadedAt: frames[1].takenAt, loadedAt: frames[0].takenAt }]);
	});

	it('are sound, whatever is written and whatever camera and film are made', () => {
		const numbers = fc.integer({ min: 1, max: 40 });
		const rows = fc.array(
			fc.record({
				camera: fc.constantFrom('', 'A', 'B'),
				film: fc.constantFrom('', 'X', 'Y'),
				roll: fc.constantFrom('', '1', '2'),
				number: fc.option(numbers, { nil: undefined }),
				f: fc.option(fc.double({ min: 1, max: 64, noNaN: true }), { nil: undefined }),
				seconds: fc.option(fc.double({ min: 1e-4, max: 60, noNaN: true }), { nil: undefined }),
				ev: fc.option(fc.double({ min: -5, max: 17, noNaN: true }), { nil: undefined }),
				wheel: fc.option(fc.constantFrom(-1, 0.5), { nil: undefined }),
				outcome: fc.option(fc.constantFrom(-1, 0, 2), { nil: undefined }),
				clock: fc.option(fc.constantFrom('00:00', '02:30', '23:59'), { nil: undefined })
			}),
			{ minLength: 1, maxLength: 12 }
		);
		const kinds = fc.constantFrom(...cameraKinds.map(({ id }) => id));
		let [left, all] = [0, 0];
		fc.assert(
			fc.property(rows, kinds, fc.constantFrom(...filmTypes), (drawn, kind, type) => {
				// The day on which Berlin's clock jumps from 2 to 3.
				const written = drawn.map((each, at) => row({ ...each, line: at + 2, date: '2026-03-29' }));
				const wrong = twice(packsOf(written));
				const good = written.filter(({ line }) => !wrong.has(line));
				all += written.length;
				left += written.length - good.length;
				const cameras = Object.fromEntries(['', 'A', 'B'].map((name) => [name, { kind }]));
				const films = Object.fromEntries(['', 'X', 'Y'].map((name) => [name, { type, iso: 200 }]));
				const choices = { cameras, films, zone: 'Europe/Berlin' };
				const made = notebookRecords(good, choices, bag, () => crypto.randomUUID());
				for (const [records, of] of Object.entries(made)) {
					for (const { id: _, version: _v, ...record } of of)
						expect(check(recordSchemas[records as RecordKind], record, 'refuse')).toMatchObject({ ok: true });
				}
				expect(made.frames).toHaveLength(good.length);
				const places = made.frames.map(({ loadId, number }) => `${loadId} ${number}`);
				expect(new Set(places).size).toBe(places.length);
			}),
			{ numRuns: draws(60) }
		);
		expect(left / all).toBeLessThan(0.4);
	});
});
