import { describe, expect, it } from 'vitest';
import { onTheDemo } from '../../tests/fixtures/store-of-demo';
import { courseOf, drillsFor, type Guess } from '$core/practice';
import { bagRecords } from '$views/bag';
import { waiting } from '$views/developing';
import { framesView } from '$views/frames';
import { agreedDoubts, practising, progress } from '$views/practice';
import { store } from './store';
import { viewRecords } from './views/records';

/** What the pages of Practice are given, from the demo's week. */

onTheDemo();

const at = (hour: number) => `2030-05-02T${String(hour).padStart(2, '0')}:00:00Z`;

describe('what practice has shown', () => {
	it('is a week of it, told by condition, by time of day, by school and by card', async () => {
		const shown = await progress(viewRecords());
		expect(shown.days).toHaveLength(6);
		// Six scenes a day.
		expect(shown.all!.guesses).toBe(36);
		expect(shown.points).toHaveLength(36);
		const times = shown.points.map(({ at: moment }) => Date.parse(moment));
		expect(times).toEqual([...times].sort((a, b) => a - b));
		for (const rows of [shown.conditions, shown.times]) {
			expect(rows.reduce((sum, { error }) => sum + error.guesses, 0)).toBe(36);
			const counts = rows.map(({ error }) => error.guesses);
			expect(counts).toEqual([...counts].sort((a, b) => b - a));
		}
		expect(shown.schools.map(({ school }) => school).sort()).toEqual([
			'exposure-guide',
			'shadow-edge',
			'sky-cover'
		]);
		expect(shown.drills.reduce((sum, { answers }) => sum + answers, 0)).toBe(36);
		for (const { answers, right } of shown.drills) expect(right).toBeLessThanOrEqual(answers);
	});

	it('is bright under trees and in shade, as the person of the demo sees', async () => {
		const { conditions } = await progress(viewRecords());
		const tree = conditions.find(({ name }) => name.includes('under a tree'))!;
		expect(tree.error.bias).toBeGreaterThan(0.3);
		expect(tree.error.biasWithin![0]).toBeLessThan(tree.error.bias);
	});

	it('names each doubt as its condition is called, and a plain guess', async () => {
		const { doubts } = await progress(viewRecords());
		expect(doubts.map(({ name }) => name)).toContain('A plain guess of the EV');
		expect(doubts.every(({ sd, guesses }) => sd > 0 && guesses >= 5)).toBe(true);
	});

	it('reaches Shoot only while it is agreed to; the last word counts', async () => {
		const { exercises } = store();
		expect(await agreedDoubts(viewRecords())).toEqual([]);
		expect((await bagRecords(viewRecords())).doubts).toEqual([]);
		exercises.create(crypto.randomUUID(), { kind: 'doubt', at: at(9), agreed: true });
		expect((await progress(viewRecords())).agreed).toBe(true);
		expect((await bagRecords(viewRecords())).doubts.length).toBe(
			(await progress(viewRecords())).doubts.length
		);
		exercises.create(crypto.randomUUID(), { kind: 'doubt', at: at(10), agreed: false });
		expect((await progress(viewRecords())).agreed).toBe(false);
		expect(await agreedDoubts(viewRecords())).toEqual([]);
	});

	it('grows with a guess of a real light', async () => {
		const guess: Guess = {
			kind: 'seeing',
			at: at(12),
			day: '2030-05-02',
			clock: '12:00',
			named: { method: 'shadows', school: 'exposure-guide', condition: 'cloudy-bright' },
			ev: 13,
			read: { ev: 12, sd: 0.3, by: 'meter' }
		};
		store().exercises.create(crypto.randomUUID(), guess);
		const shown = await progress(viewRecords());
		expect(shown.all!.guesses).toBe(37);
		expect(shown.points.at(-1)!.error).toBe(1);
		expect(shown.days).toContain('2030-05-02');
		expect(shown.conditions.find(({ name }) => name.includes('exposure guide'))!.error).toEqual({
			guesses: 1,
			bias: 1
		});
	});
});

describe('what the day’s course is made from', () => {
	it('is the bag with what is loaded, and every kind of card from it', async () => {
		const { bag, exercises } = await practising(viewRecords());
		expect(bag.loaded.length).toBeGreaterThan(3);
		expect(drillsFor(bag)).toHaveLength(5);
		const { day, lesson } = courseOf(exercises, '2031-01-01');
		// Six days of the demo and the one above.
		expect(day).toBe(8);
		expect(lesson.title).toBe('Everything so far');
	});
});

describe('a load with a process', () => {
	it('is the film that the process makes of it, everywhere that it is shot and looked at', async () => {
		const { loads, films } = store();
		const [load] = loads
			.where('in_camera', 1)
			.filter(({ filmId }) => /negative/.test(films.get(filmId)!.type));
		const { id, version, ...record } = load;
		const process = { name: 'Brown bath', stops: -1 };
		expect(loads.replace(id, version, { ...record, process }).result).toBe('replaced');
		const own = films.get(load.filmId)!.processStops ?? 0;
		expect((await framesView(viewRecords(), id))!.chosen!.film.processStops).toBe(own - 1);
		expect(films.get(load.filmId)!.processStops ?? 0).toBe(own);
		expect((await waiting(viewRecords(), true)).find((each) => each.load.id === id)!.film.processStops).toBe(
			own - 1
		);
		const loaded = (await practising(viewRecords())).bag.loaded.filter(
			({ film }) => film.processStops === own - 1
		);
		expect(loaded).toHaveLength(1);
	});
});
