import type { HandleClientError } from '@sveltejs/kit';

/** Browsers word it in their own way: all of them name the module. */
const isNotFetched = (error: unknown) =>
	error instanceof TypeError && /dynamically imported module|importing a module script/i.test(error.message);

/** What went wrong while a view was put together here; the person gets a sentence. */
export const handleError: HandleClientError = ({ error, status, message }) => {
	if (status < 500) return { message };
	console.error(error);
	if (isNotFetched(error)) {
		return {
			message: 'This view could not be fetched: the server does not answer. Nothing of yours was changed.'
		};
	}
	return { message: 'This view could not be put together. Nothing of yours was changed.' };
};
