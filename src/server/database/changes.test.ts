import fc from 'fast-check';
import Database from 'better-sqlite3';
import { beforeEach, describe, expect, it } from 'vitest';
import type { RecordKind } from '$contract/records';
import { colourNegative400, fixedCamera } from '../../../tests/fixtures/bag';
import { draws } from '../../../tests/fixtures/few';
import { migrate } from './migrate';
import { tablesOf, type Tables } from './tables';

let database: Database.Database;
let tables: Tables;
beforeEach(() => {
	database = new Database(':memory:');
	database.pragma('foreign_keys = ON');
	migrate(database);
	tables = tablesOf(database);
});

/** A copy elsewhere: it knows what it was told, and from where on it asks next. */
class Copy {
	readonly records = new Map<string, unknown>();
	private since = 0;

	/** One answer of so many changes; whether there was anything. */
	pull(limit: number): boolean {
		const found = tables.changes.after(this.since, limit);
		for (const { seq, kind, id, deleted } of found) {
			expect(seq).toBeGreaterThan(this.since);
			this.since = seq;
			if (deleted) this.records.delete(`${kind} ${id}`);
			else this.records.set(`${kind} ${id}`, tables[kind].get(id));
		}
		return found.length > 0;
	}
}

const kinds = ['cameras', 'films', 'loads', 'frames'] as const satisfies RecordKind[];
const here = () =>
	new Map(
		kinds.flatMap((kind) =>
			tables[kind].list(1000, 0).items.map((record) => [`${kind} ${record.id}`, record] as const)
		)
	);

const IDS = Array.from({ length: 2 }, (_, at) => `5f3e0a5c-7a52-4f65-8b0a-2d9f4c1e6a3${at}`);
type Step =
	| {
			act: 'add' | 'change' | 'remove' | 'rig';
			kind: (typeof kinds)[number];
			id: string;
			of: string;
			word: string;
	  }
	| { act: 'pull'; limit: number };
const steps: fc.Arbitrary<Step[]> = fc.array(
	fc.oneof(
		{
			weight: 4,
			arbitrary: fc.record({
				act: fc.constantFrom('add', 'change', 'remove', 'rig'),
				kind: fc.constantFrom(...kinds),
				id: fc.constantFrom(...IDS),
				of: fc.constantFrom(...IDS),
				word: fc.string({ maxLength: 5 })
			})
		},
		{
			weight: 1,
			arbitrary: fc.record({ act: fc.constant('pull' as const), limit: fc.integer({ min: 1, max: 3 }) })
		}
	),
	{ maxLength: 40 }
);

/** Does one step, or finds that it cannot be done: a camera that is used stays, a load needs one. */
function does(step: Exclude<Step, { act: 'pull' }>): void {
	const { act, kind, id, of, word } = step;
	const records = {
		cameras: fixedCamera({ name: `A ${word}` }),
		films: { ...colourNegative400, name: `A ${word}` },
		loads: {
			cameraId: of,
			filmId: of,
			frames: 8,
			loadedAt: '2026-05-02T10:00:00Z',
			unloadedAt: '2026-05-03T10:00:00Z',
			note: word
		},
		frames: {
			loadId: of,
			number: 1,
			takenAt: '2026-05-02T10:00:00Z',
			light: null,
			predicted: null,
			note: word,
			settings: { f: 11, seconds: 0.01, compensation: null, iso: null }
		}
	};
	const table = tables[kind] as Tables['frames'];
	const record = records[kind] as never;
	if (act === 'add') table.create(id, record);
	else if (act === 'change') table.replace(id, table.get(id)?.version ?? 1, record);
	else if (act === 'remove') table.remove(id);
	else if (tables.loads.get(id)) tables.loads.setAside(id, 'rig', { filters: [] });
}

describe('what changed since', () => {
	it('makes any copy the same again, whatever was done and wherever it stood', () => {
		let done = 0;
		fc.assert(
			fc.property(steps, (all) => {
				for (const kind of [...kinds].reverse())
					for (const { id } of tables[kind].list(1000, 0).items) tables[kind].remove(id);
				const before = tables.changes.last();
				const [often, once] = [new Copy(), new Copy()];
				for (const step of all) {
					if (step.act === 'pull') often.pull(step.limit);
					else does(step);
				}
				done += tables.changes.last() - before;
				while (often.pull(2));
				while (once.pull(1000));
				expect(often.records).toEqual(here());
				expect(once.records).toEqual(here());
			}),
			{ numRuns: draws(100) }
		);
		// Not all of it was refused.
		expect(done).toBeGreaterThan(draws(100) / 2);
	});

	it('is one row a record, and a name of what was deleted; a number is never given again', () => {
		const [id] = IDS;
		tables.cameras.create(id, fixedCamera({ name: 'One' }));
		tables.cameras.replace(id, 1, fixedCamera({ name: 'Two' }));
		const [changed] = tables.changes.after(0, 9);
		expect(changed).toMatchObject({ kind: 'cameras', id, deleted: 0 });
		tables.cameras.remove(id);
		const all = tables.changes.after(0, 9);
		expect(all).toEqual([{ kind: 'cameras', id, deleted: 1, seq: changed.seq + 1 }]);
		expect(tables.changes.last()).toBe(changed.seq + 1);
		database.exec('DELETE FROM changes');
		tables.cameras.create(id, fixedCamera({ name: 'Again' }));
		expect(tables.changes.last()).toBe(changed.seq + 2);
	});

	it('is not there where the write was given up', () => {
		const writes = database.transaction(() => {
			tables.cameras.create(IDS[0], fixedCamera());
			throw new Error('given up');
		});
		expect(writes).toThrow('given up');
		expect(tables.changes.after(0, 9)).toEqual([]);
	});

	it('has another name where the database is another one', () => {
		const before = tables.changes.lineage();
		expect(before).toMatch(/^[0-9a-f]{32}$/);
		tables.changes.beginAnew();
		expect(tables.changes.lineage()).not.toBe(before);
	});
});
