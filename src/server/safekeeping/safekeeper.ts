import { join } from 'node:path';
import { DATABASE_FILE } from '../database/open';
import { backupsIn, BACKUPS, nameOf, type Backup } from './folder';
import type { BackupAsked } from './make';

const DAY_MS = 86_400_000;

/** A backup that was not made, with why. */
export interface Failure {
	at: number;
	why: string;
}

/** How the records are kept safe. */
export interface Safekeeping {
	folder: string;
	/** A second folder, on another disk, if one was named. */
	second: string | null;
	failed: Failure | null;
	backups: Backup[];
}

const wordsOf = (error: unknown): string => {
	const { code = '', message } = error as { code?: string; message: string };
	if (['ENOSPC', 'SQLITE_FULL'].includes(code)) return 'The disk is full.';
	if (['EACCES', 'EROFS', 'EPERM', 'SQLITE_READONLY', 'SQLITE_CANTOPEN'].includes(code))
		return 'The backup folder isn’t writable.';
	return /^E[A-Z]+$/.test(code) ? `The backup folder can’t be used (${code}).` : message;
};

/**
 * Makes backups of a data folder's database, one at a time, and tells how the last one went.
 *
 * @param data the data folder
 * @param second another folder for a copy of each
 * @param makeBackup makes one that was looked through: beside the server where it may
 */
export function safekeeper(
	data: string,
	second: string | null,
	makeBackup: (asked: BackupAsked) => Promise<unknown>
) {
	const folder = join(data, BACKUPS);
	let failed: Failure | null = null;
	let going: Promise<Backup | null> | null = null;

	async function make(): Promise<Backup | null> {
		const name = nameOf(Date.now());
		try {
			await makeBackup({ database: join(data, DATABASE_FILE), folder, name, second });
			failed = null;
		} catch (error) {
			failed = { at: Date.now(), why: wordsOf(error) };
		}
		return backupsIn(folder).find((each) => each.name === name) ?? null;
	}

	/** Makes one now; null where it failed, and `failed` says why. */
	const backUp = (): Promise<Backup | null> =>
		(going ??= make().finally(() => {
			going = null;
		}));

	return {
		backUp,
		/** Makes one where the last is a day old, or was not made. */
		async daily(): Promise<void> {
			const [last] = backupsIn(folder);
			if (!failed && last && Date.now() - last.at < DAY_MS) return;
			await backUp();
		},
		failed: () => failed,
		state: (): Safekeeping => ({ folder, second, failed, backups: backupsIn(folder) }),
		/** The file of a backup by its name; null where there is none of that name. */
		fileOf(name: string): string | null {
			return backupsIn(folder).some((each) => each.name === name) ? join(folder, name) : null;
		}
	};
}

export type Safekeeper = ReturnType<typeof safekeeper>;
