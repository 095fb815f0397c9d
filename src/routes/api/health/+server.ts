import { json } from '@sveltejs/kit';
import { onlyAllow, problem } from '$server/api/answers';
import { guarded } from '$server/api/guarded';
import { storeAnswers } from '$server/store';

export const GET = guarded(() =>
	storeAnswers() ? json({ ok: true }) : problem(503, 'The database isn’t answering')
);

export const fallback = onlyAllow('GET');
