import type { HandleClientError } from '@sveltejs/kit';

/** What went wrong while a view was put together here; the person gets a sentence. */
export const handleError: HandleClientError = ({ error, status, message }) => {
	if (status < 500) return { message };
	console.error(error);
	return { message: 'This view could not be put together. Nothing of yours was changed.' };
};
