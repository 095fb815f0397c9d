import { WHOSE } from '$contract/whose';

/**
 * Whose records this page is about, where several people sign in in one browser: what one of them left here is neither
 * shown to another, nor sent as theirs.
 */

/** Who was here first: their things stand where they always did. */
const FIRST = 'just-enough-first';

/** Where the things of somebody stand apart from those of who was here first. */
function spaceOf(person: string): string {
	try {
		if (person && (localStorage[FIRST] ??= person) !== person) return `@${person}`;
	} catch {
		// A browser that keeps nothing keeps nothing of others.
	}
	return '';
}

/** Whom the browser was signed in as when the page was opened: another may sign in beside it. Empty where there is one person's records only. */
const person = globalThis.document?.cookie?.split(`${WHOSE}=`)[1]?.split(';')[0] ?? '';

/** Goes with the names of all that is kept in the browser. */
export const space: string = spaceOf(person);

/** Goes with what is sent: whoever else is signed in by then does not get it. */
export const forWhom: Readonly<Record<string, string>> = person ? { [WHOSE]: person } : {};
