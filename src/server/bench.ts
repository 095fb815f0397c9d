import { json } from '@sveltejs/kit';
import { object, string } from 'yup';
import type { TraceKind } from '$core/bench';
import { invalid, problem } from './api/answers';
import { guarded } from './api/guarded';
import { readBody } from './api/read-body';
import { inThread } from './heavy/pool';

/** Largest recording that a request may bring. */
const MOST_BYTES = 32 * 1024 ** 2;

const asked = object({ kind: string<TraceKind>().oneOf(['light', 'sound']) });

/**
 * Answers with the firings in a WAV file that a request brings; `kind`, light or sound, where the recording
 * shall not tell by itself.
 */
export const shutterHandler = guarded<{ kind?: TraceKind }>(async ({ request }, { kind }) => {
	if (!request.headers.get('content-type'))
		return problem(415, 'Send a WAV file, with the header "content-type: audio/wav"');
	const read = await readBody(request, MOST_BYTES);
	if ('answer' in read) return read.answer;
	const found = await inThread('shutter', read.bytes, kind);
	return 'measured' in found ? json(found.measured) : invalid([{ path: '', message: found.problem }]);
}, asked);
