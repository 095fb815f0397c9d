import isEqual from 'fast-deep-equal';
import type { PlaceRecord, RecordKind, Records, Stored } from '$contract/records';
import type { PictureOwner, PictureRecord } from '$contract/pictures';
import type { Rig } from '$contract/rigs';
import type { Issue } from '$contract/validate';

/** The one place through which the interface writes. */

export type Kind = RecordKind;
export type Kept<T> = T & Stored;

export type Written<T> =
	| { result: 'saved'; record: Kept<T> }
	| { result: 'invalid'; issues: Issue[] }
	| { result: 'stale'; current: Kept<T> }
	| { result: 'refused'; message: string }
	/** Nothing was said of the record: no answer, or one of a server in trouble (answered). */
	| { result: 'unreachable'; answered: boolean };

const PATIENCE_MS = 10_000;
/** Records that are asked for at once. */
const A_PAGE = 200;
const SERVER_IN_TROUBLE = 500;

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
	if (!ok && typeof message === 'string') return { result: 'refused', message };
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

/** The frames of a load, page by page until all are there; null where the server does not answer. */
export async function framesOf(load: string): Promise<Kept<Records['frames']>[] | null> {
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

/** Why a record that was to be deleted is still there, where it is not in use. */
export const keptInWords = ({ result }: Written<never>): string =>
	result === 'stale'
		? 'Not deleted: it was changed elsewhere since it was opened here.'
		: 'Not deleted: the server does not answer.';

/**
 * Towns whose names begin with a text.
 *
 * @returns null when the server does not answer
 */
export async function searchPlaces(name: string): Promise<PlaceRecord[] | null> {
	try {
		const response = await fetch(`/api/places/search?name=${encodeURIComponent(name)}`, {
			signal: AbortSignal.timeout(PATIENCE_MS)
		});
		if (response.status >= SERVER_IN_TROUBLE) return null;
		return response.ok ? ((await response.json()).items as PlaceRecord[]) : [];
	} catch {
		return null;
	}
}

const UPLOAD_PATIENCE_MS = 120_000;

/** Keeps a picture of a frame or of a camera, as its file is. */
export async function addPicture(
	owner: PictureOwner,
	ownerId: string,
	file: File
): Promise<{ picture: PictureRecord } | { problem: string }> {
	const query = new URLSearchParams({ [owner]: ownerId, name: file.name });
	try {
		const response = await fetch(`/api/pictures?${query}`, {
			method: 'POST',
			body: file,
			headers: { 'content-type': file.type || 'application/octet-stream' },
			signal: AbortSignal.timeout(UPLOAD_PATIENCE_MS)
		});
		const answer = await response.json();
		if (response.ok) return { picture: answer as PictureRecord };
		const issues = (answer.issues ?? []) as Issue[];
		return { problem: issues.map(({ message }) => message).join(' ') || String(answer.message) };
	} catch {
		return { problem: 'Not kept: the server does not answer.' };
	}
}

/** Deletes a picture; false where that was not done. */
export async function removePicture(id: string): Promise<boolean> {
	return (await write('DELETE', `/api/pictures/${id}`)).result === 'saved';
}
