import type { WorkedOut } from './tasks';

/** What is worked out of records, kept: asked again, it is worked out anew only where what it is made of has changed. */
export class KeptWork<T> {
	private last: { of: object; writes: string; done: Promise<WorkedOut<T>> } | null = null;

	/**
	 * @param work works it out, or gives null where it would be made of what the signature says that is known
	 */
	constructor(private readonly work: (known: string | null) => Promise<WorkedOut<T> | null>) {}

	/**
	 * It as it is now.
	 *
	 * @param of the records' store: nothing that is known of one holds for another
	 * @param writes changes with each write that may matter
	 */
	async now(of: object, writes: string): Promise<T> {
		if (this.last?.of !== of || this.last.writes !== writes) {
			const before = this.last?.of === of ? this.last.done : Promise.resolve(null);
			this.last = { of, writes, done: this.after(before) };
		}
		const { last } = this;
		try {
			return (await last.done).value;
		} catch (error) {
			// What could not be worked out is tried again when it is asked for again.
			if (this.last === last) this.last = null;
			throw error;
		}
	}

	/** One after the other: what is known last is of what was asked last. */
	private async after(before: Promise<WorkedOut<T> | null>): Promise<WorkedOut<T>> {
		const known = await before.catch(() => null);
		return (await this.work(known?.signature ?? null)) ?? known!;
	}
}
