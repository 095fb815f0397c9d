import { building } from '$app/environment';
import type { Handle, HandleServerError, RequestEvent, ServerInit } from '@sveltejs/kit';
import { DISPLAY_COOKIE, displayOf } from '$lib/display/displays';
import { problem } from '$server/api/answers';
import { closeBook } from '$server/door/books';
import { entrance } from '$server/door/entrance';
import { endExiftool } from '$server/scans/exiftool';
import { recordsFor } from '$server/door/whose';
import { closeStore, startStore, workingForNobody, workingIn } from '$server/store';
import type { Entrant } from '$server/door/book';
import { WHOSE } from '$contract/whose';
import { saidTo } from '$server/reader';
import { askedEarly } from '$server/views/early';

/** Whoever serves says so when nothing asks any more. */
const CLOSING = 'just-enough:closing';

export const init: ServerInit = async () => {
	if (building) return;
	await startStore();
	process.once(CLOSING, () => {
		closeStore();
		closeBook();
		void endExiftool();
	});
};

/** JSON is never kept by a browser: it is asked for anew. */
async function ofTheApi(event: RequestEvent, resolve: Parameters<Handle>[0]['resolve']): Promise<Response> {
	const response = await resolve(event);
	const isJson = response.headers.get('content-type')?.startsWith('application/json');
	if (isJson && !response.headers.has('cache-control')) response.headers.set('cache-control', 'no-store');
	return response;
}

/** By hand or in development nothing stands before the application: then it is asked on this machine alone. */
const AT_HAND = { desk: true, https: false, from: '127.0.0.1' };

/** What one person left in a browser is not taken for another's. */
const isOfAnother = ({ request }: RequestEvent, entrant: Entrant | null) => {
	const means = request.headers.get(WHOSE);
	return means !== null && entrant?.kind === 'device' && means !== entrant.person;
};

/** Whose records all that follows works on is decided here, and nowhere else. */
function forWhom(
	event: RequestEvent,
	work: () => Response | Promise<Response>
): Promise<Response> | Response {
	const folder = recordsFor(event.locals.entrant);
	if (folder === null) return workingForNobody(work);
	return workingIn(folder, () => saidTo(work)).catch((error: unknown) => {
		console.error(error);
		return problem(503, 'These records can’t be opened right now. The server’s log says why.');
	});
}

export const handle: Handle = ({ event, resolve }) => {
	const { entrant, way } = event.platform?.req ?? {};
	// Whoever serves looked at it already: where that did not happen, nobody comes in.
	if (entrance().closed && way === undefined) return problem(401, 'Sign in first. Nothing was changed.');
	Object.assign(event.locals, { entrant: entrant ?? null, way: way ?? AT_HAND });
	if (isOfAnother(event, event.locals.entrant)) return problem(401, 'Someone else has signed in here since.');
	return forWhom(event, () => answered(event, resolve));
};

type Resolve = Parameters<Handle>[0]['resolve'];

function answered(event: RequestEvent, resolve: Resolve): Response | Promise<Response> {
	if (event.url.pathname.startsWith('/api/')) return ofTheApi(event, resolve);
	event.locals.display = displayOf(event.cookies.get(DISPLAY_COOKIE));
	return resolve(event, {
		transformPageChunk: ({ html }) =>
			html.replace('%display%', event.locals.display).replace('%early%', askedEarly(event.url)),
		// The letters come with the page, so that nothing moves when they do.
		preload: ({ type, path }) =>
			type === 'js' || type === 'css' || (type === 'font' && path.includes('-latin-wght-'))
	});
}

/** What went wrong stays on the server; the person gets a sentence. */
export const handleError: HandleServerError = ({ error, status, message }) => {
	if (status >= 500) console.error(error);
	return { message: status >= 500 ? 'Something went wrong here. Your records are unchanged.' : message };
};
