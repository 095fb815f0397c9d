/** A file's name without what file systems and headers do not like. */
export const plainName = (text: string, otherwise: string) =>
	text.replace(/[^\w -]+/g, '').trim() || otherwise;
