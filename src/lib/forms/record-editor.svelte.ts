import type { AnySchema } from 'yup';
import { v4 as uuid } from 'uuid';
import type { Records, Stored } from '$contract/records';
import { create, replace, type Kept, type Kind, type Written } from '$lib/records/client';
import { FormState } from './form-state.svelte';

const UNSAVED = 0;

function apart<T extends object>({ id, version, ...record }: T & Stored): { record: T; stamp: Stored } {
	return { record: record as unknown as T, stamp: { id, version } };
}

/**
 * Editing one record: its form, saving it, and what to do where it was changed elsewhere. What is
 * typed stays whatever happens.
 */
export class RecordEditor<K extends Kind> {
	form: FormState<Records[K]>;
	busy = $state(false);
	/** Why the last try did not succeed, in words. */
	message = $state('');
	/** The record as it is on the server now, where it was changed elsewhere. */
	theirs = $state<Kept<Records[K]> | null>(null);
	/** Counts the times the whole draft was replaced, so that typed texts follow. */
	generation = $state(0);
	#kind: K;
	#stamp: Stored;

	constructor(kind: K, schema: AnySchema, stored: Kept<Records[K]> | null, blank: Records[K]) {
		this.#kind = kind;
		const begun = stored
			? apart<Records[K]>(stored)
			: { record: blank, stamp: { id: uuid(), version: UNSAVED } };
		this.#stamp = begun.stamp;
		this.form = new FormState(schema, begun.record);
	}

	set(fields: Partial<Records[K]>): void {
		this.form.draft = { ...this.form.draft, ...fields };
	}

	/** Begins again from another draft. */
	begin(record: Records[K]): void {
		this.form.draft = record;
		this.generation += 1;
	}

	/** Saves what is typed, if it is right; otherwise says why not. */
	async save(): Promise<Kept<Records[K]> | undefined> {
		const record = this.form.submit();
		if (!record) return undefined;
		this.busy = true;
		this.message = '';
		const written = await this.#write(record);
		this.busy = false;
		if (written.result === 'saved') return written.record;
		if (written.result === 'invalid') this.form.refuse(written.issues);
		if (written.result === 'stale') this.theirs = written.current;
		if (written.result === 'refused') this.message = written.message;
		if (written.result === 'unreachable') {
			this.message = 'Not saved: the server isn’t answering. What you typed is kept here; try again.';
		}
		return undefined;
	}

	/** Saves what is typed over the version that was stored meanwhile. */
	saveMine(): Promise<Kept<Records[K]> | undefined> {
		if (this.theirs) this.#stamp = { ...this.#stamp, version: this.theirs.version };
		this.theirs = null;
		return this.save();
	}

	/** Gives up what was typed for the version that was stored meanwhile. */
	takeTheirs(): void {
		if (!this.theirs) return;
		const { record, stamp } = apart<Records[K]>($state.snapshot(this.theirs) as Kept<Records[K]>);
		this.#stamp = stamp;
		this.theirs = null;
		this.begin(record);
	}

	#write(record: Records[K]): Promise<Written<Records[K]>> {
		const { id, version } = this.#stamp;
		return version === UNSAVED
			? create(this.#kind, id, record)
			: replace(this.#kind, { ...record, id, version } as Kept<Records[K]>);
	}
}
