/**
 * What the grammar of the language asks for: which form goes with a number, and how a list is joined. Sentences ask here, so
 * that another language brings its own rules.
 */

/** British order of a list: no comma before the last. */
export const LANGUAGE = 'en-GB';

const plurals = new Intl.PluralRules(LANGUAGE);
const all = new Intl.ListFormat(LANGUAGE, { type: 'conjunction' });
const any = new Intl.ListFormat(LANGUAGE, { type: 'disjunction' });

/**
 * A number with what is counted.
 *
 * @param one the form for one
 * @param other the form for more and none; # stands for the number
 * @example counted(3, 'one frame', '# frames') // '3 frames'
 */
export const counted = (count: number, one: string, other: string): string =>
	(plurals.select(count) === 'one' ? one : other).replace('#', String(count));

/**
 * All of a list.
 *
 * @example listed(['a lens', 'a filter', 'a flash']) // 'a lens, a filter and a flash'
 */
export const listed = (parts: readonly string[]): string => all.format(parts);

/**
 * Any of a list.
 *
 * @example anyOf(['f/8', 'f/11']) // 'f/8 or f/11'
 */
export const anyOf = (parts: readonly string[]): string => any.format(parts);
