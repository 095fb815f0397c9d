import isEqual from 'fast-deep-equal';
import type { RecordKind, Records, Stored } from '$contract/records';
import type { Rig } from '$contract/rigs';
import type { Issue } from '$contract/validate';
import { isTurnedAway } from './reach.svelte';
import { forWhom } from './whose';

/** What is asked of the server, and what it says: one request each. */

export type Kind = RecordKind;
export type Kept<T> = T & Stored;

/** What came of a write; where it is done, what was written. */
export type Answer<T> =
	| { result: 'saved'; record: T }
	| { result: 'invalid'; issues: Issue[] }
	| { result: 'stale'; current: T }
	| { result: 'refused'; message: string; status: number }
	/** Nothing was said of the record: no answer, or one of a server in trouble (answered). */
	| { result: 'unreachable'; answered: boolean };

export type Written<T> = Answer<Kept<T>>;

export const PATIENCE_MS = 10_000;
export const SERVER_IN_TROUBLE = 500;

/** An echo of what was written comes within that time, ms. */
const ECHO_MS = 10_000;
const ownWrites = new Map<string, number>();

/** Notes what is written, the newest last, and forgets what can no longer be heard of. */
function note(id: string): void {
	const now = Date.now();
	ownWrites.delete(id);
	ownWrites.set(id, now);
	for (const [known, at] of ownWrites) {
		if (now - at < ECHO_MS) break;
		ownWrites.delete(known);
	}
}

/** Whether this page wrote a record just now: what is heard of it is no news. */
export const isOwn = (id: string): boolean => Date.now() - (ownWrites.get(id) ?? 0) < ECHO_MS;

/** Only the record itself says that it is saved. */
function recordIn<T>(answer: unknown): T | undefined {
	const { id, version } = (answer ?? {}) as Record<string, unknown>;
	return typeof id === 'string' && typeof version === 'number' ? (answer as T) : undefined;
}

async function write<T>(
	method: string,
	path: string,
	body?: unknown,
	writtenIn: (answer: unknown) => T | undefined = recordIn
): Promise<Answer<T>> {
	try {
		const response = await fetch(path, {
			method,
			body: body === undefined ? undefined : JSON.stringify(body),
			headers: { ...forWhom, ...(body !== undefined && { 'content-type': 'application/json' }) },
			signal: AbortSignal.timeout(PATIENCE_MS)
		});
		if (response.status >= SERVER_IN_TROUBLE) return { result: 'unreachable', answered: true };
		// Who was signed out keeps what waits, until this device is in again.
		if (isTurnedAway(response)) return { result: 'unreachable', answered: false };
		if (response.status === 204) return { result: 'saved', record: undefined as never };
		return answerOf(response.ok, response.status, await response.json(), writtenIn);
	} catch {
		return { result: 'unreachable', answered: false };
	}
}

/** What an answer says of what was written. */
function answerOf<T>(
	ok: boolean,
	status: number,
	answer: unknown,
	writtenIn: (answer: unknown) => T | undefined
): Answer<T> {
	const { issues, current, message } = (answer ?? {}) as Record<string, unknown>;
	const written = ok ? writtenIn(answer) : undefined;
	if (written !== undefined) return { result: 'saved', record: written };
	if (status === 422 && Array.isArray(issues)) return { result: 'invalid', issues: issues as Issue[] };
	if (status === 409 && current) return { result: 'stale', current: current as T };
	if (!ok && typeof message === 'string') return { result: 'refused', message, status };
	// Something else answered in the server's place, such as the sign-in page of a network.
	return { result: 'unreachable', answered: false };
}

/** The same to the letter; a frame may have been given another number, as it met another one. */
function isSame(kind: Kind, there: object, made: object): boolean {
	const free = kind === 'frames' ? { number: 0 } : {};
	return isEqual({ ...there, ...free }, { ...made, ...free });
}

/**
 * Creates a record under an id made here; sending it again is harmless. What is there already, the same, is saved,
 * whoever sent it.
 */
export async function create<K extends Kind>(
	kind: K,
	id: string,
	record: Records[K]
): Promise<Written<Records[K]>> {
	note(id);
	const said = await write<Kept<Records[K]>>('POST', `/api/${kind}`, { ...record, id });
	if (said.result !== 'stale') return said;
	const { id: _, version: _version, ...there } = said.current;
	const same = isSame(kind, there, JSON.parse(JSON.stringify(record)) as object);
	return same ? { result: 'saved', record: said.current } : said;
}

type Frame = Records['frames'];

const framesIn = (answer: unknown): Kept<Frame>[] | undefined => {
	const { items } = (answer ?? {}) as { items?: unknown };
	return Array.isArray(items) ? (items as Kept<Frame>[]) : undefined;
};

/** Keeps frames of which others were given the numbers meanwhile: the server numbers them in order of time. */
export function keepInOrder(frames: readonly (Frame & { id: string })[]): Promise<Answer<Kept<Frame>[]>> {
	for (const { id } of frames) note(id);
	return write('POST', '/api/frames/in-order', { frames }, framesIn);
}

/** A record as it is now: `saved` with it, refused where there is none. */
export function read<K extends Kind>(kind: K, id: string): Promise<Written<Records[K]>> {
	return write('GET', `/api/${kind}/${id}`);
}

/** Replaces a record, naming the version that was read. */
export function replace<K extends Kind>(kind: K, record: Kept<Records[K]>): Promise<Written<Records[K]>> {
	note(record.id);
	return write('PUT', `/api/${kind}/${record.id}`, record);
}

/** Writes what is on the camera of a load. */
export function writeRig(loadId: string, rig: Rig): Promise<Written<Records['loads']>> {
	note(loadId);
	return write('PUT', `/api/loads/${loadId}/rig`, rig);
}

/** Deletes a record, naming the version that was read: one that was changed elsewhere since stays. Without one, whatever it is by now. */
export function remove(
	kind: Kind,
	{ id, version }: { id: string; version?: number }
): Promise<Written<never>> {
	note(id);
	return write('DELETE', `/api/${kind}/${id}${version === undefined ? '' : `?version=${version}`}`);
}

/** Deletes a picture. */
export const removePicture = (id: string): Promise<Written<never>> => write('DELETE', `/api/pictures/${id}`);
