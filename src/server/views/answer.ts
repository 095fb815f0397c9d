import { isHttpError, type RequestHandler } from '@sveltejs/kit';
import { stringify } from 'devalue';
import { notFound, onlyAllow, problem } from '../api/answers';
import { answerFor } from '../api/guarded';
import { views, type ViewName } from '$views/views';
import { viewRecords } from './records';

/** Answers with what a view shows; the application alone asks for it, in a form that keeps all values as they are. */
const GET: RequestHandler = async ({ params, url }) => {
	const name = params.name ?? '';
	if (!Object.hasOwn(views, name)) return notFound('view');
	try {
		const shown: unknown = await views[name as ViewName](viewRecords(), url.searchParams);
		return new Response(stringify(shown), { headers: { 'content-type': 'application/json' } });
	} catch (error) {
		if (isHttpError(error) && error.status < 500) return problem(error.status, error.body.message);
		const answer = answerFor(error);
		if (answer) return answer;
		throw error;
	}
};

export const viewHandlers = { GET, fallback: onlyAllow('GET') };
