/** Everything out and everything back, by the server. */

export type Standing = 'new' | 'same' | 'conflicting' | 'unreadable';

/** What an archive would bring, or brought. */
export interface ImportReport {
	made: string;
	kinds: Record<string, Record<Standing, number>>;
	problems: { kind: string; id: string; why: string }[];
}

export type Brought = { ok: true; id: string; report: ImportReport } | { ok: false; message: string };

async function ask(method: string, path: string, body?: Blob): Promise<Brought> {
	try {
		const headers = body ? { 'content-type': 'application/zip' } : undefined;
		const response = await fetch(path, { method, body, headers });
		const answer = await response.json();
		return response.ok ? { ok: true, ...answer } : { ok: false, message: String(answer.message) };
	} catch {
		return { ok: false, message: 'The server isn’t answering. Nothing was imported.' };
	}
}

/** Brings an archive to be looked through. */
export const bringArchive = (file: Blob) => ask('POST', '/api/import', file);

/** Takes one that was looked through. */
export const takeArchive = (id: string, conflicts: 'keep' | 'take') =>
	ask('POST', `/api/import/${id}?conflicts=${conflicts}`);
