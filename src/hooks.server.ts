import { building } from '$app/environment';
import type { Handle, HandleServerError, RequestEvent, ServerInit } from '@sveltejs/kit';
import { DISPLAY_COOKIE, displayOf } from '$lib/display/displays';
import { forgetImports } from '$server/api/archive';
import { endExiftool } from '$server/scans/exiftool';
import { closeStore, startStore } from '$server/store';
import { askedEarly } from '$server/views/early';

/** Whoever serves says so when nothing asks any more. */
const CLOSING = 'just-enough:closing';

export const init: ServerInit = async () => {
	if (building) return;
	forgetImports();
	await startStore();
	process.once(CLOSING, () => {
		closeStore();
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

export const handle: Handle = ({ event, resolve }) => {
	if (event.url.pathname.startsWith('/api/')) return ofTheApi(event, resolve);
	event.locals.display = displayOf(event.cookies.get(DISPLAY_COOKIE));
	return resolve(event, {
		transformPageChunk: ({ html }) =>
			html.replace('%display%', event.locals.display).replace('%early%', askedEarly(event.url)),
		// The letters come with the page, so that nothing moves when they do.
		preload: ({ type, path }) =>
			type === 'js' || type === 'css' || (type === 'font' && path.includes('-latin-wght-'))
	});
};

/** What went wrong stays on the server; the person gets a sentence. */
export const handleError: HandleServerError = ({ error, status, message }) => {
	if (status >= 500) console.error(error);
	return { message: status >= 500 ? 'Something went wrong here. Nothing of yours was changed.' : message };
};
