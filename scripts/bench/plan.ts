import { cameraKinds, filterKinds } from '../../src/core/camera';
import { filmKinds } from '../../src/core/film';
import { sunPosition } from '../../src/core/light';
import { quickMatch } from '../../src/core/match';
import { packingOf, planYear, sunYear, usesOf, type PackQuestion, type Scene } from '../../src/core/plan';

/** A year for eight pairs, and packing at the sizes that people have, next to what they need at least. */

const place = { latitude: 54.62, longitude: -4.21 };
const YEAR = 2026;
const STEP_MINUTES = 5;
const PAIRS = 8;

function fastestOf<T>(rounds: number, work: () => T): number {
	let fastest = Infinity;
	for (let round = 0; round < rounds; round++) {
		const before = performance.now();
		work();
		fastest = Math.min(fastest, performance.now() - before);
	}
	return fastest;
}

/** Keeps results alive, so that no work is optimised away. */
let sink = 0;

/** Milliseconds of the bare sun positions of a year, and of the year of eight pairs with them. */
export function measureYear() {
	const pairs = Array.from({ length: PAIRS }, (_, index) => {
		const { camera, film } = cameraKinds[index % cameraKinds.length];
		const kind = filmKinds.find((each) => each.film.type === film) ?? filmKinds[0];
		return { camera: { name: `Body ${index}`, ...camera }, film: { name: kind.name, ...kind.film } };
	});
	const start = Date.UTC(YEAR, 0, 1);
	const positions = (365 * 24 * 60) / STEP_MINUTES;
	const bare = fastestOf(5, () => {
		for (let index = 0; index < positions; index++)
			sink += sunPosition(start + index * STEP_MINUTES * 60_000, place.latitude, place.longitude).altitude;
	});
	const whole = fastestOf(5, () => {
		const sun = sunYear(place, YEAR, STEP_MINUTES);
		for (const pair of pairs)
			sink += planYear({ ...pair, place, year: YEAR, sky: 'partly', subject: 'facing' }, sun).months[5]
				.hours[12].usable;
	});
	return { positions, pairs: PAIRS, bare, whole, kept: sink };
}

const [CAMERAS, FILMS, FILTERS, SCENES] = [12, 20, 12, 20];

/** As many things and scenes as people have; scenes of all lights, some with wishes. */
export const largeBag = {
	cameras: Array.from({ length: CAMERAS }, (_, index) => {
		const { camera } = cameraKinds[index % cameraKinds.length];
		return { ...camera, name: `Body ${index}` };
	}),
	films: Array.from({ length: FILMS }, (_, index) => {
		const { film } = filmKinds[index % filmKinds.length];
		return { ...film, name: `Film ${index}` };
	}),
	filters: filterKinds
		.filter(({ kind }) => kind === 'neutral')
		.slice(0, FILTERS)
		.map((filter, index) => ({ ...filter, name: `Filter ${index}` })),
	scenes: Array.from({ length: SCENES }, (_, index): Omit<Scene, 'id'> => ({
		name: `Scene ${index}`,
		at: `${String(index + 2).padStart(2, '0')}:00`,
		light: { by: 'ev', ev: -1 + (index * 17) / SCENES, sd: 2 / 3 },
		frames: 2,
		...(index % 5 === 0 ? { on: 'instant' as const } : {}),
		...(index % 7 === 3 ? { intent: { seconds: [1, 10] as [number, number], handheld: false } } : {})
	}))
};

/** Milliseconds of packing, and of one plain match of each camera, film and scene. */
export function measurePacking() {
	const question: PackQuestion = {
		cameras: largeBag.cameras.map((camera) => ({ camera })),
		films: largeBag.films.map((film) => ({ film, frames: 10 })),
		filters: largeBag.filters,
		tripod: true,
		scenes: largeBag.scenes.map(({ name, light, frames, on, intent }) => ({
			name,
			light: light.by === 'ev' ? { ev: light.ev, sd: light.sd } : { ev: 8 },
			frames,
			on,
			intent
		}))
	};
	const bare = fastestOf(2, () => {
		for (const { light } of question.scenes)
			for (const { camera } of question.cameras)
				for (const { film } of question.films) sink += quickMatch(camera, film, light, {}).best.error;
	});
	let things = 0;
	const whole = fastestOf(2, () => {
		const uses = question.scenes.map((scene) => usesOf(question, scene));
		things = packingOf(question, uses).things;
	});
	return { bare, whole, things, kept: sink };
}
