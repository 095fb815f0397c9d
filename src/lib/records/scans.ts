/** What was logged, into files that show it: the server writes it, and keeps none of them. */

export type Written = { blob: Blob } | { problem: string };

async function fileOf(path: string, body?: Blob | string): Promise<Written> {
	const headers = {
		'content-type': typeof body === 'string' ? 'application/json' : 'application/octet-stream'
	};
	try {
		const response = await fetch(path, body === undefined ? {} : { method: 'POST', body, headers });
		if (response.ok) return { blob: await response.blob() };
		return { problem: String((await response.json()).message) };
	} catch {
		return { problem: 'The server isn’t answering.' };
	}
}

/** A copy of a scan with what was logged of the frame in it. */
export const writtenInto = (frameId: string, scan: File) => fileOf(`/api/frames/${frameId}/scan`, scan);

/** What was logged as a file that lies beside a picture. */
export const writtenBeside = (frameId: string) => fileOf(`/api/frames/${frameId}/metadata.xmp`);

/** The same for many files as a table for a person's own exiftool. */
export const tableOf = (scans: readonly { file: string; frameId: string }[]) =>
	fileOf('/api/scans.csv', JSON.stringify({ scans }));
