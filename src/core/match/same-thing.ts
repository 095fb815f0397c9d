/** What is told apart by the record that it is, or is a copy of; without one, by its name. */
export interface Thing {
	id?: string;
	name: string;
}

/**
 * Whether two things are one and the same.
 *
 * @example isSameThing({ id: 'a', name: 'ND 2' }, { id: 'a', name: 'ND 0.6' }) // true
 */
export const isSameThing = (a: Thing, b: Thing): boolean =>
	a.id !== undefined && b.id !== undefined ? a.id === b.id : a.name === b.name;

/** The id of a thing, where it has one. */
export const idOf = ({ id }: Thing): { id?: string } => (id === undefined ? {} : { id });
