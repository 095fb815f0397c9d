import Database from 'better-sqlite3';
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { object, string } from 'yup';
import { instant } from '$contract/fields';
import { check } from '$contract/validate';
import { DATABASE_FILE } from '../database/open';
import { tablesOf, type Tables } from '../database/tables';
import { readPicture } from '../pictures/read-picture';
import { compared, type Standing } from './compare';
import { openArchive, NotTaken, type OpenArchive } from './open';
import type { PictureListed } from './form';
import { stagedPictures, type StagedPictures } from './staged-pictures';
import { reportOn, taken, type Conflicts, type Report } from './take';

/** An answer that says in words why there is none. */
export type Looked = { report: Report } | { refused: string };

/** The file in which pictures wait beside an archive. */
const stagedIn = (zip: string) => `${zip}.pictures`;

const pictureSchema = object({
	id: string().uuid().required(),
	name: string().required().max(200),
	owner: string().oneOf(['frame', 'camera']).required(),
	ownerId: string().uuid().required(),
	addedAt: instant().required(),
	file: string().required().max(1000)
});

/** Looks at one picture; one that is new and sound waits to be taken. */
async function lookAt(
	listed: PictureListed,
	open: OpenArchive,
	tables: Tables,
	owners: ReadonlySet<string>,
	staged: StagedPictures
): Promise<{ standing: Standing; why?: string }> {
	const unreadable = (why: string) => ({ standing: 'unreadable' as const, why });
	const checked = check(pictureSchema, listed);
	if (!checked.ok)
		return unreadable(checked.issues.map(({ path, message }) => `${path} ${message}`).join('; '));
	const bytes = await open.picture(listed.file);
	if (!bytes) return unreadable('its file is not in the archive');
	const here = tables.pictures.original(listed.id);
	if (here) return { standing: here.bytes.equals(bytes) ? 'same' : 'conflicting' };
	const ownersHere = listed.owner === 'frame' ? tables.frames : tables.cameras;
	if (!owners.has(listed.ownerId) && !ownersHere.get(listed.ownerId))
		return unreadable(`there is no such ${listed.owner}`);
	const read = await readPicture(listed.name, bytes);
	if ('problem' in read) return unreadable(read.problem);
	const { thumbnail, ...known } = read;
	const { id, name, owner, ownerId, addedAt } = listed;
	staged.put({
		id,
		name,
		owner,
		ownerId,
		addedAt: new Date(addedAt).toISOString(),
		...known,
		original: bytes,
		thumbnail
	});
	return { standing: 'new' };
}

async function refusedInWords(work: () => Promise<Report>): Promise<Looked> {
	try {
		return { report: await work() };
	} catch (error) {
		if (error instanceof NotTaken) return { refused: error.message };
		throw error;
	}
}

/**
 * Looks an archive through and says what it would bring; nothing is taken yet.
 *
 * @param zip the file, beside which its pictures wait
 * @param folder the data folder
 */
export const lookThrough = (zip: string, folder: string): Promise<Looked> =>
	refusedInWords(async () => {
		const open = await openArchive(zip);
		const database = new Database(join(folder, DATABASE_FILE), { readonly: true });
		rmSync(stagedIn(zip), { force: true });
		const staged = stagedPictures(stagedIn(zip));
		try {
			const tables = tablesOf(database);
			const { report, count } = reportOn(open.archive);
			const owners = new Set<string>();
			for (const found of compared(tables, open.archive)) {
				count(found.kind, found);
				if (found.standing !== 'unreadable') owners.add(found.id);
			}
			for (const listed of open.archive.pictures)
				count('pictures', { id: String(listed.id), ...(await lookAt(listed, open, tables, owners, staged)) });
			return report;
		} finally {
			staged.close();
			database.close();
			open.close();
		}
	});

/**
 * Takes an archive that was looked through: all of it that can be read, or nothing.
 *
 * @param conflicts whose records are right where they differ
 */
export const takeArchive = (zip: string, folder: string, conflicts: Conflicts): Promise<Looked> =>
	refusedInWords(async () => {
		const open = await openArchive(zip);
		const database = new Database(join(folder, DATABASE_FILE));
		const staged = stagedPictures(stagedIn(zip));
		try {
			database.pragma('foreign_keys = ON');
			database.pragma('synchronous = FULL');
			return taken(database, open.archive, conflicts, ({ id }) => staged.get(String(id)));
		} finally {
			staged.close();
			database.close();
			open.close();
		}
	});
