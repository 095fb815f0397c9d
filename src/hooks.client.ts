import type { HandleClientError } from '@sveltejs/kit';
import { isNotFetched } from '$lib/records/not-fetched';

/** What went wrong while a view was put together here; the person gets a sentence. */
export const handleError: HandleClientError = ({ error, status, message }) => {
	if (status < 500) return { message };
	console.error(error);
	if (isNotFetched(error)) {
		return {
			message: 'This view couldn’t be loaded: the server isn’t answering. Your records are unchanged.'
		};
	}
	return { message: 'This view couldn’t be shown. Your records are unchanged.' };
};
