import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { foldingInstant } from '../../../tests/fixtures/automatic';
import { colourNegative400, fixedCamera } from '../../../tests/fixtures/bag';
import {
	conditionKey,
	courseOf,
	drillCard,
	drillKinds,
	drillsFor,
	evOfScene,
	eyeError,
	lastDays,
	oneMore,
	ownDoubts,
	untrainedDoubt,
	recalls,
	sceneFor,
	scenesOnPaper,
	schoolsCompared,
	skills,
	timeOfDay,
	type DrillBag,
	type Exercise,
	type Guess
} from '.';

const DAY_MS = 86_400_000;

function guess(error: number, changes: Partial<Guess> = {}): Guess {
	return {
		kind: 'seeing',
		at: '2026-05-02T18:00:00Z',
		day: '2026-05-02',
		clock: '11:00',
		named: { method: 'shadows', school: 'shadow-edge', condition: 'soft' },
		ev: 13 + error,
		read: { ev: 13, sd: 0, by: 'meter' },
		...changes
	};
}

describe('a sheet of scenes', () => {
	it('has twelve that practise something else each, and is the same for the same number', () => {
		const sheet = scenesOnPaper(3);
		expect(new Set(sheet.map(({ skill }) => skill)).size).toBe(12);
		expect(scenesOnPaper(3)).toEqual(sheet);
		expect(scenesOnPaper(4).map(({ skill }) => skill)).not.toEqual(sheet.map(({ skill }) => skill));
		for (const { scene } of sheet) expect(Number.isFinite(evOfScene(scene))).toBe(true);
	});
});

describe('how an eye runs', () => {
	// Source: published tables of Student's t (0.95, 9: 1.833) and of chi-square (9: 3.325 and 16.919).
	it('has the intervals of the tables', () => {
		const errors = [0.1, -0.4, 0.6, 0.2, -0.1, 0.5, 0.3, 0, -0.2, 0.4];
		const { bias, biasWithin, spread, spreadWithin } = eyeError(errors)!;
		expect(bias).toBeCloseTo(0.14, 9);
		// By hand: the squares about 0.14 add up to 0.924.
		expect(spread).toBeCloseTo(Math.sqrt(0.924 / 9), 6);
		const half = (1.833 * spread!) / Math.sqrt(10);
		expect(biasWithin![0]).toBeCloseTo(bias - half, 3);
		expect(biasWithin![1]).toBeCloseTo(bias + half, 3);
		expect(spreadWithin![0]).toBeCloseTo(Math.sqrt(0.924 / 16.919), 3);
		expect(spreadWithin![1]).toBeCloseTo(Math.sqrt(0.924 / 3.325), 3);
	});

	it('is nothing without guesses, and no spread of one', () => {
		expect(eyeError([])).toBeNull();
		expect(eyeError([0.5])).toEqual({ guesses: 1, bias: 0.5 });
	});

	it('gives back a bias and a spread that were put in', () => {
		const noise = fc.array(fc.double({ min: -1, max: 1, noNaN: true }), { minLength: 4, maxLength: 60 });
		fc.assert(
			fc.property(fc.double({ min: -3, max: 3, noNaN: true }), noise, (known, wander) => {
				const mean = wander.reduce((sum, each) => sum + each / wander.length, 0);
				const error = eyeError(wander.map((each) => known + each - mean))!;
				expect(error.bias).toBeCloseTo(known, 6);
				expect(error.biasWithin![0]).toBeLessThanOrEqual(error.bias + 1e-9);
				expect(error.biasWithin![1]).toBeGreaterThanOrEqual(error.bias - 1e-9);
				expect(error.spreadWithin![0]).toBeLessThanOrEqual(error.spread! + 1e-9);
				expect(error.spreadWithin![1]).toBeGreaterThanOrEqual(error.spread! - 1e-9);
			})
		);
	});

	it('knows what time a clock shows', () => {
		expect(['04:59', '05:00', '09:59', '10:00', '14:00', '17:30', '20:00'].map(timeOfDay)).toEqual([
			'night',
			'morning',
			'morning',
			'midday',
			'afternoon',
			'evening',
			'night'
		]);
	});
});

describe('the own doubt', () => {
	it('is told from five guesses on, and of a bias is at least as much', () => {
		expect(ownDoubts(Array.from({ length: 4 }, () => guess(0)))).toEqual([]);
		const bright = Array.from({ length: 40 }, () => guess(1, { read: { ev: 12.64, sd: 0, by: 'meter' } }));
		const [soft, plain] = ownDoubts(bright);
		// A dusk that was called so says nothing of the rule.
		const dusks = bright.map(
			(each) => ({ ...each, ev: each.read.ev, drawn: { skill: 'dusk', seed: 1 } }) as Guess
		);
		expect(ownDoubts([...bright, ...dusks])[0]).toEqual(soft);
		expect(soft.of).toBe('shadow-edge soft');
		// The rule says 13.64 of what was 12.64 each time: a stop too bright.
		expect(soft.bias).toBeCloseTo(1, 1);
		expect(soft.sd).toBeCloseTo(0.97, 1);
		expect(plain.of).toBe('eye');
	});

	it('comes down from what is usual with guesses that were right, and up with wild ones', () => {
		const errors = fc.array(fc.double({ min: -3, max: 3, noNaN: true }), { minLength: 5, maxLength: 80 });
		fc.assert(
			fc.property(errors, (all) => {
				const doubt = ownDoubts(all.map((error) => guess(error))).find(({ of }) => of === 'eye')!;
				const meanSquare = all.reduce((sum, each) => sum + each ** 2 / all.length, 0);
				const [low, high] = [Math.min(meanSquare, doubt.usual ** 2), Math.max(meanSquare, doubt.usual ** 2)];
				expect(doubt.sd ** 2).toBeGreaterThanOrEqual(low - 1e-9);
				expect(doubt.sd ** 2).toBeLessThanOrEqual(high + 1e-9);
			})
		);
	});

	it('does not count the doubt of what it was checked by', () => {
		const shaky = Array.from({ length: 30 }, (_, at) =>
			guess(at % 2 === 0 ? 0.5 : -0.5, { read: { ev: 13, sd: 0.5, by: 'photo' } })
		);
		const sure = shaky.map((each) => ({ ...each, read: { ...each.read, sd: 0 } }));
		const plain = (all: Guess[]) => ownDoubts(all).find(({ of }) => of === 'eye')!.sd;
		expect(plain(shaky)).toBeLessThan(plain(sure));
	});

	it('tells apart where the sun stood and what lay around', () => {
		const named = { method: 'shadows', school: 'shadow-edge', condition: 'sharp' } as const;
		const keys = [named, { ...named, backlit: true }, { ...named, ground: 'pale' as const }].map(
			conditionKey
		);
		expect(new Set(keys).size).toBe(3);
	});
});

describe('what comes next', () => {
	// Source: the test vector of FSRS-6 that its packages publish with their tests (from memory): thirteen
	// reviews, each when due, good six times, forgotten twice, then good again.
	it('is spaced as the algorithm’s own vector says', () => {
		const goods = (count: number) => Array.from({ length: count }, () => 0.3);
		const errors = [...goods(6), 2, 2, ...goods(5)];
		const days = [0, 2, 11, 46, 163, 498, 0, 0, 2, 4, 7, 12, 21];
		const done: Exercise[] = [];
		let now = Date.parse('2022-11-29T12:30:00Z');
		const intervals = errors.map((error) => {
			done.push(guess(error, { at: new Date(now).toISOString(), drawn: { skill: 'soft', seed: 1 } }));
			const [{ due }] = recalls(done, now);
			const days = Math.round((due - now) / DAY_MS);
			now = due;
			return days;
		});
		expect(intervals).toEqual(days);
	});

	it('is sooner what was missed', () => {
		const at = '2026-05-02T18:00:00Z';
		const done: Exercise[] = [
			guess(0.1, { at, drawn: { skill: 'sharp', seed: 1 } }),
			guess(1.5, { at, drawn: { skill: 'soft', seed: 2 } }),
			guess(0.5, { at, drawn: { skill: 'none', seed: 3 } })
		];
		const now = Date.parse(at);
		expect(recalls(done, now).map(({ item }) => item)).toEqual(['soft', 'none', 'sharp']);
		expect(oneMore(done, '2026-05-02', now, 0)).toMatchObject({ kind: 'seeing', skill: 'soft' });
	});
});

const bag: DrillBag = {
	cameras: [fixedCamera(), foldingInstant()],
	loaded: [
		{ camera: fixedCamera(), film: colourNegative400 },
		{ camera: foldingInstant(), film: { name: 'Slow', type: 'instant', iso: 80 } }
	],
	filters: [{ name: 'ND 0.9', stops: 3, kind: 'neutral' }]
};

describe('a course', () => {
	const day = (number: number) => `2026-05-${String(number).padStart(2, '0')}`;

	/** Does everything of the next day of the course. */
	function practised(
		done: Exercise[],
		on: string,
		wrong: (skill: string) => boolean = () => false
	): Exercise[] {
		const at = `${on}T18:00:00Z`;
		return courseOf(done, on).tasks.map((task): Exercise =>
			task.kind === 'drill'
				? { kind: 'drill', at, day: on, card: task.card, right: true }
				: guess(wrong(task.skill) ? 2 : 0.1, { at, day: on, drawn: task })
		);
	}

	it('goes through all there is in a week, and on', () => {
		let done: Exercise[] = [];
		const seen = new Set<string>();
		for (let on = 1; on <= 9; on++) {
			const course = courseOf(done, day(on));
			expect(course.day).toBe(on);
			expect(course.tasks.filter(({ kind }) => kind === 'seeing')).toHaveLength(6);
			for (const task of course.tasks) if (task.kind === 'seeing') seen.add(task.skill);
			done = [...done, ...practised(done, day(on))];
		}
		expect([...seen].sort()).toEqual([...skills].sort());
	});

	it('stays what it is while it is being done, and counts what is', () => {
		const done = practised([], day(1));
		const { tasks } = courseOf(done, day(2));
		const today = practised(done, day(2));
		for (let at = 0; at <= today.length; at++) {
			const course = courseOf([...done, ...today.slice(0, at)], day(2));
			expect(course.tasks).toEqual(tasks);
			expect(course.done).toBe(at);
		}
	});

	it('brings back first, in the end, what went worst', () => {
		let done: Exercise[] = [];
		for (let on = 1; on <= 7; on++)
			done = [...done, ...practised(done, day(on), (skill) => skill === 'deep-shade')];
		const [first] = courseOf(done, day(8)).tasks;
		expect(first).toMatchObject({ skill: 'deep-shade' });
	});

	it('draws other scenes each day, and asks only for cards that the bag has', () => {
		const seedsOf = (on: string) => courseOf([], on).tasks.map(({ seed }) => seed);
		expect(new Set([...seedsOf(day(1)), ...seedsOf(day(2))]).size).toBe(24);
		const { tasks } = courseOf([], day(1), ['equivalent']);
		expect(new Set(tasks.flatMap((task) => (task.kind === 'drill' ? [task.card] : [])))).toEqual(
			new Set(['equivalent'])
		);
	});

	it('says on which days there was practice', () => {
		expect(lastDays([guess(0)], ['2026-05-01', '2026-05-02'])).toEqual([false, true]);
		expect(lastDays([{ kind: 'doubt', at: '2026-05-02T18:00:00Z', agreed: true }], ['2026-05-02'])).toEqual([
			false
		]);
	});

	it('gives every skill scenes at hours of a day', () => {
		for (const skill of skills) expect(sceneFor(skill, 4).clock).toMatch(/^([01]\d|2[0-3]):[0-5]0$/);
	});
});

describe('quick cards', () => {
	const seeds = fc.integer({ min: 1, max: 1_000_000_000 });

	it('have one right answer among others, for every seed', () => {
		fc.assert(
			fc.property(fc.constantFrom(...drillKinds), seeds, (kind, seed) => {
				const card = drillCard(kind, bag, seed)!;
				expect(card.choices.length).toBeGreaterThan(1);
				expect(card.choices.length).toBeLessThan(5);
				expect(new Set(card.choices).size).toBe(card.choices.length);
				expect(card.choices[card.right]).toBeDefined();
				expect(`${card.question} ${card.why} ${card.choices}`).not.toMatch(/NaN|undefined|Infinity/);
				expect(drillCard(kind, bag, seed)).toEqual(card);
			})
		);
	});

	// Source: APEX: settings of the same EV = log2(N²/t) are equivalent.
	it('of equivalent settings keep the EV', () => {
		const secondsOf = (text: string) => {
			const [, over, whole] = /(?:1\/)([\d.]+)|([\d.]+)/.exec(text)!;
			return over ? 1 / Number(over) : Number(whole);
		};
		const nominal = [2.8, 4, 5.6, 8, 11, 16, 22];
		fc.assert(
			fc.property(seeds, (seed) => {
				const { question, choices, right } = drillCard('equivalent', bag, seed)!;
				const [from, to] = [...question.matchAll(/f\/([\d.]+)/g)].map(([, f]) => nominal.indexOf(Number(f)));
				const given = secondsOf(/at (.+?) is right/.exec(question)![1]);
				const stops = Math.log2(secondsOf(choices[right]) / given);
				expect(Math.abs(stops - (to - from)), question).toBeLessThan(0.2);
			})
		);
	});

	it('of the wheel turn toward lighten where the print is too dark', () => {
		const cards = Array.from({ length: 60 }, (_, seed) => drillCard('wheel', bag, seed + 1)!);
		for (const { question, choices, right } of cards) {
			if (question.includes('too dark')) expect(choices[right]).toBe('toward lighten');
			if (question.includes('too light')) expect(choices[right]).toBe('toward darken');
		}
		expect(cards.some(({ question }) => question.includes('too dark'))).toBe(true);
	});

	// Source: the definition of density: ND 0.9 is 0.9 / log10 2, three stops, so eight times the time.
	it('of a filter of three stops ask for eight times the time', () => {
		const cards = Array.from({ length: 60 }, (_, seed) => drillCard('filter', bag, seed + 1)!);
		const own = cards.filter(({ question }) => question.startsWith('1/125 s') && question.includes('ND 0.9'));
		expect(own.length).toBeGreaterThan(0);
		for (const { choices, right } of own) expect(choices[right]).toBe('1/15 s');
	});

	it('are only those that the bag has something for', () => {
		expect(drillsFor(bag)).toEqual(drillKinds);
		expect(drillsFor({ cameras: [], loaded: [], filters: [] })).toEqual(['equivalent', 'filter']);
	});
});

describe('the schools side by side', () => {
	// Source: the schools' own tables: a sharp shadow is 14.64 to two of them and 15 to the exposure guide.
	it('are each held against what was read', () => {
		const named = { method: 'shadows', school: 'shadow-edge', condition: 'sharp' } as const;
		const compared = schoolsCompared([guess(0, { named, read: { ev: 15, sd: 0, by: 'meter' } })]);
		const of = (school: string) => compared.find((each) => each.school === school)!.error.bias;
		expect(of('shadow-edge')).toBeCloseTo(-0.356, 2);
		expect(of('sky-cover')).toBeCloseTo(-0.356, 2);
		expect(of('exposure-guide')).toBeCloseTo(0, 9);
	});
});

describe('an eye that has not practised', () => {
	// Source: by hand: √(½² + ¼²) = 0.56; common practice: twenty guesses make an eye.
	it('reads less surely, until it has guessed twenty lights', () => {
		expect(untrainedDoubt(0.5, 0)).toBeCloseTo(0.56, 2);
		expect(untrainedDoubt(0.75, 19)).toBeCloseTo(0.79, 2);
		expect(untrainedDoubt(0.5, 20)).toBe(0.5);
	});
});
