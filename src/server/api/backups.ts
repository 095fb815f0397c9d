import { json } from '@sveltejs/kit';
import { NotRestored } from '../safekeeping/restore';
import type { Backup } from '../safekeeping/folder';
import { restoreStore, safekeeping } from '../store';
import { notFound, onlyAllow, problem } from './answers';
import { guarded } from './guarded';

const told = ({ name, at, bytes }: Backup) => ({ name, at: new Date(at).toISOString(), bytes });

/** Backups as the API tells of them. */
export function backupsTold() {
	const { folder, second, failed, backups } = safekeeping().state();
	return {
		folder,
		second,
		failed: failed && { at: new Date(failed.at).toISOString(), why: failed.why },
		items: backups.map(told)
	};
}

const GET = guarded(() => json(backupsTold()));

/** Makes one now. */
const POST = guarded(async () => {
	const made = await safekeeping().backUp();
	const failed = safekeeping().failed();
	if (made && !failed) return json(told(made), { status: 201 });
	return problem(507, `The backup was not made${made ? ' everywhere' : ''}. ${failed?.why ?? ''}`.trim());
});

export const backupHandlers = { GET, POST, fallback: onlyAllow('GET', 'POST') };

/** Puts one in the database's place. */
const restore = guarded(async ({ params }) => {
	const file = safekeeping().fileOf(params.name ?? '');
	if (!file) return notFound('backup');
	try {
		return json({ aside: await restoreStore(file) });
	} catch (error) {
		if (error instanceof NotRestored) return problem(422, error.message);
		throw error;
	}
});

export const restoreHandlers = { POST: restore, fallback: onlyAllow('POST') };
