import type { InferType, ISchema } from 'yup';
import { check } from '$contract/validate';
import { invalid, problem } from './answers';
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

/**
 * Reads a JSON body and checks it.
 *
 * @param raise brings a body of an older form into today's, before it is checked
 * @returns what was asked, or the answer to give: as of `readJson`, and 422 with all that is wrong with it
 */
export async function readChecked<S extends ISchema<unknown>>(
	request: Request,
	schema: S,
	raise = (body: unknown) => body
): Promise<{ asked: InferType<S> } | { answer: Response }> {
	const read = await readJson(request);
	if ('answer' in read) return read;
	const checked = check(schema, raise(read.body), 'refuse');
	return checked.ok ? { asked: checked.value } : { answer: invalid(checked.issues) };
}
