import { join } from 'node:path';
import { isId } from '../ids';
import { rootFolder } from '../store';
import { book } from './books';
import type { Entrant } from './book';
import { entrance } from './entrance';

const PEOPLE = 'people';

/** Where the records of a person lie: the owner's where they always were, those of others in folders of their own. */
export function folderOf(person: string): string {
	if (person === book().owner()) return rootFolder();
	// Ids are made here; nothing else becomes part of a path.
	if (!isId(person)) throw new Error('This isn’t a person’s id.');
	return join(rootFolder(), PEOPLE, person);
}

/** Whose records a request works on, by their folder; null where it has none. */
export function recordsFor(entrant: Entrant | null): string | null {
	if (!entrance().people) return rootFolder();
	return entrant && folderOf(entrant.person);
}
