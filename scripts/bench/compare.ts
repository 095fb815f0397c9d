import { compare, type Way } from '../../src/core/compare';
import { planYear, sunOf, typicalSkies } from '../../src/core/plan';
import { foldingInstant } from '../../tests/fixtures/automatic';
import { filmOf } from '../../tests/fixtures/bag';
import { grey } from '../../tests/fixtures/replayed';

/** Six ways over a year at a place, beside the year of one pair. */

const place = { latitude: 54.62, longitude: -4.21 };
const year = { place, year: 2026, sky: typicalSkies(place.latitude), subject: 'facing' as const };

/** Milliseconds of the fastest of a few rounds. */
function fastest(rounds: number, work: () => unknown): number {
	const times = Array.from({ length: rounds }, () => {
		const begun = performance.now();
		work();
		return performance.now() - begun;
	});
	return Math.min(...times);
}

export function measureCompare() {
	const camera = foldingInstant();
	const film = filmOf('instant', 640);
	const cost = { once: 0, frame: 2 };
	const asItIs: Way = { name: 'as it is', camera, film, cost };
	const ways: Way[] = [
		asItIs,
		...[1, 2, 3].map((stops) => ({ ...asItIs, name: `ND ${stops}`, filters: [grey(stops)] })),
		{ ...asItIs, name: 'slower', film: filmOf('instant', 160) },
		{ ...asItIs, name: 'wheel in the middle', compensation: 0 }
	];
	sunOf(year);
	const one = fastest(3, () => planYear({ camera, film, ...year }, sunOf(year)));
	const all = fastest(3, () => compare(ways, { year }));
	return { ways: ways.length, one, all };
}
