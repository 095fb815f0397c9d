import { schools, type Light } from '../light';

/** A way of reading light; of shadows, by the school that they are read by. */
export type ReadingKey =
	| 'meter'
	| 'spots'
	| 'photo'
	| 'sun'
	| 'lamp'
	| 'place'
	| 'eye'
	| 'click'
	| 'number'
	| `shadows ${keyof typeof schools}`;

/** Every way of reading, as it is named in a question. */
export const readingKeys: readonly ReadingKey[] = [
	...(['meter', 'spots', 'photo', 'sun', 'lamp', 'place', 'eye', 'click', 'number'] as const),
	...(Object.keys(schools) as (keyof typeof schools)[]).map((school) => `shadows ${school}` as const)
];

function keyOfReading(light: Light): ReadingKey | null {
	if (!('method' in light)) return 'number';
	if (light.method === 'combined') return null;
	return light.method === 'shadows' ? `shadows ${light.school}` : light.method;
}

/** One of several readings of a frame's light. */
export interface RivalReading {
	key: ReadingKey;
	light: Light;
}

/**
 * The readings that a frame's light was averaged of: what each school, and each instrument, said of it.
 *
 * @returns by way, the last of each; nothing where there was only one reading
 * @example rivalReadings({ method: 'combined', readings: [{ ev: 12 }, { ev: 13 }] }) // [{ key: 'number', light: { ev: 13 } }]
 */
export function rivalReadings(light: Light): RivalReading[] {
	if (!('method' in light) || light.method !== 'combined') return [];
	const byKey = new Map(
		light.readings.flatMap((each): [ReadingKey, Light][] => {
			const key = keyOfReading(each);
			return key ? [[key, each]] : [];
		})
	);
	return [...byKey].map(([key, each]) => ({ key, light: each }));
}
