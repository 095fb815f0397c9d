import type { Records } from '$contract/records';
import * as api from './api';
import { PATIENCE_MS, type Kept, type Kind, type Written } from './api';
import { carried } from './carried';
import { changes } from './changes.svelte';
import { outbox } from './outbox.svelte';
import { server } from './reach.svelte';

/** The one place through which the interface writes: on the server; where that does not answer, here, and there later. */

export type { Kept, Kind, Written } from './api';
export { read } from './api';

/** Records that are asked for at once. */
const A_PAGE = 200;

/** What was asked of the server; where it does not answer, or what came before waits still, done here instead. */
async function orHere<T>(ask: () => Promise<Written<T>>, here: () => Promise<Written<T> | null>) {
	const before = changes.waits ? await here() : null;
	if (before) return before;
	const written = await ask();
	if (written.result !== 'unreachable' || written.answered) return written;
	const kept = await here();
	if (kept) server.set(true);
	return kept ?? written;
}

/** Creates a record under an id made here; sending it again is harmless. */
export const create = <K extends Kind>(
	kind: K,
	id: string,
	record: Records[K]
): Promise<Written<Records[K]>> =>
	orHere(
		() => api.create(kind, id, record),
		() => changes.keep(kind, id, { act: 'create', record: { ...record, id, version: 0 } })
	);

/** Replaces a record, naming the version that was read. */
export async function replace<K extends Kind>(
	kind: K,
	record: Kept<Records[K]>
): Promise<Written<Records[K]>> {
	let changed = record;
	if (outbox.has(record.id)) {
		const { id, version: _, ...rest } = record;
		if (await outbox.change<K>(id, rest as unknown as Records[K])) return { result: 'saved', record };
		changed = await asArrived(kind, record);
	}
	return orHere(
		() => api.replace(kind, changed),
		() => changes.keep(kind, record.id, { act: 'replace', record: changed })
	);
}

/** What was changed while it was on its way: under the version that it has there, a frame by its number there. */
async function asArrived<K extends Kind>(kind: K, record: Kept<Records[K]>): Promise<Kept<Records[K]>> {
	const there = await api.read(kind, record.id);
	if (there.result !== 'saved') return record;
	const { version } = there.record;
	const number = 'number' in there.record ? { number: there.record.number } : {};
	return { ...record, ...number, version };
}

/** Deletes a record, naming the version that was read: one that was changed elsewhere since stays. Without one, whatever it is by now. */
export async function remove(kind: Kind, record: { id: string; version?: number }): Promise<Written<never>> {
	// What was never acknowledged may have arrived all the same: it is deleted there, whatever it is by now.
	const waits = outbox.has(record.id);
	const removed = await orHere<never>(
		() => api.remove(kind, waits ? { id: record.id } : record),
		() => changes.keep(kind, record.id, { act: 'remove' })
	);
	const gone = removed.result === 'saved' || (waits && removed.result === 'refused');
	if (!waits || !gone) return removed;
	await outbox.drop(record.id);
	return { result: 'saved', record: undefined as never };
}

async function framesThere(load: string): Promise<Kept<Records['frames']>[] | null> {
	const all: Kept<Records['frames']>[] = [];
	let after: string | null = '';
	while (after !== null) {
		const query: URLSearchParams = new URLSearchParams({
			load,
			limit: String(A_PAGE),
			...(after && { after })
		});
		const page: Page<Kept<Records['frames']>> | null = await listed(`/api/frames?${query}`);
		if (!page) return null;
		all.push(...page.items);
		after = page.next;
	}
	return all;
}

/** The frames of a load: all of them; null where the server isn’t answering, and they are not here. */
export async function framesOf(load: string): Promise<Kept<Records['frames']>[] | null> {
	return (await framesThere(load)) ?? (await carried.records())?.frames.ofLoad(load) ?? null;
}

interface Page<T> {
	items: T[];
	next: string | null;
}

async function listed<T>(path: string): Promise<Page<T> | null> {
	try {
		const response = await fetch(path, { signal: AbortSignal.timeout(PATIENCE_MS) });
		return response.ok ? await response.json() : null;
	} catch {
		return null;
	}
}

/** Why a record that was to be deleted is still there, where it is not in use. */
export const keptInWords = ({ result }: Written<never>): string =>
	result === 'stale'
		? 'Not deleted: it was changed elsewhere since you opened it here.'
		: 'Not deleted: the server isn’t answering.';
