import Database from 'better-sqlite3';
import { describe, expect, it } from 'vitest';
import { cameraRecordSchema, filmRecordSchema, frameRecordSchema, loadRecordSchema } from '$contract/records';
import { check } from '$contract/validate';
import { reach } from '$core/match';
import { migrate } from '../database/migrate';
import { tablesOf } from '../database/tables';
import { plantDemo } from './plant';

function planted() {
	const database = new Database(':memory:');
	migrate(database);
	const tables = tablesOf(database);
	plantDemo(tables, new Date('2026-05-03T12:00:00Z'));
	return tables;
}

describe('the demo', () => {
	it('is made of records that the schemas accept', () => {
		const tables = planted();
		const valid = <T extends { id: string; version: number }>(
			schema: Parameters<typeof check>[0],
			records: T[]
		) => {
			expect(records.length).toBeGreaterThan(0);
			for (const { id, version, ...record } of records) {
				expect(version).toBe(1);
				expect(check(schema, record, 'refuse'), id).toMatchObject({ ok: true });
			}
		};
		valid(cameraRecordSchema, tables.cameras.list(100, 0).items);
		valid(filmRecordSchema, tables.films.list(100, 0).items);
		valid(loadRecordSchema, tables.loads.list(100, 0).items);
		valid(frameRecordSchema, tables.frames.list(100, 0).items);
	});

	it('has five or more loaded cameras whose lanes differ', () => {
		const tables = planted();
		const loads = tables.loads.where('in_camera', 1);
		expect(loads.length).toBeGreaterThanOrEqual(5);
		const lanes = loads.map(({ cameraId, filmId }) =>
			JSON.stringify(reach(tables.cameras.get(cameraId)!, tables.films.get(filmId)!).good)
		);
		expect(new Set(lanes).size).toBe(lanes.length);
	});

	it('is planted once and never into a database that has something', () => {
		const tables = planted();
		const before = tables.frames.list(1, 0).total;
		plantDemo(tables, new Date('2026-06-03T12:00:00Z'));
		expect(tables.frames.list(1, 0).total).toBe(before);
	});
});
