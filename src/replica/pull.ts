import type { Changes } from '$contract/changes';
import type { Replica } from './database';
import { forget, metaOf, takeIn } from './keep';

/** Changes that are asked for at once. */
const AT_ONCE = 1000;
/** The server has other records than those that are known. */
const GONE = 410;
/** It answers, but not to this device: it has to sign in. */
const NOT_IN = 401;
const PATIENCE_MS = 20_000;

/** What came of asking. */
export type Pulled = 'together' | 'unreachable' | 'not in';

const isChanges = (answer: unknown): answer is Changes =>
	typeof answer === 'object' && answer !== null && 'changes' in answer && 'of' in answer && 'next' in answer;

/** What changed after what is here; null where others' records are there, or why there is nothing of ours. */
async function asked(
	fetch: typeof globalThis.fetch,
	together: { of: string; since: number } | undefined
): Promise<Changes | null | Exclude<Pulled, 'together'>> {
	const query = new URLSearchParams({
		limit: String(AT_ONCE),
		...(together && { since: String(together.since), of: together.of })
	});
	try {
		const response = await fetch(`/api/changes?${query}`, { signal: AbortSignal.timeout(PATIENCE_MS) });
		if (response.status === GONE) return null;
		if (response.status === NOT_IN) return 'not in';
		const answer: unknown = response.ok ? await response.json() : undefined;
		return isChanges(answer) ? answer : 'unreachable';
	} catch {
		return 'unreachable';
	}
}

/**
 * Makes the copy the same as the server's records: page by page, each with how far it goes, so that what is broken off
 * goes on where it was.
 *
 * @param came is told of each page that brought something, by the ids
 */
export async function pull(
	replica: Replica,
	fetch: typeof globalThis.fetch,
	came: (ids: string[]) => void = () => {}
): Promise<Pulled> {
	for (;;) {
		const together = await metaOf(replica, 'together');
		const found = await asked(fetch, together);
		if (typeof found === 'string') return found;
		if (found === null) {
			await forget(replica);
			continue;
		}
		await takeIn(replica, found, Date.now());
		if (found.changes.length > 0) came(found.changes.map(({ id }) => id));
		if (found.next >= found.last || found.changes.length === 0) return 'together';
	}
}
