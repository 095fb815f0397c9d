import { json } from '@sveltejs/kit';
import {
	changesSchema,
	USUAL_CHANGES,
	type Change,
	type Changes,
	type ChangesAsked
} from '$contract/changes';
import { store } from '../store';
import { onlyAllow, problem } from './answers';
import { guarded } from './guarded';

const OTHERS = 'These are other records than those: a backup was restored. Ask again from the beginning.';

/** What changed since, page by page: what a copy elsewhere needs to be the same again. */
const GET = guarded<ChangesAsked>((_, { since = 0, of, limit = USUAL_CHANGES }) => {
	const tables = store();
	const { changes } = tables;
	const lineage = changes.lineage();
	if ((of !== undefined && of !== lineage) || since > changes.last()) return problem(410, OTHERS);
	const found = changes.after(since, limit);
	const answer: Changes = {
		of: lineage,
		changes: found.map(({ seq, kind, id, deleted }): Change => {
			const named = { seq, kind, id };
			return deleted ? { ...named, deleted: true } : { ...named, record: tables[kind].get(id)! };
		}),
		next: found.at(-1)?.seq ?? since
	};
	return json(answer);
}, changesSchema);

export const changesHandlers = { GET, fallback: onlyAllow('GET') };
