import type { TogetherAsked } from '$contract/together';

/** Takes records away: all of them, or none; an empty text, or why not. */
export async function removeTogether(records: TogetherAsked['records']): Promise<string> {
	try {
		const response = await fetch('/api/records/remove', {
			method: 'POST',
			body: JSON.stringify({ records }),
			headers: { 'content-type': 'application/json' }
		});
		return response.ok ? '' : `${(await response.json()).message}. All of it stays.`;
	} catch {
		return 'The server does not answer. All of it stays.';
	}
}
