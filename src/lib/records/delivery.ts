import type { Records } from '$contract/records';
import type { Issue } from '$contract/validate';
import type { Kept, Kind, Written } from './api';
import type { Pending, Waiting } from './pending';

export type Sent<T> =
	{ result: 'saved'; record: Kept<T> } | { result: 'kept' } | { result: 'refused'; problem: string };

/** How a record is sent, and how it is seen to that only one page sends at a time. */
export interface Way {
	create: <K extends Kind>(kind: K, id: string, record: Records[K]) => Promise<Written<Records[K]>>;
	alone: <T>(work: () => Promise<T>) => Promise<T>;
}

/** Numbers tried for a frame whose own is taken, at most: other pages log one frame at a time. */
const MOST_NUMBERS = 50;

/** A frame whose number another page took meanwhile takes the next one. */
function renumbered({ kind, record }: Waiting, issues: readonly Issue[]): Waiting['record'] | undefined {
	const taken = kind === 'frames' && issues.length > 0 && issues.every((issue) => issue.path === 'number');
	return taken ? { ...record, number: record.number + 1 } : undefined;
}

/** What waited, as it was saved: its number may be another. */
export function arrived(
	item: Waiting,
	{ id: _, version: _version, ...record }: Kept<Waiting['record']>
): Waiting {
	return { ...item, record } as Waiting;
}

/** Sends what waits, one after the other, and takes out what was acknowledged. */
export class Delivery {
	#pending: Pending;
	#way: Way;

	constructor(pending: Pending, way: Way) {
		this.#pending = pending;
		this.#way = way;
	}

	/** Sends one record; what is not acknowledged goes on waiting. */
	async send(item: Waiting): Promise<Sent<Waiting['record']>> {
		return (await this.#way.alone(() => this.#tried(item))).sent;
	}

	/**
	 * Sends everything again, oldest first. Where nothing answers, the rest waits; a record that the server
	 * has trouble with does not hold up those behind it.
	 *
	 * @param refused whether to send those again, too, that the server would not have
	 * @returns the records that were saved
	 */
	async sendAll(refused: boolean): Promise<Waiting[]> {
		const saved: Waiting[] = [];
		for (const item of this.#pending.all()) {
			if (item.problem && !refused) continue;
			const { sent, answered } = await this.#way.alone(() => this.#tried(item));
			if (sent.result === 'saved') saved.push(arrived(item, sent.record));
			if (!answered) break;
		}
		return saved;
	}

	async #tried(item: Waiting): Promise<{ sent: Sent<Waiting['record']>; answered: boolean }> {
		let { record } = item;
		for (let number = 0; number < MOST_NUMBERS; number++) {
			// Another page may have sent it meanwhile, and its record may be deleted by now.
			if (!this.#pending.has(item.id)) return { sent: { result: 'kept' }, answered: true };
			const written = await this.#way.create(item.kind, item.id, record as never);
			if (written.result === 'saved') {
				this.#pending.drop(item.id);
				return { sent: { result: 'saved', record: written.record as never }, answered: true };
			}
			if (written.result === 'unreachable') {
				return { sent: { result: 'kept' }, answered: written.answered };
			}
			const issues = written.result === 'invalid' ? written.issues : [];
			const next = renumbered({ ...item, record } as Waiting, issues);
			if (!next) return { sent: this.#refused(item, record, issues, written), answered: true };
			record = next;
			this.#pending.put({ ...item, record } as Waiting);
		}
		return {
			sent: this.#refused(item, record, [{ path: 'number', message: 'no number is free' }]),
			answered: true
		};
	}

	#refused(
		item: Waiting,
		record: Waiting['record'],
		issues: readonly Issue[],
		written?: Written<unknown>
	): Sent<Waiting['record']> {
		const said = issues.map(({ path, message }) => `${path}: ${message}`).join(', ');
		const problem = said || (written?.result === 'refused' ? written.message : 'not accepted');
		this.#pending.put({ ...item, record, problem } as Waiting);
		return { result: 'refused', problem };
	}
}
