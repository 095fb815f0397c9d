/**
 * A sentence's beginning: its first letter large.
 *
 * @param text of one letter or more
 * @example capital('about 9 in 10') // 'About 9 in 10'
 */
export const capital = (text: string): string => `${text[0].toUpperCase()}${text.slice(1)}`;
