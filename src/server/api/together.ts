import { togetherSchema, type TogetherAsked } from '$contract/together';
import type { RecordTable } from '../database/record-table';
import { store } from '../store';
import { allTogether, NotAll } from './all-together';
import { onlyAllow, problem } from './answers';
import { guarded } from './guarded';
import { readChecked } from './read-json';

const whys: Readonly<Record<string, string>> = {
	missing: 'is not there any more',
	stale: 'was changed since',
	'in-use': 'is used by other records, or has pictures'
};

/** Takes records away: all of them, or none. */
const POST = guarded(async ({ request }) => {
	const read = await readChecked(request, togetherSchema);
	if ('answer' in read) return read.answer;
	const { records } = read.asked as TogetherAsked;
	return allTogether(() => {
		for (const { kind, id, version } of records) {
			const table = store()[kind] as unknown as RecordTable<object>;
			const { result } = table.remove(id.toLowerCase(), version);
			if (result !== 'removed') throw new NotAll(problem(409, `One of the ${kind} ${whys[result]}`));
		}
		return new Response(null, { status: 204 });
	});
});

export const togetherHandlers = { POST, fallback: onlyAllow('POST') };
