import { browser } from '$app/environment';
import { v4 as uuid } from 'uuid';
import type { Issue } from '$contract/validate';
import { create, type Kind, type RecordKinds } from './client';
import { refresh } from './refresh';

/** A new record that the server has not acknowledged yet, and why it would not, where it said so. */
export type Waiting = {
	[K in Kind]: { kind: K; id: string; record: RecordKinds[K]; problem?: string };
}[Kind];

type Sent<T> = { result: 'saved'; record: T } | { result: 'kept' } | { result: 'refused'; problem: string };

const STORAGE_KEY = 'just-enough-outbox';

function stored(): Waiting[] {
	if (!browser) return [];
	try {
		return JSON.parse(localStorage.getItem(STORAGE_KEY) ?? '[]') as Waiting[];
	} catch {
		return [];
	}
}

/** A frame whose number another page took meanwhile takes the next one. */
function renumbered<K extends Kind>(
	kind: K,
	record: RecordKinds[K],
	issues: Issue[]
): RecordKinds[K] | undefined {
	const taken = kind === 'frames' && issues.length > 0 && issues.every((issue) => issue.path === 'number');
	return taken ? { ...record, number: (record as RecordKinds['frames']).number + 1 } : undefined;
}

/**
 * New records on their way to the server. What cannot be delivered is kept in the browser, also
 * when the page is closed, and sent again: creating is idempotent, so twice does no harm.
 */
class Outbox {
	waiting = $state<Waiting[]>(stored());

	/** Records of one kind that are not on the server yet. */
	of<K extends Kind>(kind: K): (RecordKinds[K] & { id: string })[] {
		return this.waiting
			.filter((item) => item.kind === kind)
			.map((item) => ({ ...(item.record as RecordKinds[K]), id: item.id }));
	}

	async send<K extends Kind>(
		kind: K,
		record: RecordKinds[K],
		id: string = uuid()
	): Promise<Sent<RecordKinds[K]>> {
		this.keep({ kind, id, record } as Waiting);
		const written = await create(kind, id, record);
		if (written.result === 'unreachable') return { result: 'kept' };
		if (written.result === 'saved') {
			// The page's own records must hold it before it leaves the outbox, so that it never blinks.
			await refresh();
			this.forget(id);
			return { result: 'saved', record };
		}
		const issues = written.result === 'invalid' ? written.issues : [];
		const next = renumbered(kind, record, issues);
		if (next) return this.send(kind, next, id);
		const problem = issues.map((issue) => `${issue.path}: ${issue.message}`).join(', ') || 'not accepted';
		this.keep({ kind, id, record, problem } as Waiting);
		return { result: 'refused', problem };
	}

	/** Tries everything again, oldest first; stops where the server cannot be reached. */
	async sendAll(): Promise<void> {
		for (const { kind, record, id } of [...this.waiting]) {
			const sent = await this.send(kind, record, id);
			if (sent.result === 'kept') return;
		}
	}

	forget(id: string): void {
		this.waiting = this.waiting.filter((item) => item.id !== id);
		this.remember();
	}

	private keep(item: Waiting): void {
		this.waiting = [...this.waiting.filter((other) => other.id !== item.id), item];
		this.remember();
	}

	private remember(): void {
		if (browser) localStorage.setItem(STORAGE_KEY, JSON.stringify(this.waiting));
	}
}

export const outbox = new Outbox();
