import { readdirSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { whichStay } from './which-stay';

/** Backups lie beside the database, in a folder of their own. */
export const BACKUPS = 'backups';

const NAME = /^just-enough-(\d{4}-\d{2}-\d{2})T(\d{2})-(\d{2})-(\d{2})-(\d{3})Z\.sqlite$/;
/** One that is still being made, or was not finished. */
export const UNFINISHED = '.part';

/** A backup as it lies in its folder. */
export interface Backup {
	name: string;
	/** When it was made, ms. */
	at: number;
	bytes: number;
}

/**
 * The name of a backup: when it was made, in UTC, as every file system takes it.
 *
 * @param at ms
 * @example nameOf(0) // 'just-enough-1970-01-01T00-00-00-000Z.sqlite'
 */
export const nameOf = (at: number): string =>
	`just-enough-${new Date(at).toISOString().replace(/[:.]/g, '-')}.sqlite`;

/** When a backup was made, by its name; null where it is none. */
export function madeAt(name: string): number | null {
	const [, day, hours, minutes, seconds, ms] = NAME.exec(name) ?? [];
	return day === undefined ? null : Date.parse(`${day}T${hours}:${minutes}:${seconds}.${ms}Z`);
}

/** What lies in a folder; nothing in one that is not there, or that cannot be read. */
function namesIn(folder: string): string[] {
	try {
		return readdirSync(folder);
	} catch {
		return [];
	}
}

/** The backups of a folder, the newest first. */
export function backupsIn(folder: string): Backup[] {
	return namesIn(folder)
		.flatMap((name) => {
			const at = madeAt(name);
			return at === null ? [] : [{ name, at, bytes: statSync(join(folder, name)).size }];
		})
		.toSorted((a, b) => b.at - a.at);
}

/** Takes away what need not stay, and what was not finished. */
export function tidy(folder: string): void {
	const stay = new Set(whichStay(backupsIn(folder).map(({ at }) => at)));
	for (const name of readdirSync(folder)) {
		const at = madeAt(name);
		const goes = at === null ? madeAt(name.replace(UNFINISHED, '')) !== null : !stay.has(at);
		if (goes) rmSync(join(folder, name), { force: true });
	}
}
