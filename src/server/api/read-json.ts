import { problem } from './answers';

/** Largest body that a request may bring. */
const MOST_BYTES = 256 * 1024;

/** The rest of the body stays unread, so the connection cannot serve another request. */
function tooLarge(): Response {
	const answer = problem(413, 'The body is larger than 256 KiB');
	answer.headers.set('connection', 'close');
	return answer;
}

async function bytesOf(request: Request): Promise<Uint8Array[] | null> {
	const chunks: Uint8Array[] = [];
	let size = 0;
	if (!request.body) return chunks;
	for await (const chunk of request.body as unknown as AsyncIterable<Uint8Array>) {
		size += chunk.byteLength;
		if (size > MOST_BYTES) return null;
		chunks.push(chunk);
	}
	return chunks;
}

/**
 * Reads a JSON body.
 *
 * @returns the value, or the answer to give: 413 too large, 400 not JSON
 */
export async function readJson(request: Request): Promise<{ body: unknown } | { answer: Response }> {
	if (Number(request.headers.get('content-length')) > MOST_BYTES) return { answer: tooLarge() };
	try {
		const chunks = await bytesOf(request);
		if (!chunks) return { answer: tooLarge() };
		return { body: JSON.parse(Buffer.concat(chunks).toString('utf8')) };
	} catch {
		return { answer: problem(400, 'The body is not JSON') };
	}
}
