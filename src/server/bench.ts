import { json } from '@sveltejs/kit';
import { object, string } from 'yup';
import type { TraceKind } from '$core/bench';
import { invalid, problem } from './api/answers';
import { guarded, queryOf } from './api/guarded';
import { discard, readBody } from './api/read-body';
import { inThread } from './heavy/pool';

/** Largest recording that a request may bring. */
const MOST_BYTES = 32 * 1024 ** 2;

const asked = object({ kind: string<TraceKind>().oneOf(['light', 'sound']) });

/**
 * Answers with the firings in a WAV file that a request brings; `kind`, light or sound, where the recording
 * shall not tell by itself.
 */
export const shutterHandler = guarded(async ({ request, url }) => {
	const query = queryOf<{ kind?: TraceKind }>(url.searchParams, asked);
	if (!query.ok) return invalid(query.issues);
	if (!request.headers.get('content-type')) {
		discard(request);
		return problem(415, 'Send a WAV file, with the header "content-type: audio/wav"');
	}
	const read = await readBody(request, MOST_BYTES);
	if ('answer' in read) return read.answer;
	const found = await inThread('shutter', read.bytes, query.value.kind);
	return 'measured' in found ? json(found.measured) : invalid([{ path: '', message: found.problem }]);
}, asked);
