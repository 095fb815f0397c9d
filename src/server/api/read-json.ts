import { problem } from './answers';
import { discard, readBody } from './read-body';

/** Largest body of JSON that a request may bring. */
const MOST_BYTES = 256 * 1024;
/** Bodies that are looked through in less than a millisecond, bytes. */
const SMALL = 16 * 1024;
let turn: Promise<void> = Promise.resolve();

/** Large bodies are looked through one after the other, and what else is asked is answered between them. */
function ownTurn(): Promise<void> {
	turn = turn.then(() => new Promise<void>((resolve) => setImmediate(resolve)));
	return turn;
}

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
	if ('answer' in read) return read;
	if (read.bytes.length > SMALL) await ownTurn();
	return { text: read.bytes.toString('utf8') };
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
