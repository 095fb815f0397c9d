import isEqual from 'fast-deep-equal';
import type { Records } from '$contract/records';
import { merge } from '$replica/merge';
import type { keepInOrder, Kept, Kind, Written } from './api';
import type { Pending, Waiting } from './pending';

export type Sent<T> =
	{ result: 'saved'; record: Kept<T> } | { result: 'kept' } | { result: 'refused'; problem: string };

/** How a record is sent, and how it is seen to that only one page sends at a time. */
export interface Way {
	create: <K extends Kind>(kind: K, id: string, record: Records[K]) => Promise<Written<Records[K]>>;
	replace: <K extends Kind>(kind: K, record: Kept<Records[K]>) => Promise<Written<Records[K]>>;
	/** Keeps frames of which others were given the numbers meanwhile. */
	keepInOrder: typeof keepInOrder;
	alone: <T>(work: () => Promise<T>) => Promise<T>;
}

/** Frames that are sent together at most: more than are logged in most loads, and less than a request may hold. */
const MOST_TOGETHER = 60;

type AnyKept = Kept<Waiting['record']>;
type Frames = Extract<Waiting, { kind: 'frames' }>;

/** Whether all that is wrong with a frame is that another one has its number. */
const isTaken = ({ kind }: Waiting, written: Written<unknown>) =>
	kind === 'frames' &&
	written.result === 'invalid' &&
	written.issues.length > 0 &&
	written.issues.every(({ path }) => path === 'number');

/** What waited, as it was saved: its number may be another. */
export function arrived(
	item: Waiting,
	{ id: _, version: _version, ...record }: Kept<Waiting['record']>
): Waiting {
	return { ...item, record } as Waiting;
}

/** What came of sending one: with it, others may have been saved. */
interface Tried {
	sent: Sent<Waiting['record']>;
	/** Whether a server said anything. */
	answered: boolean;
	along?: Waiting[];
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
			const { sent, answered, along } = await this.#way.alone(() => this.#tried(item));
			if (along) saved.push(...along);
			else if (sent.result === 'saved') saved.push(arrived(item, sent.record));
			if (!answered) break;
		}
		return saved;
	}

	async #tried(item: Waiting): Promise<Tried> {
		// Another page may have sent it meanwhile, and its record may be deleted by now.
		if (!this.#pending.has(item.id)) return { sent: { result: 'kept' }, answered: true };
		const written = await this.#way.create(item.kind, item.id, item.record as never);
		if (isTaken(item, written)) return this.#inOrder(item as Frames);
		if (written.result === 'stale') return this.#there(item, written.current as AnyKept);
		return this.#taken(item, written as Written<Waiting['record']>);
	}

	/** Nobody else gives its id: it arrived before, its answer lost, and was changed there since. */
	async #there(item: Waiting, current: AnyKept): Promise<Tried> {
		const { id, before = item.record } = item;
		const [base, mine] = [before, item.record].map((record) => ({ ...record, id, version: 0 }));
		const { record, both } = merge(base, mine, current);
		if (both.length > 0) return { sent: this.#refused(item, { result: 'stale', current }), answered: true };
		if (isEqual(record, current)) return this.#taken(item, { result: 'saved', record: current });
		const written = await this.#way.replace(item.kind, record as never);
		return this.#taken(item, written as Written<Waiting['record']>);
	}

	#taken(item: Waiting, written: Written<Waiting['record']>): Tried {
		if (written.result === 'saved') {
			this.#pending.drop(item.id);
			return { sent: { result: 'saved', record: written.record }, answered: true };
		}
		if (written.result === 'unreachable') return { sent: { result: 'kept' }, answered: written.answered };
		return { sent: this.#refused(item, written), answered: true };
	}

	/** A frame that met another one of its number comes with all that wait of its load: together they have an order. */
	async #inOrder(item: Frames): Promise<Tried> {
		const others = this.#pending
			.all()
			.filter((other) => other.kind === 'frames' && other.record.loadId === item.record.loadId)
			.filter(({ id, problem }) => id !== item.id && !problem) as Frames[];
		return this.#together(item, [item, ...others].slice(0, MOST_TOGETHER));
	}

	async #together(item: Frames, together: Frames[]): Promise<Tried> {
		const written = await this.#way.keepInOrder(together.map(({ id, record }) => ({ ...record, id })));
		if (written.result !== 'saved') {
			// One of the others may be what is not taken: it must not hold this one up.
			if (together.length > 1 && written.result !== 'unreachable') return this.#together(item, [item]);
			return this.#taken(item, written as Written<never>);
		}
		const along = together.flatMap((each): Waiting[] => {
			const record = written.record.find(({ id }) => id === each.id);
			if (!record) return [];
			this.#pending.drop(each.id);
			return [arrived(each, record)];
		});
		const record = written.record.find(({ id }) => id === item.id);
		if (!record) return { sent: { result: 'kept' }, answered: true };
		return { sent: { result: 'saved', record }, answered: true, along };
	}

	#refused(
		item: Waiting,
		written: Exclude<Written<unknown>, { result: 'saved' | 'unreachable' }>
	): Sent<Waiting['record']> {
		const issues = written.result === 'invalid' ? written.issues : [];
		const said = issues.map(({ path, message }) => `${path}: ${message}`).join(', ');
		const otherwise = written.result === 'stale' ? 'it was changed elsewhere, too' : 'not accepted';
		const problem = said || (written.result === 'refused' ? written.message : otherwise);
		this.#pending.put({ ...item, problem } as Waiting);
		return { result: 'refused', problem };
	}
}
