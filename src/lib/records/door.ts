import type { DoorTold, PairingTold } from '$contract/door';
import { NOT_IN, server, signInFor } from './reach.svelte';

/** Who is let in, as the server alone knows it. */

type Done<T> = { ok: true; answer: T } | { ok: false; message: string; at?: string };

async function asked<T>(path: string, method: string, body?: unknown): Promise<Done<T>> {
	try {
		const response = await fetch(path, {
			method,
			...(body !== undefined && {
				body: JSON.stringify(body),
				headers: { 'content-type': 'application/json' }
			})
		});
		const answer = response.status === 204 ? undefined : await response.json();
		if (response.ok) return { ok: true, answer };
		const [issue] = answer.issues ?? [];
		return { ok: false, message: String(issue?.message ?? answer.message), at: issue?.path };
	} catch {
		return { ok: false, message: 'The server isn’t answering. Nothing was changed.' };
	}
}

/** How others come in; null where the server isn’t answering. Who is not in is sent to sign in. */
export async function doorTold(ask: typeof fetch = fetch): Promise<DoorTold | null> {
	const response = await ask('/api/door').catch(() => null);
	if (response?.status === NOT_IN) {
		location.assign(signInFor(location));
		return new Promise(() => {});
	}
	server.set(response === null);
	return response?.ok ? ((await response.json()) as DoorTold) : null;
}

/** A new code for a phone's first time. */
export const newPairing = () => asked<PairingTold>('/api/pairing', 'POST');

/** Signs a device out, or ends a token. */
export const sendAway = (kind: 'devices' | 'tokens', id: string) =>
	asked<undefined>(`/api/${kind}/${id}`, 'DELETE');

/** Makes a token: it is told this once. */
export const newToken = (name: string, access: 'read' | 'write') =>
	asked<{ id: string; token: string }>('/api/tokens', 'POST', { name, access });

/** Change the passphrase. */
export const changePassphrase = (old: string, to: string) =>
	asked<undefined>('/api/passphrase', 'PUT', { old, new: to });

/** Takes somebody in: an invitation to be sent to them. */
export const newPerson = (name: string) => asked<PairingTold>('/api/people', 'POST', { name });

/** Another invitation, for who forgot the passphrase. */
export const invite = (id: string) => asked<PairingTold>(`/api/people/${id}/invitation`, 'POST');

export const rename = (id: string, name: string) => asked<unknown>(`/api/people/${id}`, 'PUT', { name });

/** Lets somebody in no more. */
export const removePerson = (id: string) => asked<undefined>(`/api/people/${id}`, 'DELETE');

/** Signs this device out. */
export const signOut = () => asked<undefined>('/api/session', 'DELETE');
