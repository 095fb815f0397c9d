import isEqual from 'fast-deep-equal';
import type { RecordKind, Records, Stored } from '$contract/records';
import type { Rig } from '$contract/rigs';
import type { Issue } from '$contract/validate';

/** What is asked of the server, and what it says: one request each. */

export type Kind = RecordKind;
export type Kept<T> = T & Stored;

export type Written<T> =
	| { result: 'saved'; record: Kept<T> }
	| { result: 'invalid'; issues: Issue[] }
	| { result: 'stale'; current: Kept<T> }
	| { result: 'refused'; message: string; status: number }
	/** Nothing was said of the record: no answer, or one of a server in trouble (answered). */
	| { result: 'unreachable'; answered: boolean };

export const PATIENCE_MS = 10_000;
export const SERVER_IN_TROUBLE = 500;

async function write<T>(method: string, path: string, body?: unknown): Promise<Written<T>> {
	try {
		const response = await fetch(path, {
			method,
			body: body === undefined ? undefined : JSON.stringify(body),
			headers: body === undefined ? {} : { 'content-type': 'application/json' },
			signal: AbortSignal.timeout(PATIENCE_MS)
		});
		if (response.status >= SERVER_IN_TROUBLE) return { result: 'unreachable', answered: true };
		if (response.status === 204) return { result: 'saved', record: undefined as never };
		return answerOf(response.ok, response.status, await response.json());
	} catch {
		return { result: 'unreachable', answered: false };
	}
}

/** What an answer says of the record; only the record itself says that it is saved. */
function answerOf<T>(ok: boolean, status: number, answer: unknown): Written<T> {
	const { id, version, issues, current, message } = (answer ?? {}) as Record<string, unknown>;
	const isRecord = typeof id === 'string' && typeof version === 'number';
	if (ok && isRecord) return { result: 'saved', record: answer as Kept<T> };
	if (status === 422 && Array.isArray(issues)) return { result: 'invalid', issues: issues as Issue[] };
	if (status === 409 && current) return { result: 'stale', current: current as Kept<T> };
	if (!ok && typeof message === 'string') return { result: 'refused', message, status };
	// Something else answered in the server's place, such as the sign-in page of a network.
	return { result: 'unreachable', answered: false };
}

/**
 * Creates a record under an id made here; sending it again is harmless. What is there already, the same
 * to the letter, is saved, whoever sent it.
 */
export async function create<K extends Kind>(
	kind: K,
	id: string,
	record: Records[K]
): Promise<Written<Records[K]>> {
	const written = await write<Records[K]>('POST', `/api/${kind}`, { ...record, id });
	if (written.result !== 'stale') return written;
	const { id: _, version: _version, ...there } = written.current;
	const same = isEqual(there, JSON.parse(JSON.stringify(record)));
	return same ? { result: 'saved', record: written.current } : written;
}

/** A record as it is now: `saved` with it, refused where there is none. */
export function read<K extends Kind>(kind: K, id: string): Promise<Written<Records[K]>> {
	return write('GET', `/api/${kind}/${id}`);
}

/** Replaces a record, naming the version that was read. */
export function replace<K extends Kind>(kind: K, record: Kept<Records[K]>): Promise<Written<Records[K]>> {
	return write('PUT', `/api/${kind}/${record.id}`, record);
}

/** Writes what is on the camera of a load. */
export function writeRig(loadId: string, rig: Rig): Promise<Written<Records['loads']>> {
	return write('PUT', `/api/loads/${loadId}/rig`, rig);
}

/** Deletes a record, naming the version that was read: one that was changed elsewhere since stays. Without one, whatever it is by now. */
export function remove(
	kind: Kind,
	{ id, version }: { id: string; version?: number }
): Promise<Written<never>> {
	return write('DELETE', `/api/${kind}/${id}${version === undefined ? '' : `?version=${version}`}`);
}

/** Deletes a picture. */
export const removePicture = (id: string): Promise<Written<never>> => write('DELETE', `/api/pictures/${id}`);
