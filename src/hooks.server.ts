import { building } from '$app/environment';
import type { Handle, HandleServerError, ServerInit } from '@sveltejs/kit';
import { DISPLAY_COOKIE, displayOf } from '$lib/display/displays';
import { openStore } from '$server/store';

export const init: ServerInit = () => {
	if (!building) openStore();
};

export const handle: Handle = ({ event, resolve }) => {
	event.locals.display = displayOf(event.cookies.get(DISPLAY_COOKIE));
	return resolve(event, {
		transformPageChunk: ({ html }) => html.replace('%display%', event.locals.display)
	});
};

/** What went wrong stays on the server; the person gets a sentence. */
export const handleError: HandleServerError = ({ error, status, message }) => {
	if (status >= 500) console.error(error);
	return { message: status >= 500 ? 'Something went wrong here. Nothing of yours was changed.' : message };
};
