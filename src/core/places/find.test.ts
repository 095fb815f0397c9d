import { describe, expect, it } from 'vitest';
import { findTowns, keyed } from '.';

const towns = keyed([
	{ name: 'Élanville, XX', latitude: 1, longitude: 2 },
	{ name: 'Elmstrand, YY', latitude: -3, longitude: 4 },
	{ name: 'Ost, XX', latitude: 5, longitude: 6 }
]);

describe('towns by name', () => {
	it('are found by how they begin, without case and marks, in their order, as they were given', () => {
		expect(findTowns(towns, ' EL', 8).map(({ name }) => name)).toEqual(['Élanville, XX', 'Elmstrand, YY']);
		expect(findTowns(towns, 'él', 1)).toEqual([{ name: 'Élanville, XX', latitude: 1, longitude: 2 }]);
		expect(findTowns(towns, 'strand', 8)).toEqual([]);
	});
});
