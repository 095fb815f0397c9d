import { forWhom } from './whose';

/** What the server says to something that is sent to it: its answer, or why there is none, without a full stop. */
export type Asked<T> = { ok: true; answer: T } | { ok: false; message: string };

/** Sends something as JSON. */
export async function ask<T>(path: string, body: unknown): Promise<Asked<T>> {
	try {
		const response = await fetch(path, {
			method: 'POST',
			body: JSON.stringify(body),
			headers: { 'content-type': 'application/json', ...forWhom }
		});
		const answer = response.status === 204 ? undefined : await response.json();
		return response.ok ? { ok: true, answer } : { ok: false, message: String(answer.message) };
	} catch {
		return { ok: false, message: 'The server isn’t answering' };
	}
}
