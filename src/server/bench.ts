import { BadRecording, measureShutter, readWav, type ShutterMeasurement, type TraceKind } from '$core/bench';
import { invalid } from './api/answers';
import { readBody } from './api/read-body';

/** Largest recording that a request may bring. */
const MOST_BYTES = 32 * 1024 ** 2;
const kinds: readonly string[] = ['light', 'sound'] satisfies TraceKind[];

/**
 * The firings in a WAV file that a request brings.
 *
 * @param query `kind`: light or sound, where the recording shall not tell by itself
 * @returns what was measured, or the answer to give: 413 too large, 422 no recording or no firing in it
 */
export async function shutterIn(
	request: Request,
	query: URLSearchParams
): Promise<{ measured: ShutterMeasurement } | { answer: Response }> {
	const kind = query.get('kind');
	if (kind !== null && !kinds.includes(kind)) {
		return { answer: invalid([{ path: 'kind', message: 'must be one of: light, sound' }]) };
	}
	const read = await readBody(request, MOST_BYTES);
	if ('answer' in read) return read;
	try {
		const bytes = new Uint8Array(read.bytes).buffer;
		const measured = measureShutter(readWav(bytes), (kind as TraceKind | null) ?? undefined);
		if (measured.firings.length > 0) return { measured };
		return { answer: invalid([{ path: '', message: measured.notes.join(' ') }]) };
	} catch (error) {
		if (error instanceof BadRecording) return { answer: invalid([{ path: '', message: error.message }]) };
		throw error;
	}
}
