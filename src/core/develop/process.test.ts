import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { automaticCameras, films, manualCameras } from '../../../tests/fixtures/arbitraries';
import { colourNegative400, filmOf, fixedCamera } from '../../../tests/fixtures/bag';
import { asLoaded } from '../film';
import { bestOutcome } from '../match';
import {
	movementFactor,
	processOf,
	pushFactor,
	stockAge,
	usualSteps,
	careFor,
	timeAt,
	usualRecipes,
	whatHappens,
	byParts,
	byPowders,
	mixesLeft
} from '.';

const staining = { id: '7b0e3d55-3f0e-4a3b-9f0a-0c7c3ad1a111', name: 'Staining', speedStops: -1 };

describe('a load that knows its process', () => {
	// Source: the definition of a stop, and ISO 6 for the speed: 400 less a stop is shot as 200.
	it('is shot as the film that the process makes of it', () => {
		const slow = asLoaded(filmOf('bw-negative', 400), { process: processOf(staining, 0) });
		const half = filmOf('bw-negative', 200);
		const at = (film: typeof half) => bestOutcome(fixedCamera(), film, { ev: 12, sd: 0.5 });
		expect(at(slow).error).toBeCloseTo(at(half).error, 9);
		expect(at(slow).verdict).toBe(at(half).verdict);
	});

	it('adds push to what the recipe does, and to what age has done', () => {
		expect(processOf(undefined, 0)).toBeUndefined();
		expect(processOf(undefined, 1)).toEqual({ name: 'the usual developer', stops: 1, push: 1 });
		expect(processOf(staining, 1)).toMatchObject({ name: 'Staining', stops: 0, push: 1 });
		const old = { ...colourNegative400, processStops: -1 / 2 };
		expect(asLoaded(old, { process: { stops: 1 } }).processStops).toBeCloseTo(1 / 2, 9);
		expect(asLoaded(old, {})).toBe(old);
		expect(old.processStops).toBe(-1 / 2);
	});

	it('tells each frame what another development does: by hand it shifts by as many stops', () => {
		const light = fc.double({ min: 2, max: 16, noNaN: true });
		const change = fc.constantFrom(-2, -1, 1, 2);
		fc.assert(
			fc.property(manualCameras, films, light, change, (camera, film, ev, stops) => {
				const { f, seconds, compensation, iso } = bestOutcome(camera, film, { ev, sd: 0.5 });
				const frame = (number: number) => ({
					number,
					light: { ev, sd: 0.5 },
					settings: { f, seconds, compensation, iso }
				});
				const changed = whatHappens(camera, film, [frame(2), frame(1)], stops);
				expect(changed.map(({ number }) => number)).toEqual([1, 2]);
				for (const { before, after } of changed) expect(after.error - before.error).toBeCloseTo(stops, 6);
			}),
			{ numRuns: 40 }
		);
	});

	it('has no frames to tell of in an empty camera, and never a number that is none', () => {
		fc.assert(
			fc.property(automaticCameras, films, (camera, film) => {
				expect(whatHappens(camera, film, [], -1)).toEqual([]);
				const settings = bestOutcome(camera, film, { ev: 11, sd: 0.5 });
				const [{ before, after }] = whatHappens(
					camera,
					film,
					[{ number: 1, light: { ev: 11 }, settings }],
					1
				);
				expect(Number.isFinite(before.error) && Number.isFinite(after.error)).toBe(true);
				expect(after.error).toBeGreaterThan(before.error);
			}),
			{ numRuns: 40 }
		);
	});
});

// Source: common practice for push and for constant agitation.
describe('push and movement', () => {
	it('lengthen a time when pushed or gentle, and shorten it when pulled or constant', () => {
		expect([-1, 0, 1, 2].map(pushFactor)).toEqual([0.75, 1, 1.4, 2]);
		expect(pushFactor(0.5)).toBe(1);
		expect(movementFactor('constant')).toBeLessThan(1);
		expect(movementFactor('gentle')).toBeGreaterThan(1);
		const [develop] = usualSteps({ kind: 'general-developer' }, 600, 'constant');
		expect(develop.agitation).toEqual({ first: 600, inversions: 0 });
		expect(usualSteps({ kind: 'staining-developer' }, 600)[0].agitation!.gentle).toBe(true);
	});
});

describe('a stock', () => {
	// By hand: 29.4 ml of each of three parts for 500 ml; 100 ml of each do for three such tanks.
	it('does for as many mixtures as the part that is needed most', () => {
		const parts = [1, 1, 1, 14].map((each, at) => ({ name: ['A', 'B', 'C', 'Water'][at], parts: each }));
		expect(mixesLeft(byParts(parts, 500), 100)).toBe(3);
		expect(mixesLeft(byParts(parts, 500), 20)).toBe(0);
		expect(mixesLeft(byPowders([{ name: 'Soda', grams: 20 }], 500), 100)).toBeNull();
	});

	// Source: the calendar: the first of May to the eleventh is ten days; May has 31.
	it('grows older by the calendar', () => {
		expect(stockAge({}, '2026-05-11')).toBeNull();
		expect(stockAge({ mixedOn: '2026-05-01' }, '2026-05-11')).toEqual({ days: 10 });
		expect(stockAge({ mixedOn: '2026-05-01', keepsDays: 30 }, '2026-06-05')).toEqual({ days: 35, left: -5 });
		expect(stockAge({ mixedOn: '2026-05-02' }, '2026-05-01')).toEqual({ days: 0 });
	});
});

// Source: common practice: colder takes longer, and the paste is caustic.
describe('packs that develop themselves', () => {
	const recipe = (kind: string) => usualRecipes.find((each) => each.kind === kind)!;

	it('take longer in the cold, and are not guessed far outside', () => {
		for (const kind of ['instant-pack', 'peel-apart-pack']) {
			const at = (celsius: number) => timeAt(recipe(kind).times!, celsius);
			expect(at(14)!.seconds).toBeGreaterThan(at(20)!.seconds);
			expect(at(-5)).toBeNull();
		}
	});

	it('warn of the paste before they are used, and once more before the peeling', () => {
		expect(careFor('peel-apart-pack').join(' ')).toContain('caustic');
		expect(careFor('instant-pack').join(' ')).toContain('caustic');
		const steps = usualSteps({ kind: 'peel-apart-pack' }, 60);
		expect(steps.map(({ name }) => name)).toEqual(['Wait', 'Peel', 'Dry']);
		expect(steps[1].caution).toContain('negative side');
		expect(usualSteps({ kind: 'instant-pack' }, 600)).toHaveLength(1);
	});
});
