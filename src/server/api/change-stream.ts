import { setTimeout as pause } from 'node:timers/promises';
import type { Changes } from '$contract/changes';
import type { Tables } from '../database/tables';

export const STREAM = 'text/event-stream';
/** How often it is looked whether something changed, ms: one row of an index is read. */
const LOOK_MS = 200;
/** Something is said so often where nothing changes, ms: who hears nothing for longer knows that nobody is there. */
const SIGN_MS = 15_000;

/** Whoever serves says so when the server is about to end: nobody is to listen on. */
const ENDING = 'just-enough:ending';
const ending = new AbortController();
process.once(ENDING, () => ending.abort());

interface Teller {
	/** Whose records they are: the stream goes on when the request is long answered. */
	tables: () => Tables;
	/** What changed after one of all changes. */
	after: (since: number) => Changes;
	/** Whether who listens is still let in. */
	isIn: () => boolean;
}

/** Waits for a change after one of all; null where others' records are here by then, or the server ends. */
async function next(
	since: number,
	of: string,
	{ tables, after, isIn }: Teller,
	left: AbortSignal
): Promise<Changes | 'nothing' | null> {
	const until = Date.now() + SIGN_MS;
	while (Date.now() < until) {
		if (left.aborted || ending.signal.aborted || !isIn() || tables().changes.lineage() !== of) return null;
		if (tables().changes.last() > since) return after(since);
		await pause(LOOK_MS);
	}
	return 'nothing';
}

/**
 * What changes, as it does: server-sent events, each a page of changes, numbered by the last of them.
 *
 * @param teller what is told, and as long as what
 */
export function streamOf(since: number, of: string, teller: Teller): Response {
	const encoder = new TextEncoder();
	const left = new AbortController();
	let told = since;
	const stream = new ReadableStream<Uint8Array>({
		start: (controller) => controller.enqueue(encoder.encode('retry: 1000\n\n')),
		async pull(controller) {
			// A database that is just being restored is no longer the one that was listened to.
			const found = await next(told, of, teller, left.signal).catch(() => null);
			if (left.signal.aborted) return;
			if (found === null) return controller.close();
			if (found === 'nothing') return controller.enqueue(encoder.encode('event: sign\ndata: {}\n\n'));
			told = found.next;
			controller.enqueue(encoder.encode(`id: ${told}\ndata: ${JSON.stringify(found)}\n\n`));
		},
		cancel: () => left.abort()
	});
	return new Response(stream, {
		headers: { 'content-type': STREAM, 'cache-control': 'no-cache, no-transform' }
	});
}
