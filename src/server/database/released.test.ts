import { gunzipSync } from 'node:zlib';
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { recordSchemas, type RecordKind, type Records } from '$contract/records';
import { check } from '$contract/validate';
import { closeDatabase, DATABASE_FILE, openDatabase } from './open';
import type { Kept, RecordTable } from './record-table';
import { tablesOf, type Tables } from './tables';

/**
 * A database of every released version, made by that version's own code from the history and filled with its demo; beside
 * each, what its own API answered. That is the source of what is expected here.
 */
const FOLDER = new URL('../../../tests/fixtures/released/', import.meta.url);
const versions = readdirSync(FOLDER)
	.filter((name) => name.endsWith('.sqlite.gz'))
	.map((name) => name.replace('.sqlite.gz', ''));

type Plain = Record<string, unknown>;
const unpacked = (name: string) => gunzipSync(readFileSync(new URL(name, FOLDER)));

let folder: string;
beforeEach(() => {
	folder = mkdtempSync(join(tmpdir(), 'released-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

/** What became of names that later versions keep as records, and of words that became measures. */
function asNow(then: unknown, key: string, gear: readonly Plain[]): unknown {
	const named = (kind: string, name: unknown) =>
		gear.find((piece) => piece.type === kind && piece.name === name);
	if (key === 'spoilers')
		return (then as unknown[]).map((each) => (typeof each === 'string' ? { kind: each } : each));
	if (key === 'flashes') return (then as string[]).map((each) => named('flash', each)?.id ?? each);
	if (key === 'filters')
		return (then as unknown[]).map((each) => {
			const piece = typeof each === 'string' ? named('filter', each) : undefined;
			return piece ? { name: piece.name, stops: piece.stops } : each;
		});
	return then;
}

/** Fails unless all that was there is there still; more may have come. */
function expectKept(now: unknown, then: unknown, gear: readonly Plain[], path: string): void {
	if (Array.isArray(then)) {
		expect(now, path).toHaveLength(then.length);
		then.forEach((each, at) => expectKept((now as unknown[])[at], each, gear, `${path}[${at}]`));
	} else if (typeof then === 'object' && then !== null) {
		for (const [key, value] of Object.entries(then)) {
			expectKept((now as Plain | undefined)?.[key], asNow(value, key, gear), gear, `${path}.${key}`);
		}
	} else expect(now, path).toEqual(then);
}

function writeTo({ frames, loads }: Tables): void {
	const [{ version, id: loadId, ...load }] = loads.list(1, 0).items;
	expect(loads.replace(loadId, version, { ...load, note: 'Written by a later version' }).result).toBe(
		'replaced'
	);
	const [{ id, version: _, ...frame }] = frames.list(1, 0).items;
	const next = { ...frame, loadId, number: 9000, takenAt: '2031-01-01T00:00:00+13:00', note: 'Later' };
	expect(frames.create(crypto.randomUUID(), next).result).toBe('created');
	expect(frames.remove(id).result).toBe('removed');
}

describe('a database of an earlier version', () => {
	it('is there for every one that was released', () => {
		expect(versions).toEqual(expect.arrayContaining(['0.1.0', '0.7.0', '0.14.0']));
		expect(versions).toHaveLength(14);
	});

	it.each(versions)('of %s is opened with all that was in it, and written', (version) => {
		writeFileSync(join(folder, DATABASE_FILE), unpacked(`${version}.sqlite.gz`));
		const then = JSON.parse(unpacked(`${version}.json.gz`).toString()) as Record<RecordKind, Kept<Plain>[]>;
		const database = openDatabase(folder);
		const tables = tablesOf(database);
		try {
			const changed = tables.changes.after(0, 10_000);
			expect(changed).toHaveLength(Object.values(then).reduce((sum, { length }) => sum + length, 0));
			for (const kind of Object.keys(then) as RecordKind[]) {
				const table = tables[kind] as unknown as RecordTable<Records[RecordKind]>;
				expect(table.list(1, 0).total, kind).toBe(then[kind].length);
				for (const record of then[kind]) {
					const now = table.get(record.id)!;
					expectKept(now, record, then.gear, `${kind} ${record.id}`);
					const { id: _, version: __, ...plain } = now;
					expect(check(recordSchemas[kind], plain, 'refuse'), `${kind} ${record.id}`).toMatchObject({
						ok: true
					});
				}
			}
			expect(database.pragma('integrity_check', { simple: true })).toBe('ok');
			expect(database.pragma('foreign_key_check')).toEqual([]);
			writeTo(tables);
		} finally {
			closeDatabase(database);
		}
		const again = openDatabase(folder);
		expect(
			tablesOf(again).search.page({ state: 'any', order: 'newest', q: 'later' }, 5, 0).items
		).toMatchObject([{ number: 9000 }]);
		closeDatabase(again);
	});
});
