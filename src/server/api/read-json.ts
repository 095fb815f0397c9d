import { problem } from './answers';
import { readBody } from './read-body';

/** Largest body that a request may bring. */
const MOST_BYTES = 256 * 1024;

/**
 * Reads a JSON body.
 *
 * @returns the value, or the answer to give: 413 too large, 400 not JSON
 */
export async function readJson(request: Request): Promise<{ body: unknown } | { answer: Response }> {
	try {
		const read = await readBody(request, MOST_BYTES);
		return 'answer' in read ? read : { body: JSON.parse(read.bytes.toString('utf8')) };
	} catch {
		return { answer: problem(400, 'The body is not JSON') };
	}
}
