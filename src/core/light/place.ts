import type { PlaceReading, WayOfReading } from './types';

/** A kind of artificial or night light. */
export interface PlaceKind {
	id: string;
	words: string;
	/** EV at ISO 100, from its dim to its bright end. */
	range: [from: number, to: number];
	/** Colour, K, where it is usual. */
	kelvin?: number;
}

/** Source: ANSI PH2.7 artificial-light tables (from memory); colours are common practice. */
export const placeKinds: readonly PlaceKind[] = [
	{ id: 'home-interior', words: 'At home in the evening', range: [5, 7], kelvin: 2800 },
	{ id: 'office', words: 'Office or work room', range: [7, 8], kelvin: 4000 },
	{ id: 'gallery', words: 'Gallery or museum', range: [8, 11], kelvin: 3200 },
	{ id: 'stage', words: 'Stage, lit', range: [8, 9], kelvin: 3200 },
	{ id: 'floodlit-sport', words: 'Sports ground under floodlights', range: [9, 9], kelvin: 4200 },
	{ id: 'fairground', words: 'Fairground', range: [7, 7], kelvin: 3000 },
	{ id: 'shop-window', words: 'Shop window at night', range: [7, 8], kelvin: 3200 },
	{ id: 'bright-street', words: 'Bright street at night', range: [8, 8], kelvin: 3000 },
	{ id: 'bright-neon', words: 'Bright neon sign', range: [9, 10] },
	{ id: 'night-traffic', words: 'Traffic at night', range: [5, 5] },
	{ id: 'floodlit-building', words: 'Floodlit building', range: [3, 5], kelvin: 3000 },
	{ id: 'christmas-lights', words: 'Strings of small lights', range: [4, 5], kelvin: 2700 },
	{ id: 'distant-skyline', words: 'Lit skyline, far away', range: [2, 2] },
	{ id: 'full-moon', words: 'Landscape under a full moon', range: [-3, -2], kelvin: 4100 },
	{ id: 'sky-before-sunset', words: 'The sky toward the sunset, just before', range: [12, 14] },
	{ id: 'sky-at-sunset', words: 'The sky toward the sunset', range: [12, 12] },
	{ id: 'sky-after-sunset', words: 'The sky toward the sunset, just after', range: [9, 11] }
];

const LEAST_SD = 1;

/**
 * The kind of place with an id.
 *
 * @throws RangeError when there is none
 */
export function placeKind(id: string): PlaceKind {
	const found = placeKinds.find((kind) => kind.id === id);
	if (!found) throw new RangeError(`no place is called ${id}`);
	return found;
}

/**
 * Reading light by the kind of place: the middle of its range, in doubt by the larger of a stop and
 * half of the range.
 *
 * @example place.read({ method: 'place', place: 'home-interior' }) // { ev: 6, sd: 1, kelvin: 2800 }
 */
export const place: WayOfReading<PlaceReading> = {
	read(reading) {
		const { range, kelvin } = placeKind(reading.place);
		const read = { ev: (range[0] + range[1]) / 2, sd: Math.max(LEAST_SD, (range[1] - range[0]) / 2) };
		return kelvin === undefined ? read : { ...read, kelvin };
	},
	note: (reading) => `usual for ${placeKind(reading.place).words.toLowerCase()}`
};
