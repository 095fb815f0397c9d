import { problem } from './answers';
import { discard, readBody } from './read-body';

/** Largest body of JSON that a request may bring. */
const MOST_BYTES = 256 * 1024;
const JSON_TYPE = /^application\/([\w.-]+\+)?json\s*(;|$)/i;

/**
 * Reads a JSON body as text.
 *
 * @returns the text, or the answer to give: 413 too large, 415 said to be something else
 */
export async function readText(request: Request): Promise<{ text: string } | { answer: Response }> {
	const type = request.headers.get('content-type') ?? '';
	if (!JSON_TYPE.test(type)) {
		discard(request);
		return { answer: problem(415, 'Send JSON, with the header "content-type: application/json"') };
	}
	const read = await readBody(request, MOST_BYTES);
	return 'answer' in read ? read : { text: read.bytes.toString('utf8') };
}

/**
 * Reads a JSON body.
 *
 * @returns the value, or the answer to give: 413 too large, 415 said to be something else, 400 not JSON
 */
export async function readJson(request: Request): Promise<{ body: unknown } | { answer: Response }> {
	const read = await readText(request);
	if ('answer' in read) return read;
	try {
		return { body: JSON.parse(read.text) };
	} catch {
		return { answer: problem(400, 'The body is not JSON') };
	}
}
