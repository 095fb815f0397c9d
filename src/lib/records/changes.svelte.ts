import { browser } from '$app/environment';
import type { Records } from '$contract/records';
import type { Said, Way } from '$replica/push';
import type { AnyRecord, Asked, Notice, Write } from '$replica/writes';
import { alone } from './alone';
import * as api from './api';
import type { Kind, Written } from './api';
import { carried } from './carried';
import { keepHere, keptHere } from './kept-here';
import { later, server, SOON } from './reach.svelte';
import { refresh } from './refresh';

/** How many wait: known before what is carried is opened. */
const KEY = 'just-enough-changes';

const plain = ({ id: _, version: _version, ...record }: AnyRecord) => record;

/** How changes reach the server. */
const way: Way = {
	create: (kind, id, record) => api.create(kind, id, plain(record) as Records[Kind]) as Promise<Said>,
	replace: (kind, record) => api.replace(kind, record as never) as Promise<Said>,
	remove: (kind, id, version) => api.remove(kind, { id, version }) as Promise<Said>,
	read: (kind, id) => api.read(kind, id) as Promise<Said>
};

/** What was changed here without the server: it stands among the records that are carried, and is sent when there is one again. */
class Changes {
	/** In the order in which they were begun. */
	waiting = $state.raw<readonly Write[]>([]);
	/** What became of some, that a person should know. */
	notices = $state.raw<readonly Notice[]>([]);
	#timer: ReturnType<typeof setTimeout> | undefined;
	#pause = SOON;

	/** Whether anything waits, in this page or another: what is shown is then what is here. */
	get waits(): boolean {
		return keptHere(KEY, 0) > 0;
	}

	/** Changes a record here; null where the records are not carried, or not all of them. */
	async keep<T>(kind: Kind, id: string, asked: Asked): Promise<Written<T> | null> {
		if (!(await carried.records())) return null;
		const opened = await carried.open();
		if (!opened) return null;
		try {
			const { change } = await import('$replica/writes');
			const { path, ...done } = { path: '', ...(await change(opened.replica, kind, id, asked, Date.now())) };
			if (done.result === 'missing') return null;
			if (done.result === 'invalid') return { result: 'invalid', issues: [{ path, message: done.message }] };
			if (done.result === 'refused') return { ...done, status: 409 };
			if (done.result === 'stale') return done as unknown as Written<T>;
			await this.look();
			if (server.away) this.#later();
			else void this.sendAll();
			return { result: 'saved', record: done.record as never };
		} catch {
			// A storage that is full, or refused: nothing was kept, and that is what is said.
			return null;
		}
	}

	/** Looks at what waits. */
	async look(): Promise<void> {
		const opened = await carried.open();
		if (!opened) return;
		const { noticesOf, waitingWrites } = await import('$replica/writes');
		this.waiting = await waitingWrites(opened.replica).catch(() => []);
		this.notices = await noticesOf(opened.replica).catch(() => []);
		keepHere(KEY, this.waiting.length > 0 ? this.waiting.length : null);
	}

	/** Sends all of it; what the server would not have only where a person asks for it. */
	async sendAll(again = false): Promise<void> {
		clearTimeout(this.#timer);
		this.#timer = undefined;
		if (!this.waits) return;
		const opened = await carried.open();
		if (!opened) return;
		// A page that was just opened has not looked yet: what arrives from it would not be shown.
		await this.look();
		const before = this.waiting.length;
		const { push } = await import('$replica/push');
		const answered = await alone(() => push(opened.replica, way, again)).catch(() => false);
		await this.look();
		if (answered) this.#pause = SOON;
		else this.#later();
		if (this.waiting.length < before) void refresh();
	}

	/** Sends again by itself, later each time. */
	#later(): void {
		if (!browser || this.#timer !== undefined) return;
		this.#timer = setTimeout(() => void this.sendAll(), this.#pause);
		this.#pause = later(this.#pause);
	}
}

export const changes = new Changes();
