import { problem } from './answers';

const KILO = 1024;
/** What is thrown away of a body that is too large, so that its sender can read why: beyond this the line is cut. */
const MOST_THROWN_AWAY = 256 * KILO ** 2;

function tooLarge(most: number): Response {
	const limit = most < KILO ** 2 ? `${most / KILO} KiB` : `${most / KILO ** 2} MiB`;
	return problem(413, `The body is larger than ${limit}`);
}

type Reader = ReadableStreamDefaultReader<Uint8Array>;

/** Reads on without keeping anything. A sender whose bytes nobody takes would never come to read the answer. */
async function throwAway(reader: Reader): Promise<void> {
	let size = 0;
	try {
		for (;;) {
			const { done, value } = await reader.read();
			if (done) return;
			size += value.byteLength;
			if (size > MOST_THROWN_AWAY) return await reader.cancel();
		}
	} catch {
		// Whoever sent it has gone.
	}
}

/** Throws a body away that nobody wants. */
export function discard(request: Request): void {
	if (request.body && !request.bodyUsed) void throwAway(request.body.getReader());
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
	if (Number(request.headers.get('content-length')) > most) {
		discard(request);
		return { answer: tooLarge(most) };
	}
	const chunks: Uint8Array[] = [];
	if (!request.body) return { bytes: Buffer.alloc(0) };
	const reader: Reader = request.body.getReader();
	for (let size = 0; ;) {
		const { done, value } = await reader.read();
		if (done) return { bytes: Buffer.concat(chunks) };
		size += value.byteLength;
		if (size > most) {
			void throwAway(reader);
			return { answer: tooLarge(most) };
		}
		chunks.push(value);
	}
}
