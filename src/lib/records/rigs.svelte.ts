import isEqual from 'fast-deep-equal';
import { browser } from '$app/environment';
import type { LoadRecord } from '$contract/records';
import type { Rig } from '$contract/rigs';
import { writeRig, type Kept } from './api';
import { keepHere, keptHere } from './kept-here';
import { refresh, refreshed } from './refresh';

/** What was set here, and what the server is known to have held before: one that is none of it was set elsewhere. */
interface SetHere {
	rig: Rig;
	known: Rig[];
}
type ByLoad<T> = Readonly<Record<string, T>>;

const KEY = 'just-enough-rigs';
/** What the server held is told from what others set by the last ones alone. */
const MOST_KNOWN = 32;
/** Until it is tried again, ms; longer each time. */
const [SOON, LATE] = [2000, 60_000];

const without = <T>(all: ByLoad<T>, id: string): ByLoad<T> =>
	Object.fromEntries(Object.entries(all).filter(([each]) => each !== id));

/**
 * What is on the cameras: shown as it is set, at once; kept by the server, and in the browser until it is
 * there. What another device set later is what counts.
 */
export class Rigs {
	/** Not acknowledged by the server yet. */
	#unsent = keptHere<ByLoad<SetHere>>(KEY, {});
	/** Set here, and not seen among the server's records yet. */
	#set = $state.raw<ByLoad<SetHere>>(this.#unsent);
	#sending = new Set<string>();
	#timer: ReturnType<typeof setTimeout> | undefined;
	#pause = SOON;

	/** What is on the camera of a load. */
	of({ id, rig = {} }: Kept<LoadRecord>): Rig {
		const here = this.#set[id];
		return here?.known.some((known) => isEqual(known, rig)) ? here.rig : rig;
	}

	/** Sets what is on the camera of a load. */
	put({ id, rig: before = {} }: Kept<LoadRecord>, rig: Rig): void {
		const here = this.#set[id];
		const set = { rig, known: [...(here ? [...here.known, here.rig] : []), before].slice(-MOST_KNOWN) };
		this.#set = { ...this.#set, [id]: set };
		this.#keep({ ...this.#unsent, [id]: set });
		void this.#send(id);
	}

	/** Takes up what other pages left unsent meanwhile, and sends it; follows other pages. Gives back how to stop. */
	open(): () => void {
		const left = keptHere<ByLoad<SetHere>>(KEY, {});
		if (Object.keys(left).some((id) => !this.#unsent[id])) {
			this.#unsent = { ...left, ...this.#unsent };
			this.#set = { ...left, ...this.#set };
		}
		const again = () => this.#sendAll();
		const changed = ({ key }: StorageEvent) => {
			if (key === KEY) void refresh();
		};
		addEventListener('online', again);
		addEventListener('storage', changed);
		again();
		return () => {
			removeEventListener('online', again);
			removeEventListener('storage', changed);
			clearTimeout(this.#timer);
			this.#timer = undefined;
		};
	}

	#keep(unsent: ByLoad<SetHere>): void {
		this.#unsent = unsent;
		keepHere(KEY, Object.keys(unsent).length > 0 ? unsent : null);
	}

	#sendAll(): void {
		for (const id of Object.keys(this.#unsent)) void this.#send(id);
	}

	/** One at a time for each load, and always the last one that was set. */
	async #send(id: string): Promise<void> {
		if (this.#sending.has(id)) return;
		this.#sending.add(id);
		let sent: Rig | undefined;
		let answered = true;
		while (answered && this.#unsent[id] && this.#unsent[id].rig !== sent) {
			const { rig } = this.#unsent[id];
			const { result } = await writeRig(id, rig);
			answered = result !== 'unreachable';
			if (!answered) break;
			sent = rig;
			// What the camera does not have (any more) is not sent for ever.
			if (result !== 'saved') this.#set = without(this.#set, id);
			if (this.#unsent[id]?.rig === rig) this.#keep(without(this.#unsent, id));
		}
		this.#sending.delete(id);
		if (!answered) return this.#later();
		this.#pause = SOON;
		await this.#seen(id, sent);
	}

	/** Once the page has it from the server, only the server's word counts. */
	async #seen(id: string, sent: Rig | undefined): Promise<void> {
		if (!browser || !sent) return;
		await refreshed();
		if (this.#set[id]?.rig === sent) this.#set = without(this.#set, id);
	}

	#later(): void {
		if (!browser || this.#timer !== undefined) return;
		this.#timer = setTimeout(() => {
			this.#timer = undefined;
			this.#sendAll();
		}, this.#pause);
		this.#pause = Math.min(LATE, this.#pause * 2);
	}
}

export const rigs = new Rigs();
