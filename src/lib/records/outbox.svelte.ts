import type { Records } from '$contract/records';
import { browser } from '$app/environment';
import { v4 as uuid } from 'uuid';
import { carried } from './carried';
import { alone } from './alone';
import { create, keepInOrder, replace, type Kind } from './api';
import { changes } from './changes.svelte';
import { arrived, Delivery, type Sent } from './delivery';
import { Pending, PREFIX, type Waiting } from './pending';
import { pictures } from './pictures.svelte';
import { later, server, SOON } from './reach.svelte';
import { refresh, refreshed } from './refresh';

/** The version of what no server has acknowledged. */
export const WAITS = 0;
/** Sending usually takes less, ms: until then nothing is said. */
const SENDING_TAKES = 2000;

function shelf(): Storage | null {
	try {
		return browser ? localStorage : null;
	} catch {
		return null;
	}
}

/**
 * New records on their way to the server. What cannot be delivered is kept in the browser, also when the
 * page is closed, and sent again by itself: creating is idempotent, so twice does no harm.
 */
class Outbox {
	#pending = new Pending(shelf());
	#delivery = new Delivery(this.#pending, { create, replace, keepInOrder, alone });
	#stored = $state.raw<Waiting[]>(this.#pending.all());
	/** Saved, but not among the page's own records yet: shown until they are, so that nothing blinks. */
	#arrived = $state.raw<Waiting[]>([]);
	/** Sent by this page without success. */
	#failed = $state.raw<ReadonlySet<string>>(new Set());
	/** When it was last looked at what waits, ms. */
	#looked = $state(0);
	#lookAgain: ReturnType<typeof setTimeout> | undefined;
	/** Whether what waits outlives this page. */
	outlivesThePage = $state(true);
	#pause = SOON;
	#timer: ReturnType<typeof setTimeout> | undefined;

	/** What could not be sent, or waits longer than sending takes: it is not saved, and that is said. */
	unsaved = $derived(
		this.#stored.filter(
			({ id, at, problem }) => problem || this.#failed.has(id) || this.#looked - at >= SENDING_TAKES
		)
	);

	/** Whether anything waits to be sent, or was sent and is not among the page's own records yet. */
	get sends(): boolean {
		const waits = this.#stored.some(({ id, problem }) => !problem && !this.#failed.has(id));
		return waits || this.#arrived.length > 0;
	}

	/** Records of one kind that the page does not have from the server yet. */
	of<K extends Kind>(kind: K): (Records[K] & { id: string })[] {
		return [...this.#arrived, ...this.#stored]
			.filter((item) => item.kind === kind)
			.map((item) => ({ ...(item.record as Records[K]), id: item.id }));
	}

	/** Keeps a new record here, and sends it. */
	async send<K extends Kind>(kind: K, record: Records[K], id: string = uuid()): Promise<Sent<Records[K]>> {
		const item = { kind, id, record, at: Date.now() } as Waiting;
		this.#pending.put(item);
		this.#look();
		void carried.keepOwn(kind, id, { ...record, id, version: WAITS });
		// It may name what was begun before and waits still.
		if (changes.waits) await changes.sendAll();
		const sent = await this.#delivery.send(item);
		if (sent.result === 'saved') {
			void carried.keepOwn(kind, id, sent.record);
			await this.#came([arrived(item, sent.record)]);
			void this.sendAll();
		} else {
			this.#failed = new Set([...this.#failed, id]);
			this.#look();
			this.#later();
		}
		return sent as Sent<Records[K]>;
	}

	/** Tries everything again, also what the server would not have, where a person asks for it. */
	async sendAll(refused = false): Promise<void> {
		clearTimeout(this.#timer);
		this.#timer = undefined;
		await changes.sendAll(refused);
		const waited = this.#pending.all().length > 0;
		const saved = waited ? await this.#delivery.sendAll(refused) : [];
		if (saved.length > 0) await this.#came(saved);
		this.#look();
		if (waited) this.#later(saved.length > 0);
		// Pictures come after what they are of.
		const created = new Set(changes.waiting.filter(({ act }) => act === 'create').map(({ id }) => id));
		await pictures.sendAll(refused, (id) => created.has(id) || this.has(id));
	}

	/** Takes records back: what is just being sent, by this page or another, has arrived before, and nothing is sent after. */
	takeBack<T>(ids: readonly string[], remove: () => Promise<T>): Promise<T> {
		return alone(() => {
			for (const id of ids) this.#forget(id);
			return remove();
		});
	}

	/** Changes a record that still waits; false where it does not any more. */
	change<K extends Kind>(id: string, record: Records[K]): Promise<boolean> {
		return alone(async () => {
			const waiting = this.#pending.all().find((item) => item.id === id);
			if (!waiting) return false;
			const { before = waiting.record } = waiting;
			this.#pending.put({ ...waiting, before, record, problem: undefined } as Waiting);
			this.#look();
			await carried.keepOwn(waiting.kind, id, { ...record, id, version: WAITS });
			return true;
		});
	}

	/** Whether a record waits to be sent for the first time. */
	has(id: string): boolean {
		return this.#pending.has(id);
	}

	/** Lets go of a record that the server would not have. */
	drop(id: string): Promise<void> {
		return this.takeBack([id], () => Promise.resolve());
	}

	#forget(id: string): void {
		const waiting = this.#stored.find((item) => item.id === id);
		if (waiting) void carried.keepOwn(waiting.kind, id, null);
		this.#pending.drop(id);
		this.#arrived = this.#arrived.filter((item) => item.id !== id);
		this.#look();
	}

	/** Follows what other pages do, and the network; gives back how to stop. */
	open(): () => void {
		const again = () => void this.sendAll();
		const seen = () => document.visibilityState === 'visible' && again();
		const changed = ({ key }: StorageEvent) => {
			if (key?.startsWith(PREFIX) === false) return;
			const before = this.#stored.length;
			this.#look();
			// What another page has sent is on the server now.
			if (this.#stored.length < before) void refresh();
		};
		this.#look();
		pictures.sendAgain = again;
		for (const { kind, id, record } of this.#stored)
			void carried.keepOwn(kind, id, { ...record, id, version: WAITS });
		addEventListener('storage', changed);
		addEventListener('online', again);
		document.addEventListener('visibilitychange', seen);
		again();
		return () => {
			removeEventListener('storage', changed);
			removeEventListener('online', again);
			document.removeEventListener('visibilitychange', seen);
			clearTimeout(this.#timer);
		};
	}

	/** Saved records stay shown until the page has them from the server. */
	async #came(saved: Waiting[]): Promise<void> {
		this.#arrived = [...this.#arrived, ...saved];
		this.#look();
		const ids = new Set(saved.map(({ id }) => id));
		const there = refreshed().then(() => {
			this.#arrived = this.#arrived.filter(({ id }) => !ids.has(id));
		});
		await Promise.race([there, server.untilAway]);
	}

	#look(): void {
		this.#stored = this.#pending.all();
		this.outlivesThePage = this.#pending.outlivesThePage;
		this.#looked = Date.now();
		clearTimeout(this.#lookAgain);
		const young = this.#stored
			.map(({ at }) => SENDING_TAKES - (this.#looked - at))
			.filter((left) => left > 0);
		if (browser && young.length > 0) this.#lookAgain = setTimeout(() => this.#look(), Math.min(...young));
	}

	/** Sends again by itself, later each time that nothing came of it. */
	#later(saved = false): void {
		if (saved) this.#pause = SOON;
		if (!browser || this.#timer !== undefined || this.#stored.every(({ problem }) => problem)) return;
		this.#timer = setTimeout(() => void this.sendAll(), this.#pause);
		this.#pause = later(this.#pause);
	}
}

export const outbox = new Outbox();
