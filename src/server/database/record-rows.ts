import { isDeepStrictEqual } from 'node:util';
import type { Stored } from '$contract/records';

/** How records lie in rows: the body is the record as JSON, beside it what is searched, joined on or written by itself. */

export type Row = { id: string; version: number; body: string } & Record<string, string | number | null>;

/** Records from rows, with the fields that lie beside their bodies. */
export const keeper =
	<T>(aside: readonly string[]) =>
	(row: Row): T & Stored => {
		const beside = aside.flatMap((field) => (row[field] ? [[field, JSON.parse(String(row[field]))]] : []));
		const { id, version, body } = row;
		return { ...(JSON.parse(body) as T), ...Object.fromEntries(beside), id, version };
	};

/** A record without the fields that are written by themselves. */
export const bodyOf = <T extends object>(record: T, aside: readonly string[]): object =>
	Object.fromEntries(Object.entries(record).filter(([field]) => !aside.includes(field)));

/** Whether a row's body is just this. */
export const same = (row: Row, body: object) =>
	isDeepStrictEqual(JSON.parse(row.body), JSON.parse(JSON.stringify(body)));

/** The fields that are written by themselves, as their columns have them. */
export const besideOf = (record: object, aside: readonly string[]): Record<string, string | null> =>
	Object.fromEntries(
		aside.map((field) => {
			const value = (record as Readonly<Record<string, unknown>>)[field];
			return [field, value === undefined ? null : JSON.stringify(value)];
		})
	);
