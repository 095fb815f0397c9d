import { wrap, type Remote } from 'comlink';
import type { printOf, PrintQuestion } from '$core/prints';

/** Prints are made in a worker, one after the other, and kept: the same question is the same print. */
let maker: Remote<typeof printOf> | null = null;
const made = new Map<string, Promise<ImageData>>();

function open(): Remote<typeof printOf> {
	const worker = new Worker(new URL('../../workers/prints.worker.ts', import.meta.url), { type: 'module' });
	return wrap<typeof printOf>(worker);
}

/** The picture of a print. */
export function printFor(question: PrintQuestion): Promise<ImageData> {
	const key = JSON.stringify(question);
	const known = made.get(key);
	if (known) return known;
	maker ??= open();
	const picture = maker(question).then((pixels) => new ImageData(pixels, question.width, question.height));
	made.set(key, picture);
	// What could not be made is not kept: it is tried again when it is asked for again.
	picture.catch(() => made.delete(key));
	return picture;
}
