/** What is not put away. */
export const inUse = <R extends { archived?: boolean }>(records: R[]): R[] =>
	records.filter(({ archived }) => !archived);
