import { env } from 'node:process';
import type Database from 'better-sqlite3';
import { closeDatabase, openDatabase } from './database/open';
import { tablesOf, type Tables } from './database/tables';
import { plantDemo } from './demo/plant';

const DEFAULT_FOLDER = 'data';

let opened: { database: Database.Database; tables: Tables } | undefined;

/** Opens the database once, at start; with the demo asked for, fills an empty one. */
export function openStore(): void {
	const database = openDatabase(env.JUST_ENOUGH_DATA ?? DEFAULT_FOLDER);
	const tables = tablesOf(database);
	if (env.JUST_ENOUGH_DEMO === '1') database.transaction(() => plantDemo(tables, new Date()))();
	opened = { database, tables };
}

/** The tables of the opened database. */
export function store(): Tables {
	if (!opened) openStore();
	return opened!.tables;
}

/** Closes the database, when nothing asks any more: its file alone is then all of it. */
export function closeStore(): void {
	if (opened) closeDatabase(opened.database);
	opened = undefined;
}

/** Whether the database answers. */
export function storeAnswers(): boolean {
	store();
	return opened!.database.prepare('SELECT 1').get() !== undefined;
}
