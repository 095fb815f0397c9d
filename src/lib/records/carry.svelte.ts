import { browser } from '$app/environment';
import type { Meta } from '$replica/database';
import { carried } from './carried';
import { changes } from './changes.svelte';
import { outbox } from './outbox.svelte';
import { later, nextTry, server, SOON } from './reach.svelte';
import { refresh } from './refresh';
import { whenIdle } from './when-idle';

/** Of all pages of this browser one follows the server, and tells the others. */
const NAME = 'just-enough-together';
/** Who could listen for no longer did not really, ms. */
const LISTENED_MS = 2000;

type Together = Meta['together'];

/** Carries all of the person's records in this browser, the same as the server's as long as that can be heard. */
class Carry {
	wanted = $state(false);
	/** How far what is here is the server's; null where nothing is here yet. */
	together = $state.raw<Together | null>(null);
	#channel: BroadcastChannel | null = null;
	#left: AbortController | null = null;

	/** How much of it is here, from 0 to 1. */
	share = $derived(this.together === null ? 0 : this.together.since / Math.max(1, this.together.last));

	/** Begins to follow the server, where it is to; gives back how to stop. */
	open(): () => void {
		this.wanted = carried.wanted;
		// What is shown first comes first.
		const end = whenIdle(() => this.wanted && this.#begin());
		return () => {
			end();
			this.#end();
		};
	}

	/**
	 * Carries everything from now on, or nothing: what was here is forgotten.
	 *
	 * @returns whether that was done: what was changed here and has not arrived is not forgotten
	 */
	async want(wanted: boolean): Promise<boolean> {
		if (!wanted && (await this.#keepsChanges())) return false;
		this.wanted = wanted;
		this.#end();
		await carried.want(wanted);
		this.together = null;
		if (wanted) this.#begin();
		return true;
	}

	/** Whether changes wait here that cannot be sent now. */
	async #keepsChanges(): Promise<boolean> {
		await changes.sendAll();
		await changes.look();
		return changes.waiting.length > 0;
	}

	#begin(): void {
		const left = new AbortController();
		this.#left = left;
		this.#channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(NAME);
		if (this.#channel) this.#channel.onmessage = ({ data }) => void this.#heard(data as { away: boolean });
		void this.#look();
		void changes.look();
		const lead = () => this.#follow(left.signal).catch((problem: unknown) => console.error(problem));
		// Without locks, as over plain http, each page follows for itself.
		const { locks } = navigator;
		if (!locks) return void lead();
		locks.request(NAME, { signal: left.signal }, lead).catch(() => {});
	}

	#end(): void {
		this.#left?.abort();
		this.#channel?.close();
		this.#left = this.#channel = null;
	}

	async #look(): Promise<void> {
		const opened = await carried.open();
		if (!opened) return;
		const { metaOf } = await import('$replica/keep');
		this.together = (await metaOf(opened.replica, 'together').catch(() => null)) ?? null;
	}

	/** What is known of the server now: where it is back, what waits is sent, and what is shown is asked for again. */
	async #heard({ away }: { away: boolean }): Promise<void> {
		const back = server.away && !away;
		server.set(away);
		await Promise.all([this.#look(), changes.look()]);
		if (!back) return;
		void outbox.sendAll();
		void refresh();
	}

	async #tell(away: boolean): Promise<void> {
		this.#channel?.postMessage({ away });
		await this.#heard({ away });
	}

	/** Makes it the same, then listens; where the server is away, tries again. */
	async #follow(left: AbortSignal): Promise<void> {
		const opened = await carried.open();
		if (!opened) return;
		const [{ pull }, { listen }] = await Promise.all([import('$replica/pull'), import('$replica/listen')]);
		const came = () => void this.#look();
		let asked = false;
		for (let pause = SOON; !left.aborted; pause = later(pause)) {
			const pulled = await pull(opened.replica, fetch, came);
			if (left.aborted) return;
			await this.#tell(pulled === 'unreachable');
			if (pulled === 'together') {
				if (!asked) void navigator.storage?.persist?.();
				asked = true;
				const begun = Date.now();
				await listen(opened.replica, EventSource, () => void this.#tell(false), left);
				if (Date.now() - begun > LISTENED_MS) pause = SOON / 2;
			}
			if (!left.aborted && pause >= SOON) await nextTry(pause);
		}
	}
}

export const carry = new Carry();
/** Whether there is a browser that can carry anything. */
export const canCarry = browser && typeof indexedDB !== 'undefined';
