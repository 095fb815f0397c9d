import type { Camera, Filter } from '../../src/core/camera';
import type { Film, FilmType } from '../../src/core/film';
import { bestOutcome, match, type Bag } from '../../src/core/match';
import { percentile } from './drag';

/** A full match with everything that a large bag could do, next to the outcomes that it has to work out at least. */

const camera: Camera = {
	name: 'Twin-lens',
	frame: { width: 62, height: 46 },
	focalLength: 60,
	focus: { kind: 'continuous', nearest: 0.5 },
	aperture: { kind: 'stops', f: [5.6, 8, 11, 16, 22] },
	shutter: { kind: 'range', fastest: 1 / 500, slowest: 1 },
	exposure: {
		mode: 'auto',
		sets: 'time',
		iso: [800],
		compensation: { darken: -2, lighten: 1 + 2 / 3, step: 1 / 3 }
	}
};

const filters: Filter[] = Array.from({ length: 12 }, (_, index) => ({
	name: `ND ${index}`,
	stops: (index + 1) / 2
}));
const types: FilmType[] = ['instant', 'colour-negative', 'bw-negative', 'reversal'];
const films: Film[] = Array.from({ length: 12 }, (_, index) => ({
	name: `Film ${index}`,
	type: types[index % types.length],
	iso: 25 * 2 ** (index / 2)
}));
const bag: Bag = { filters, films, tripod: true, flash: { guideNumber: 14, powers: [1, 1 / 4] } };
const film: Film = { name: 'Loaded', type: 'instant', iso: 3200 };

const ROUNDS = 40;

function medianOf(work: () => unknown): number {
	const times = Array.from({ length: ROUNDS }, () => {
		const before = performance.now();
		work();
		return performance.now() - before;
	});
	return percentile(times.slice(ROUNDS / 2), 0.5);
}

/**
 * In a light in which no setting runs into a limit, so that all sixty differ: milliseconds of a match with
 * remedies, of one outcome, and how many outcomes single changes alone need.
 */
export function measureRemedies() {
	const light = { ev: 8, sd: 0.5 };
	const { settings, remedies } = match(camera, film, light, bag);
	const whole = medianOf(() => match(camera, film, light, bag));
	const one = medianOf(() => bestOutcome(camera, film, light)) / settings.length;
	const singles = 1 + filters.length + films.length + 3;
	return {
		settings: settings.length,
		remedies: remedies.length,
		whole,
		one,
		least: singles * settings.length
	};
}
