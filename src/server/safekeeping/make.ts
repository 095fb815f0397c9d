import { createHash } from 'node:crypto';
import {
	constants,
	copyFileSync,
	createReadStream,
	existsSync,
	mkdirSync,
	renameSync,
	rmSync
} from 'node:fs';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { copyChecked, settled, settledList, type Counts } from './copy';
import { tidy, UNFINISHED } from './folder';

async function digest(file: string): Promise<string> {
	const hash = createHash('sha256');
	await pipeline(createReadStream(file), hash);
	return hash.digest('hex');
}

/** Copies a backup into the second folder, which must be there: a disk that is not plugged in is not made up. */
async function alsoTo(second: string, disk: string, from: string, name: string): Promise<void> {
	if (!existsSync(disk)) throw new Error(`The second folder ${disk} is not there.`);
	mkdirSync(second, { recursive: true });
	const unfinished = join(second, `${name}${UNFINISHED}`);
	rmSync(unfinished, { force: true });
	copyFileSync(join(from, name), unfinished, constants.COPYFILE_EXCL);
	settled(unfinished);
	if ((await digest(unfinished)) !== (await digest(join(from, name))))
		throw new Error(`The copy in ${second} is not the same.`);
	renameSync(unfinished, join(second, name));
	settledList(second);
	tidy(second);
}

/** What a backup is made of, and where it goes. */
export interface BackupAsked {
	database: string;
	folder: string;
	name: string;
	/** Another folder for a copy of it. */
	second: string | null;
	/** The folder on the other disk that has to be there; the second one itself if not given. */
	disk?: string;
}

/**
 * Makes a backup that was looked through, and takes away those that need not stay.
 *
 * @throws Error in words where it could not be made, or not copied to the second folder
 */
export async function makeBackup({ database, folder, name, second, disk }: BackupAsked): Promise<Counts> {
	mkdirSync(folder, { recursive: true });
	const counts = await copyChecked(database, join(folder, name));
	tidy(folder);
	if (second !== null) await alsoTo(second, disk ?? second, folder, name);
	return counts;
}
