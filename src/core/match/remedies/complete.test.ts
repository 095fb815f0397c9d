import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyCameras, evs, films } from '../../../../tests/fixtures/arbitraries';
import { foldingInstant, twinLens } from '../../../../tests/fixtures/automatic';
import {
	colourNegative400,
	filmOf,
	fixedCamera,
	losesNothing,
	steppedCamera
} from '../../../../tests/fixtures/bag';
import { draws } from '../../../../tests/fixtures/few';
import type { Camera, Filter } from '../../camera';
import { pushRangeOf, type Film } from '../../film';
import { lightToFind, type Light } from '../../light';
import { bestOutcome, match, type Bag, type Intent, type Outcome, type Remedy } from '..';

const nd = (stops: number): Filter => ({ name: `ND ${stops}`, stops });
const remedies = (camera: Camera, film: Film, light: Light, bag: Bag = {}, intent: Intent = {}) =>
	match(camera, film, light, bag, intent).remedies;
const kinds = ({ changes }: Remedy) => changes.map(({ kind }) => kind).join('+');
const sure = (camera: Camera): Camera => ({ ...camera, offset: { stops: 0, sd: 0.1 } });

describe('remedies are complete', () => {
	// By hand: f/11 at 1/100 s is V 13.56; ISO 400 in EV 15.5 is 3.94 over, 1.94 with the two stops that it needs.
	it('exchange a filter for a weaker or a stronger one', () => {
		const camera = sure(fixedCamera());
		const film = filmOf('reversal', 400, losesNothing);
		const [first] = remedies(
			camera,
			film,
			{ ev: 13.56, sd: 0.1 },
			{ filters: [nd(2), nd(4)] },
			{ filters: [nd(4)] }
		);
		expect(first).toMatchObject({ effort: 1, changes: [{ kind: 'filter', name: 'ND 2' }] });
		expect(first.changes[0].instead).toEqual({ name: 'ND 4' });
		expect(first.changes[0].stops).toBeCloseTo(2, 6);
		expect(first.outcome.error).toBeCloseTo(0, 1);
	});

	it('put a filter alone before a pair that gains next to nothing', () => {
		const found = remedies(
			sure(fixedCamera()),
			filmOf('instant', 400),
			{ ev: 13.6, sd: 0.15 },
			{ filters: [nd(2), nd(0.1)], tripod: true }
		);
		expect(found[0].changes).toMatchObject([{ name: 'ND 2' }]);
		expect(found.some(({ changes }) => changes.length > 1)).toBe(false);
	});

	// By hand: V 13.56, EV 10, ISO 100: 3.56 under. ISO 400 leaves 1.56, a push of 1 stop 0.56: usable.
	it('load a film and develop it', () => {
		const film = filmOf('bw-negative', 100, losesNothing);
		const other = { ...filmOf('bw-negative', 400, losesNothing), pushRange: [-1, 1] as [number, number] };
		const found = remedies(fixedCamera(), film, { ev: 10, sd: 0.2 }, { films: [other] });
		const both = found.find((remedy) => kinds(remedy) === 'film+development')!;
		expect(both.changes).toMatchObject([{ name: 'Film 400' }, { name: 'push 1 stop', from: 0, to: 1 }]);
		expect(both.outcome.error).toBeCloseTo(-0.56, 2);
		expect(both.effort).toBe(5);
	});

	it("bring the eye into the subject's light", () => {
		const found = remedies(twinLens(), filmOf('instant', 800), { ev: 13, meterEv: 9 }, { filters: [nd(4)] });
		const eye = found.find((remedy) => kinds(remedy) === 'meter')!;
		expect(eye).toMatchObject({ effort: 1, outcome: { verdict: 'just-enough' } });
		// Another place to stand beats no filter.
		expect(found.some((remedy) => kinds(remedy) === 'filter')).toBe(true);
		expect(remedies(twinLens(), filmOf('instant', 800), { ev: 13 }).some((r) => kinds(r) === 'meter')).toBe(
			false
		);
	});

	it('say what is not in the bag: a film of another speed, a grey filter', () => {
		const found = remedies(
			foldingInstant({}, { compensation: undefined }),
			filmOf('instant', 640),
			{ ev: 10 },
			{ filters: [nd(4)] }
		);
		const missing = found.filter(({ changes }) => changes[0].missing);
		expect(missing.map(({ effort, changes }) => `${effort} ${changes[0].name}`).sort()).toEqual([
			'4 a film of about ISO 160',
			'4 an ND of 2 stops (0.6)'
		]);
		const dark = remedies(fixedCamera(), filmOf('colour-negative', 100), { ev: 11.5 });
		expect(dark.map(({ changes }) => changes[0].name)).toContain('a film of about ISO 800');
		// Nobody buys what lies in the bag.
		const own = remedies(
			fixedCamera(),
			filmOf('colour-negative', 100),
			{ ev: 11.5 },
			{ films: [filmOf('colour-negative', 800)] }
		);
		expect(own.some(({ changes }) => changes[0].missing)).toBe(false);
	});

	it('give up no wish for free, and put the wish before what gives it up', () => {
		const camera = steppedCamera();
		const intent: Intent = { seconds: [1 / 10, null], handheld: false };
		const wished = (filters: Filter[]) =>
			remedies(camera, filmOf('instant', 400), { ev: 13.5 }, { filters }, intent);
		const given = wished([]).find((remedy) => kinds(remedy) === 'seconds');
		expect(given).toMatchObject({ effort: 1, changes: [{ wish: true }] });
		expect(wished([nd(3), nd(5)]).map(kinds)[0]).toBe('filter');
	});

	it('put a flash behind what leaves the picture as it is', () => {
		const bag: Bag = { flash: { guideNumber: 20, powers: [1, 1 / 4] }, tripod: true };
		const slow = fixedCamera({ shutter: { kind: 'fixed', seconds: 1 / 4 } });
		const found = remedies(slow, colourNegative400, { ev: 8 }, bag).map(kinds);
		expect(found[0]).toBe('tripod');
		expect(found.indexOf('flash')).not.toBe(0);
	});
});

describe('light that is found', () => {
	// Source: the exposure rules for daylight and common practice.
	it('fits where one stands', () => {
		const sun: Light = { method: 'shadows', school: 'shadow-edge', condition: 'sharp' };
		const room: Light = { method: 'place', place: 'home-interior' };
		expect(lightToFind(sun, 11.7)).toBe('a grey day');
		expect(lightToFind(sun, 6)).toBe('dusk');
		expect(lightToFind(sun, 2)).toBeNull();
		expect(lightToFind(sun, 16)).toBe('sun on snow or pale sand');
		expect(lightToFind(sun, 18.7)).toBeNull();
		expect(lightToFind(room, 12)).toBe('a grey day outdoors');
		expect(lightToFind(room, 2)).toBe('far city lights');
		expect(lightToFind({ ev: 5 }, 7.5)).toBe('a lit street');
	});
});

describe('every remedy', () => {
	const bag: Bag = {
		filters: [nd(1), nd(2), nd(4)],
		films: [filmOf('colour-negative', 100), filmOf('bw-negative', 800)],
		tripod: true
	};
	const tier = ({ verdict }: Outcome) =>
		({ 'just-enough': 0, usable: 1, 'too-dark': 2, 'too-light': 2 })[verdict];

	it('mends, and leaves out nothing that would mend more', () => {
		let mended = 0;
		fc.assert(
			fc.property(anyCameras, films, evs, (camera, film, ev) => {
				const { best, remedies: found } = match(camera, film, { ev }, bag);
				for (const { outcome } of found) {
					expect(['too-dark', 'too-light'].includes(outcome.verdict) && outcome.chances.usable < 0.05).toBe(
						false
					);
				}
				if (best.verdict === 'just-enough') return;
				// Tried one by one, with nothing left out for being hopeless: films, and filter or push with each.
				const films = [film, ...bag.films!];
				const pushed = films.flatMap((each) =>
					[0, ...pushRangeOf(each)].map((stops) => ({
						...each,
						processStops: (each.processStops ?? 0) + stops
					}))
				);
				const all = [
					...pushed.map((each) => bestOutcome(camera, each, { ev })),
					...films.flatMap((each) =>
						bag.filters!.map((filter) => bestOutcome(camera, each, { ev }, { filters: [filter] }))
					)
				];
				if (all.some((outcome) => tier(outcome) === 0)) {
					mended += 1;
					expect(found.some(({ outcome }) => tier(outcome) === 0)).toBe(true);
				}
			}),
			{ numRuns: draws(60) }
		);
		expect(mended).toBeGreaterThan(draws(60) / 6);
	});
});
