import { number, object, string } from 'yup';
import { MOST_ITEMS } from './lists';
import type { OwnedPicture } from './pictures';
import type { RecordKind, Records, Stored } from './records';

/** All that changes: records, and which pictures there are. */
export type ChangedKind = RecordKind | 'pictures';

/** What stands behind a kind of change; a picture stays as it is as long as it is there. */
type Changed<K extends ChangedKind> = (K extends RecordKind ? Records[K] : OwnedPicture) & Stored;

type ChangeOf<K extends ChangedKind> = { seq: number; kind: K; id: string } & (
	{ record: Changed<K> } | { deleted: true }
);

/** A record as it was changed last, or that it was deleted. */
export type Change = { [K in ChangedKind]: ChangeOf<K> }[ChangedKind];

/** What changed since, in the order in which it did. */
export interface Changes {
	/** Whose numbers they are: where that is another, all is to be asked for anew. */
	of: string;
	changes: Change[];
	/** What `since` takes for what changes from now on. */
	next: number;
	/** The number of the last change that there is now. */
	last: number;
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
