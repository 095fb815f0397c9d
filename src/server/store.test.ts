import { mkdtempSync, readdirSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { asyncProperty, assert, array, constantFrom, integer, record } from 'fast-check';
import { setImmediate as turn } from 'node:timers/promises';
import { describe, expect, it } from 'vitest';
import { draws } from '../../tests/fixtures/few';
import { onTheDemo } from '../../tests/fixtures/store-of-demo';
import { PersonStore } from './person-store';
import {
	allOrNone,
	besideRecords,
	dataFolder,
	store,
	storeFromNowOn,
	workingForNobody,
	workingIn
} from './store';

const folder = () => mkdtempSync(join(tmpdir(), 'just-enough-person-'));
const place = (name: string) => ({ name, latitude: 50, longitude: 1 });
const names = () =>
	store()
		.places.list(100, 0)
		.items.map(({ name }) => name)
		.sort();

describe('whose records are worked on', () => {
	onTheDemo();

	it('is theirs, through everything that is waited for, and nobody else’s', async () => {
		const people = [folder(), folder(), folder()];
		const write = (at: number) => async () => {
			for (let n = 0; n < 5; n++) {
				store().places.create(crypto.randomUUID(), place(`${at}: ${n}`));
				await turn();
				expect(dataFolder()).toBe(people[at]);
			}
		};
		await Promise.all(people.map((of, at) => workingIn(of, write(at))));
		for (const [at, of] of people.entries())
			expect(await workingIn(of, names)).toEqual([0, 1, 2, 3, 4].map((n) => `${at}: ${n}`));
	});

	it('is nobody’s for who has not said who they are', () => {
		const asks: (() => unknown)[] = [store, dataFolder, () => allOrNone(() => 1)];
		for (const ask of asks) expect(() => workingForNobody(ask)).toThrow('nobody was signed in');
	});

	it('stays theirs for what goes on after the answer', async () => {
		const [one, other] = [folder(), folder()];
		const tables = await workingIn(one, storeFromNowOn);
		await workingIn(other, () => {
			tables().places.create(crypto.randomUUID(), place('of the one'));
		});
		expect([await workingIn(one, names), await workingIn(other, names)]).toEqual([['of the one'], []]);
	});

	it('keeps what is beside them apart', async () => {
		const kept = besideRecords((of) => ({ of, asked: 0 }));
		const [one, other] = [folder(), folder()];
		for (const of of [one, other, one]) await workingIn(of, () => void kept().asked++);
		expect(await workingIn(one, kept)).toEqual({ of: one, asked: 2 });
		expect(await workingIn(other, kept)).toEqual({ of: other, asked: 1 });
	});

	it('whatever order they come in, each finds exactly what they wrote', async () => {
		let last = 0;
		const step = record({ who: integer({ min: 0, max: 2 }), what: constantFrom('write', 'look', 'fail') });
		await assert(
			asyncProperty(array(step, { maxLength: 20 }), async (steps) => {
				const people = [folder(), folder(), folder()];
				const wrote: string[][] = [[], [], []];
				await Promise.all(
					steps.map(({ who, what }) =>
						workingIn(people[who], async () => {
							await turn();
							const name = String(++last);
							if (what === 'look') return expect(dataFolder()).toBe(people[who]);
							const write = () => {
								store().places.create(crypto.randomUUID(), place(name));
								if (what === 'fail') throw new Error('half way');
							};
							if (what === 'fail') return expect(() => allOrNone(write)).toThrow('half way');
							allOrNone(write);
							wrote[who].push(name);
						})
					)
				);
				for (const [who, of] of people.entries())
					expect(await workingIn(of, names)).toEqual(wrote[who].sort());
			}),
			{ numRuns: draws(10) }
		);
	});
});

describe('the records of one person', () => {
	it('are closed where nobody asks, not where somebody does, and opened again', async () => {
		const of = folder();
		const person = new PersonStore(of, null);
		await person.begin();
		let during: boolean | null = null;
		await person.during(async () => {
			person.closeIdle(0);
			during = person.isOpen;
		});
		expect(during).toBe(true);
		person.closeIdle(60_000);
		expect(person.isOpen).toBe(true);
		person.closeIdle(0);
		expect(person.isOpen).toBe(false);
		// Its one file is all of it.
		expect(readdirSync(of)).toEqual(['just-enough.sqlite']);
		person.tables.places.create(crypto.randomUUID(), place('Slip'));
		expect(person.isOpen).toBe(true);
		person.close();
	});

	it('are backed up daily also where they are closed, once something was written', async () => {
		const of = folder();
		const person = new PersonStore(of, null);
		await person.begin();
		person.tables.places.create(crypto.randomUUID(), place('Slip'));
		person.close();
		await person.daily();
		expect(person.safekeeping.state().backups).toHaveLength(1);
		await person.daily();
		expect(person.safekeeping.state().backups).toHaveLength(1);
	});
});
