import { stopsOfDensity } from '../units';
import type { Filter } from './types';

/** Densities in which neutral filters are sold; common practice. */
const DENSITIES = [0.3, 0.6, 0.9, 1.2, 1.5, 1.8, 2.4, 3];

const neutral = (density: number): Filter => ({
	name: `ND ${density.toFixed(1)}`,
	stops: Number(stopsOfDensity(density).toFixed(2)),
	kind: 'neutral'
});

/** Filters to start from. Factors of contrast filters: common practice; mireds and their cost: published tables, from memory. */
export const filterKinds: readonly Filter[] = [
	...DENSITIES.map(neutral),
	{ name: 'Yellow', stops: 1, kind: 'contrast' },
	{ name: 'Orange', stops: 5 / 3, kind: 'contrast' },
	{ name: 'Red', stops: 3, kind: 'contrast' },
	{ name: 'Green', stops: 2, kind: 'contrast' },
	{ name: 'Blue, lamplight on daylight film', stops: 2, kind: 'conversion', mired: -131 },
	{ name: 'Amber, daylight on lamplight film', stops: 2 / 3, kind: 'conversion', mired: 112 },
	{ name: 'Warming, for shade', stops: 1 / 3, kind: 'conversion', mired: 27 }
];
