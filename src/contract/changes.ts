import { number, object, string } from 'yup';
import { MOST_ITEMS } from './lists';
import type { RecordKind, Stored } from './records';

/** A record as it was changed last, or that it was deleted. */
export type Change = { seq: number; kind: RecordKind; id: string } & (
	{ record: object & Stored } | { deleted: true }
);

/** What changed since, in the order in which it did. */
export interface Changes {
	/** Whose numbers they are: where that is another, all is to be asked for anew. */
	of: string;
	changes: Change[];
	/** What `since` takes for what changes from now on. */
	next: number;
}

/** How changes are asked for. */
export interface ChangesAsked {
	/** `next` of an answer before; absent: from the beginning. */
	since?: number;
	/** `of` of that answer. */
	of?: string;
	limit?: number;
}

export const USUAL_CHANGES = 500;

export const changesSchema = object({
	since: number().integer().min(0),
	of: string().max(64),
	limit: number().integer().min(1).max(MOST_ITEMS)
});
