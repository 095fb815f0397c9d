import type { Condition } from './pages';

/** How words that are looked for are found in what can be said of frames. */

/** Parts of words are kept by threes of letters: shorter ones are looked for as whole words, or letter by letter. */
const PART = 3;
/** Scripts whose words have spaces between them. */
const SPACED = /^[\p{Script=Latin}\p{Script=Greek}\p{Script=Cyrillic}\p{N}\p{M}]+$/u;
/** More words than this narrow nothing further that a person looks for. */
const MOST_WORDS = 12;
const EDGES = /^[^\p{L}\p{N}]+|[^\p{L}\p{N}\p{M}]+$/gu;

const quoted = (text: string) => `"${text.replaceAll('"', '""')}"`;
const inIndex = (index: string) => `SELECT rowid FROM ${index} WHERE ${index} MATCH ?`;

/** Letters as they are kept by threes: without the marks that SQLite takes off. */
const lettersIn = (term: string) => [...term.normalize('NFC').replace(/[\u0300-\u0331]/g, '')].length;

function conditionFor(term: string): Condition {
	if (/^\d+$/.test(term)) return { sql: inIndex('words_of_frames'), value: quoted(term) };
	if (lettersIn(term) >= PART) return { sql: inIndex('parts_of_words'), value: quoted(term) };
	if (SPACED.test(term)) return { sql: inIndex('words_of_frames'), value: `${quoted(term)} *` };
	return {
		sql: `SELECT n FROM frame_words WHERE words LIKE ? ESCAPE '!'`,
		value: `%${term.replace(/[%_!]/g, '!$&')}%`
	};
}

/**
 * What picks the frames of which all words are said, whatever their marks and capitals: numbers as a whole, two letters
 * as the beginning of a word, more of them anywhere.
 *
 * @param q as it was typed
 * @returns conditions on `frames.id`, each with one value; none for what has no letter and no number
 */
export function conditionsFor(q: string): Condition[] {
	return q
		.split(/\s+/)
		.map((term) => term.replace(EDGES, ''))
		.filter((term) => term !== '')
		.slice(0, MOST_WORDS)
		.map(conditionFor)
		.map(({ sql, value }) => ({
			sql: `frames.id IN (SELECT frame_id FROM frame_words WHERE n IN (${sql}))`,
			value
		}));
}
