/** A town, and where it lies. */
export interface Town {
	/** With the code of its country. */
	name: string;
	/** Degrees, + north. */
	latitude: number;
	/** Degrees, + east. */
	longitude: number;
}

/** A town with its name as it is compared. */
export type KeyedTown = Town & { key: string };

/** Towns that are found at once: what a screen shows. */
const MOST_FOUND = 8;

/** Letters without their marks, so that people find places without typing them. */
const plain = (text: string) =>
	text
		.normalize('NFD')
		.replace(/\p{Diacritic}/gu, '')
		.toLowerCase();

/** Towns as they are searched: made once, for it takes a while. */
export const keyed = (towns: readonly Town[]): KeyedTown[] =>
	towns.map((town) => ({ ...town, key: plain(town.name) }));

/**
 * Towns whose names begin with a text, in the order in which they are given.
 *
 * @param most how many at most
 * @example findTowns(keyed([{ name: 'Élan, XX', latitude: 1, longitude: 2 }]), 'el', 8)[0].name // 'Élan, XX'
 */
export function findTowns(towns: readonly KeyedTown[], text: string, most: number = MOST_FOUND): Town[] {
	const wanted = plain(text.trim());
	const found: Town[] = [];
	for (const { key, ...town } of towns) {
		if (!key.startsWith(wanted)) continue;
		found.push(town);
		if (found.length === most) break;
	}
	return found;
}
