import { problem } from './answers';

const KILO = 1024;

/** The rest of the body stays unread, so the connection cannot serve another request. */
function tooLarge(most: number): Response {
	const limit = most < KILO ** 2 ? `${most / KILO} KiB` : `${most / KILO ** 2} MiB`;
	const answer = problem(413, `The body is larger than ${limit}`);
	answer.headers.set('connection', 'close');
	return answer;
}

/**
 * What is a little too large is read to its end and thrown away, so that its sender hears why it is
 * refused; what is far too large is not.
 */
const PATIENCE = 2;

async function bytesOf(request: Request, most: number): Promise<Uint8Array[] | null> {
	const chunks: Uint8Array[] = [];
	let size = 0;
	if (!request.body) return chunks;
	for await (const chunk of request.body as unknown as AsyncIterable<Uint8Array>) {
		size += chunk.byteLength;
		if (size > most * PATIENCE) return null;
		if (size <= most) chunks.push(chunk);
		else chunks.length = 0;
	}
	return size > most ? null : chunks;
}

/**
 * Reads a body.
 *
 * @param most bytes that it may have
 * @returns the bytes, or the answer to give: 413 too large
 */
export async function readBody(
	request: Request,
	most: number
): Promise<{ bytes: Buffer } | { answer: Response }> {
	if (Number(request.headers.get('content-length')) > most * PATIENCE) return { answer: tooLarge(most) };
	const chunks = await bytesOf(request, most);
	return chunks ? { bytes: Buffer.concat(chunks) } : { answer: tooLarge(most) };
}
