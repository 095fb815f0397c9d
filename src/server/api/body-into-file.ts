import { createWriteStream } from 'node:fs';
import { Readable, Transform } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { problem } from './answers';
import { discard } from './read-body';

const MEGA = 1024 ** 2;
const GIGA = 1024 ** 3;

class TooLarge extends Error {}

/** Lets so many bytes pass and no more. */
function upTo(most: number): Transform {
	let size = 0;
	return new Transform({
		transform(chunk: Buffer, _, done) {
			size += chunk.byteLength;
			done(size > most ? new TooLarge() : null, chunk);
		}
	});
}

const sizeInWords = (bytes: number) => (bytes < GIGA ? `${bytes / MEGA} MiB` : `${bytes / GIGA} GiB`);

/**
 * Writes a body into a file while it comes.
 *
 * @param most bytes that it may have
 * @param what it is, in a word
 * @returns the answer to give where it is not all there; null where it is
 */
export async function bodyIntoFile(
	request: Request,
	file: string,
	most: number,
	what: string
): Promise<Response | null> {
	if (!request.body) return problem(400, `Send the ${what} as the body`);
	try {
		await pipeline(Readable.fromWeb(request.body as never), upTo(most), createWriteStream(file));
		return null;
	} catch (error) {
		discard(request);
		if (error instanceof TooLarge) return problem(413, `The ${what} is larger than ${sizeInWords(most)}`);
		if ((error as { code?: string }).code === 'ENOSPC')
			return problem(507, 'The disk is full. Nothing was imported: make room and try again.');
		return problem(400, `The ${what} ended before all of it was there`);
	}
}
