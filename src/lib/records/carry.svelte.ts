import { proxy } from 'comlink';
import { browser } from '$app/environment';
import type { Standing } from '$replica/copy';
import { isOwn } from './api';
import { beside } from './beside';
import { carried } from './carried';
import { changes } from './changes.svelte';
import { outbox } from './outbox.svelte';
import { pictures } from './pictures.svelte';
import { later, nextTry, server, SOON } from './reach.svelte';
import { refresh } from './refresh';
import { whenIdle } from './when-idle';
import { space } from './whose';

/** Of all pages of this browser one follows the server, and tells the others. */
const NAME = `just-enough-together${space}`;
/** Who could listen for no longer did not really, ms. */
const LISTENED_MS = 2000;
/** What comes within that time comes at once, ms. */
const AT_ONCE_MS = 300;
/** What is least in a hurry comes after all else, ms. */
const LAST_MS = 3000;

type Together = Standing['together'];

/** What the page that follows tells the others. */
interface Told {
	away: boolean;
	/** It answers, but this device is not in. */
	stranger?: boolean;
	/** What is another than it was, by its ids. */
	news?: string[];
}

/** The towns, by which a place is found by its name. */
async function carryTowns(left: AbortSignal): Promise<void> {
	if (left.aborted) return;
	const towns = await import('./towns').catch(() => null);
	await towns?.carryTowns().catch(() => {});
}

/** Carries all of the person's records in this browser, the same as the server's as long as that can be heard. */
class Carry {
	wanted = $state(false);
	/** How far what is here is the server's; null where nothing is here yet. */
	together = $state.raw<Together>(null);
	#channel: BroadcastChannel | null = null;
	#left: AbortController | null = null;
	/** Views that show what others change as they do. */
	#shown = new Set<() => void>();
	#showing: ReturnType<typeof setTimeout> | undefined;

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
		await Promise.all([changes.look(), pictures.look()]);
		return changes.waiting.length + pictures.waiting.length > 0;
	}

	#begin(): void {
		// It may have been asked for before the page had time to.
		if (this.#left) return;
		const left = new AbortController();
		this.#left = left;
		this.#channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(NAME);
		if (this.#channel) this.#channel.onmessage = ({ data }) => void this.#heard(data as Told);
		void this.#look();
		const lead = () => this.#follow(left.signal).catch((problem: unknown) => console.error(problem));
		// Without locks, as over plain http, each page follows for itself.
		const { locks } = navigator;
		if (!locks) return void lead();
		locks.request(NAME, { signal: left.signal }, lead).catch(() => {});
	}

	#end(): void {
		if (this.#left) void beside().leave();
		this.#left?.abort();
		this.#channel?.close();
		this.#left = this.#channel = null;
	}

	async #look(): Promise<void> {
		const standing = await beside()
			.standing()
			.catch(() => null);
		this.together = standing?.together ?? null;
		const known = changes.waiting.length + changes.notices.length + pictures.waiting.length;
		if (!standing?.waits && known === 0) return;
		await Promise.all([changes.look(), pictures.look()]);
	}

	/**
	 * What is known of the server now: where it is back, what waits is sent, and what is shown is asked for again. What
	 * this page wrote is shown by it already, and is no news to it.
	 */
	async #heard({ away, stranger = false, news = [] }: Told): Promise<void> {
		const back = (server.away || server.stranger) && !away && !stranger;
		server.set(away, stranger);
		await this.#look();
		if (back) {
			void outbox.sendAll();
			void refresh();
		} else if (news.some((id) => !isOwn(id))) this.#show();
	}

	/** What comes at once is shown at once. */
	#show(): void {
		clearTimeout(this.#showing);
		this.#showing = setTimeout(() => {
			// What is on its way from here is shown first, and then all of it.
			if (outbox.sends) this.#show();
			else for (const show of this.#shown) show();
		}, AT_ONCE_MS);
	}

	async #tell(told: Told): Promise<void> {
		this.#channel?.postMessage(told);
		await this.#heard(told);
	}

	/** Has a view show what others change as they do; gives back how to stop. */
	showNews(show: () => void): () => void {
		this.#shown.add(show);
		return () => this.#shown.delete(show);
	}

	/** Makes it the same, then listens; where the server is away, tries again. */
	async #follow(left: AbortSignal): Promise<void> {
		let asked = false;
		let news: string[] = [];
		const came = proxy((ids: string[]) => {
			if (asked) news.push(...ids);
			void this.#look();
		});
		const heard = proxy((ids: string[]) => void this.#tell({ away: false, news: ids }));
		// What runs beside the page may be ended in the middle of its work, and never answers then.
		const ended = new Promise<void>((resolve) =>
			left.addEventListener('abort', () => resolve(), { once: true })
		);
		for (let pause = SOON; !left.aborted; pause = later(pause)) {
			const pulled = await Promise.race([beside().pull(came), ended]);
			if (left.aborted) return;
			await this.#tell({ away: pulled === 'unreachable', stranger: pulled === 'not in', news });
			news = [];
			if (pulled === 'together') {
				if (!asked) {
					void navigator.storage?.persist?.();
					setTimeout(() => void carryTowns(left), LAST_MS);
				}
				asked = true;
				const begun = Date.now();
				await Promise.race([beside().listen(heard), ended]);
				if (Date.now() - begun > LISTENED_MS) pause = SOON / 2;
			}
			if (!left.aborted && pause >= SOON) await nextTry(pause);
		}
	}
}

export const carry = new Carry();
/** Whether there is a browser that can carry anything. */
export const canCarry = browser && typeof indexedDB !== 'undefined';
