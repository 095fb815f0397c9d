import { v4 as uuid } from 'uuid';
import type { CameraRecord, FilmRecord } from '$contract/records';
import { create, keptInWords, remove, replace, type Kept } from '$lib/records/client';
import { refresh } from '$lib/records/refresh';

/** A camera or a film of the bag. */
export type Item =
	{ kind: 'cameras'; record: Kept<CameraRecord> } | { kind: 'films'; record: Kept<FilmRecord> };

type Step = () => Promise<void>;

const UNREACHABLE = 'Not saved: the server isn’t answering. Nothing was changed.';
const MOST_OF_NAME = 72;

const write = ({ kind, record }: Item) =>
	kind === 'cameras' ? replace(kind, record) : replace(kind, record as Kept<FilmRecord>);
const add = (kind: Item['kind'], record: CameraRecord | FilmRecord) =>
	kind === 'cameras'
		? create(kind, uuid(), record as CameraRecord)
		: create(kind, uuid(), record as FilmRecord);

/** A record without what the server gave it. */
function plain({ record }: Item): CameraRecord | FilmRecord {
	const { id, version, ...rest } = $state.snapshot(record);
	return rest as CameraRecord | FilmRecord;
}

/** Archiving, duplicating and deleting, each with its way back. */
export class BagActions {
	message = $state('');
	undo = $state.raw<Step | null>(null);
	/** What can be done instead of what was refused. */
	instead = $state.raw<Step | null>(null);

	/** Says what became of it once the page shows it. */
	async #say(message: string, undo: Step | null = null, instead: Step | null = null): Promise<void> {
		await refresh();
		[this.message, this.undo, this.instead] = [message, undo, instead];
	}

	/** The server isn’t answering: nothing is asked of it again. */
	#fail(): void {
		[this.message, this.undo, this.instead] = [UNREACHABLE, null, null];
	}

	async archive(item: Item, to: boolean): Promise<void> {
		const { name } = item.record;
		const written = await write({ ...item, record: { ...item.record, archived: to } } as Item);
		if (written.result === 'saved') {
			const back = () => this.archive({ kind: item.kind, record: written.record } as Item, !to);
			await this.#say(to ? `${name} is archived.` : `${name} is back in the bag.`, back);
		} else if (written.result === 'stale') {
			await this.#say(
				`${name} was changed elsewhere; here is the newer version. Try again if you still want to.`
			);
		} else this.#fail();
	}

	async duplicate(item: Item): Promise<void> {
		const name = `${item.record.name.slice(0, MOST_OF_NAME)}, copy`;
		const written = await add(item.kind, { ...plain(item), name });
		if (written.result === 'saved') {
			const copy = { kind: item.kind, record: written.record } as Item;
			await this.#say(`${name} is in the bag.`, () => this.erase(copy));
		} else this.#fail();
	}

	/** Deletes for good what nothing refers to; what was shot with is archived instead. */
	async erase(item: Item): Promise<void> {
		const { name } = item.record;
		const removed = await remove(item.kind, item.record);
		if (removed.result === 'saved') await this.#say(`${name} is deleted.`, () => this.#bringBack(item));
		else if (removed.result === 'refused') {
			const archive = () => this.archive(item, true);
			await this.#say(
				`${name} has been loaded or measured, so it can’t be deleted. Archive it instead.`,
				null,
				archive
			);
		} else if (removed.result === 'stale') await this.#say(keptInWords(removed));
		else this.#fail();
	}

	async #bringBack(item: Item): Promise<void> {
		const back = await add(item.kind, plain(item));
		if (back.result === 'saved') await this.#say(`${item.record.name} is back in the bag.`);
		else this.#fail();
	}
}
