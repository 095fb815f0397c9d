import { json } from '@sveltejs/kit';
import {
	changesSchema,
	USUAL_CHANGES,
	type Change,
	type Changes,
	type ChangesAsked
} from '$contract/changes';
import type { ChangedRow } from '../database/changes';
import { book } from '../door/books';
import { store, storeFromNowOn } from '../store';
import { onlyAllow, problem } from './answers';
import { STREAM, streamOf } from './change-stream';
import { guarded } from './guarded';

const OTHERS = 'A backup was restored, so these are different records. Start again from the beginning.';

/** What changed after one of all changes, so many at most. */
export function changesAfter(since: number, limit: number, tables = store()): Changes {
	const { changes } = tables;
	const found = changes.after(since, limit);
	const told = ({ seq, kind, id, deleted }: ChangedRow) => ({
		seq,
		kind,
		id,
		...(deleted ? { deleted: true } : { record: tables[kind].get(id) })
	});
	return {
		of: changes.lineage(),
		changes: found.map(told) as Change[],
		next: found.at(-1)?.seq ?? since,
		last: changes.last()
	};
}

/** What changed since, page by page: what a copy elsewhere needs to be the same again; or as it changes, for who listens. */
const GET = guarded<ChangesAsked>(({ request, locals }, { since = 0, of, limit = USUAL_CHANGES }) => {
	const { changes } = store();
	const lineage = changes.lineage();
	if ((of !== undefined && of !== lineage) || since > changes.last()) return problem(410, OTHERS);
	const listens = request.method === 'GET' && request.headers.get('accept')?.includes(STREAM);
	if (!listens) return json(changesAfter(since, limit));
	const pass = locals.entrant?.pass;
	const tables = storeFromNowOn();
	return streamOf(since, lineage, {
		tables,
		after: (seq) => changesAfter(seq, limit, tables()),
		isIn: () => pass === undefined || book().knows(pass)
	});
}, changesSchema);

export const changesHandlers = { GET, fallback: onlyAllow('GET') };
