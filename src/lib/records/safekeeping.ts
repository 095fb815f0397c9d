import type { BackupTold } from '$contract/backups';

/** Backups of the records, as the server makes and restores them. */

type Done<T> = { ok: true; answer: T } | { ok: false; message: string };

async function ask<T>(path: string): Promise<Done<T>> {
	try {
		const response = await fetch(path, { method: 'POST' });
		const answer = await response.json();
		return response.ok ? { ok: true, answer } : { ok: false, message: String(answer.message) };
	} catch {
		return { ok: false, message: 'The server isn’t answering. Nothing was changed.' };
	}
}

/** Makes a backup now. */
export const backUpNow = () => ask<BackupTold>('/api/backups');

/** Puts a backup in the place of the records; says the file that those of before are kept as. */
export const restoreBackup = (name: string) =>
	ask<{ aside: string | null }>(`/api/backups/${encodeURIComponent(name)}/restore`);
