import { browser } from '$app/environment';
import { v4 as uuid } from 'uuid';
import type { PictureOwner, PictureRecord } from '$contract/pictures';
import type { Issue } from '$contract/validate';
import type { FileSaid, WaitingFile } from '$replica/files';
import { alone } from './alone';
import { removePicture, SERVER_IN_TROUBLE } from './api';
import { carried } from './carried';
import { isTurnedAway, later, server, SOON } from './reach.svelte';
import { refresh } from './refresh';
import { forWhom } from './whose';

const LOCK = 'just-enough-pictures';
const UPLOAD_PATIENCE_MS = 120_000;

type Uploaded = Exclude<FileSaid, { result: 'kept' | 'refused' }> | Kept | Refused;
type Kept = { result: 'kept'; picture: PictureRecord };
/** @property early whether all that is wrong is that what it belongs to is not there */
type Refused = { result: 'refused'; problem: string; early: boolean };

/** What became of a picture that was added. */
export type Added = { picture: PictureRecord } | { waits: WaitingFile } | { problem: string };

async function upload({ id, owner, ownerId, name, file }: Omit<WaitingFile, 'n'>): Promise<Uploaded> {
	const query = new URLSearchParams({ id, [owner]: ownerId, name });
	try {
		const response = await fetch(`/api/pictures?${query}`, {
			method: 'POST',
			body: file,
			headers: { 'content-type': file.type || 'application/octet-stream', ...forWhom },
			signal: AbortSignal.timeout(UPLOAD_PATIENCE_MS)
		});
		if (response.status >= SERVER_IN_TROUBLE) return { result: 'unreachable', answered: true };
		if (isTurnedAway(response)) return { result: 'unreachable', answered: false };
		const answer = await response.json();
		if (response.ok && answer.id === id) return { result: 'kept', picture: answer as PictureRecord };
		if (response.ok) return { result: 'unreachable', answered: false };
		const issues = (answer.issues ?? []) as Issue[];
		const problem = issues.map(({ message }) => message).join(' ') || String(answer.message);
		return { result: 'refused', problem, early: issues.some(({ path }) => path === owner) };
	} catch {
		return { result: 'unreachable', answered: false };
	}
}

/** Pictures on their way to the server: what cannot be sent is kept here as its file, and sent when there is one again. */
class Pictures {
	/** In the order in which they were added. */
	waiting = $state.raw<readonly WaitingFile[]>([]);
	#timer: ReturnType<typeof setTimeout> | undefined;
	#pause = SOON;
	/** Has all that waits sent again, in its order. */
	sendAgain: () => void = () => {};

	/** Those of a frame or a camera that wait. */
	of(owner: PictureOwner, id: string): WaitingFile[] {
		return this.waiting.filter((file) => file.owner === owner && file.ownerId === id);
	}

	/** Keeps a picture of a frame or of a camera, as its file is: on the server, or here until that answers. */
	async add(owner: PictureOwner, ownerId: string, file: File): Promise<Added> {
		const picture = { id: uuid(), owner, ownerId, name: file.name, file: file as Blob, at: Date.now() };
		const said = await upload(picture);
		if (said.result === 'kept') return { picture: said.picture };
		// What it belongs to may wait here itself.
		if (said.result === 'refused' && !said.early) return { problem: said.problem };
		if (said.result === 'unreachable' && !said.answered) server.set(true);
		if (!(await this.#keep(picture)))
			return { problem: 'Not saved: the server isn’t answering, and this browser has no room for it.' };
		const waits = this.waiting.find(({ id }) => id === picture.id);
		return waits ? { waits } : { problem: 'Not saved: the server isn’t answering.' };
	}

	async #keep(picture: Omit<WaitingFile, 'n'>): Promise<boolean> {
		const opened = await carried.open();
		if (!opened) return false;
		try {
			const { keepFile } = await import('$replica/files');
			await keepFile(opened.replica, picture);
		} catch {
			return false;
		}
		await this.look();
		return true;
	}

	/** Looks at what waits. */
	async look(): Promise<void> {
		const opened = await carried.open();
		if (!opened) return;
		const { waitingFiles } = await import('$replica/files');
		this.waiting = await waitingFiles(opened.replica).catch(() => []);
		if (this.waiting.some(({ problem }) => !problem)) this.#later();
	}

	/**
	 * Sends all of it; what the server would not have only where a person asks for it.
	 *
	 * @param waits whether what a picture is of waits itself, by its id
	 */
	async sendAll(again: boolean, waits: (ownerId: string) => boolean): Promise<void> {
		clearTimeout(this.#timer);
		this.#timer = undefined;
		if (this.waiting.length === 0) return;
		const opened = await carried.open();
		if (!opened) return;
		const { sendFiles } = await import('$replica/files');
		const sent = await alone(() => sendFiles(opened.replica, upload, again, waits), LOCK).catch(() => null);
		await this.look();
		if (sent?.answered) this.#pause = SOON;
		if (sent && sent.kept > 0) void refresh();
	}

	/** Deletes one that the server has; false where that was not done. */
	async remove(id: string): Promise<boolean> {
		return (await removePicture(id)).result === 'saved';
	}

	#later(): void {
		if (!browser || this.#timer !== undefined) return;
		this.#timer = setTimeout(() => {
			this.#timer = undefined;
			this.sendAgain();
		}, this.#pause);
		this.#pause = later(this.#pause);
	}
}

export const pictures = new Pictures();
