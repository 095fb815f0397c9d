import { describe, expect, it } from 'vitest';
import { foldingInstant } from '../../../tests/fixtures/automatic';
import { filmOf, fixedCamera, losesNothing } from '../../../tests/fixtures/bag';
import { grey, taughtOf } from '../../../tests/fixtures/replayed';
import type { Bag } from '../match';
import { bestOutcome } from '../match';
import { byChance, costliestHabit, traitsOf, type Trait } from './habit';
import { relive, whatSaves, type LoggedFrame } from '.';

const fast = filmOf('instant', 640, losesNothing);
const body = foldingInstant();

/** A frame of the folding body in such a light, that came out so many stops too light. */
function folded(id: string, ev: number, stops: number, compensation = 0): LoggedFrame {
	const light = { method: 'meter', kind: 'incident', iso: 100, ev } as const;
	return {
		id,
		way: 'by meter',
		takenAt: '2026-05-01T10:00:00Z',
		making: {
			...{ camera: body, film: fast, light, intent: { compensation: undefined } },
			settings: bestOutcome(body, fast, light, { compensation }),
			of: { camera: 'body', film: 'fast', load: 'pack' }
		},
		judged: { stops, sd: 1 / 3 }
	};
}

function savedBy(frames: LoggedFrame[], bag: Bag) {
	const taught = taughtOf({ frames, good: () => 0, cameras: { body }, films: { fast } });
	return whatSaves(relive(taught, frames), bag);
}

/**
 * Common practice: film of ISO 640 in a body for 160 is 2 stops over everywhere, and here it came out 1½. Below the limit of the eye the wheel takes
 * them; at its limit only a filter helps.
 */
describe('what would have saved a roll', () => {
	it('is the wheel where the eye still follows, and a filter where it is at its limit', () => {
		const dim = [7, 8, 9].map((ev, at) => folded(`dim ${at}`, ev, 1.5));
		const bright = [13, 14, 15].map((ev, at) => folded(`bright ${at}`, ev, ev - 10.8));
		const wheel = savedBy(dim, { filters: [grey(2)] });
		expect(wheel.lost).toBe(3);
		expect(wheel.saved[0]).toMatchObject({ change: { kind: 'compensation' }, effort: 0, lost: 3 });
		expect(wheel.saved[0].change.to).toBeLessThanOrEqual(-1);
		const filter = savedBy(bright, { filters: [grey(3)] });
		expect(filter.saved[0].change).toMatchObject({ kind: 'filter', name: 'ND 3' });
		expect(filter.saved[0].change.stops).toBeCloseTo(-3, 0);
		expect(filter.saved.reduce((sum, { lost }) => sum + lost, filter.open)).toBe(3);
	});

	it('says what is to be found where nothing in the bag helps, and counts what it would have cost', () => {
		const lost = [13, 13.2, 13.1, 13].map((ev, at) => folded(`${at}`, ev, ev - 10.8));
		const fine = folded('fine', 6, 0, -1.5);
		const { saved, open } = savedBy([...lost, fine], {});
		expect(open).toBe(0);
		expect(saved[0].change).toMatchObject({ missing: true });
		expect(saved[0].lost).toBeGreaterThanOrEqual(3);
		const grown = saved.find(({ change }) => change.kind === 'filter');
		// Over the lens alone it darkens the good one just as much.
		if (grown) expect(grown.spoils).toBe(1);
	});

	// By hand: at its limit the body is right for ISO 640 up to EV 10.8. Five stops too bright: an ND of 2 leaves 3, a film
	// of ISO 100 leaves 2⅓, and only both together come to within half a stop.
	it('is two things together where no single one that is there does', () => {
		const lost = [15.7, 15.8].map((ev, at) => folded(`far ${at}`, ev, ev - 10.8));
		const slow = { ...filmOf('instant', 100, losesNothing), name: 'Slow', id: 'slow' } as never;
		const { saved, open } = savedBy(lost, { filters: [grey(2)], films: [slow] });
		expect(open).toBe(0);
		expect(saved[0]).toMatchObject({ change: { kind: 'film', name: 'Slow' }, lost: 2 });
		expect(saved[0].and).toMatchObject({ kind: 'filter', name: 'ND 2' });
		expect(saved[0].change.stops).toBeCloseTo(-2 - Math.log2(6.4), 0);
		// One that does it alone is less than two.
		const alone = savedBy(lost, { filters: [grey(2), grey(5)], films: [slow] });
		expect(alone.saved[0].change).toMatchObject({ kind: 'filter', name: 'ND 5' });
		expect(alone.saved[0].and).toBeUndefined();
	});

	it('is nothing where nothing was lost, or what was lost was blurred', () => {
		expect(savedBy([folded('a', 8, 0)], {})).toEqual({ lost: 0, saved: [], open: 0 });
		expect(savedBy([{ ...folded('a', 14, 4), spoiled: true }], {}).lost).toBe(0);
	});
});

describe('a habit that costs frames', () => {
	// Source: Fisher's exact test by hand: all 5 of 5 against none of 5 is 1 of 10 over 5 = 1/252; a 3-of-4 tea taster 17/70.
	it('is weighed against chance', () => {
		expect(byChance({ frames: 5, lost: 5 }, { frames: 5, lost: 0 })).toBeCloseTo(1 / 252, 12);
		expect(byChance({ frames: 4, lost: 3 }, { frames: 4, lost: 1 })).toBeCloseTo(17 / 70, 12);
		expect(byChance({ frames: 4, lost: 0 }, { frames: 4, lost: 2 })).toBeCloseTo(1, 12);
	});

	const frames = (count: number, lost: number, ...traits: Trait[]) =>
		Array.from({ length: count }, (_, at) => ({ traits, lost: at < lost }));

	it('is the one that costs most, beyond what is lost without it', () => {
		const found = costliestHabit([
			...frames(10, 8, { kind: 'at-limit' }),
			...frames(20, 2, { kind: 'way', way: 'by eye' }),
			...frames(10, 1)
		]);
		expect(found).toMatchObject({
			trait: { kind: 'at-limit' },
			with: { frames: 10, lost: 8 },
			without: { frames: 30, lost: 3 },
			cost: 7
		});
	});

	it('is none where nothing stands out', () => {
		expect(costliestHabit([...frames(6, 2, { kind: 'at-limit' }), ...frames(6, 1)])).toBeNull();
		expect(costliestHabit([])).toBeNull();
	});

	it('is read off how a frame was made', () => {
		const kinds = (frame: LoggedFrame, promised: number | null = null) =>
			traitsOf(frame, promised).map(({ kind }) => kind);
		expect(kinds(folded('a', 15, 4), 0.1)).toEqual(['at-limit', 'against-odds', 'way']);
		const box = fixedCamera({ shutter: { kind: 'fixed', seconds: 1 / 4 } });
		const held: LoggedFrame = {
			...folded('a', 8, 0),
			making: {
				...folded('a', 8, 0).making,
				...{ camera: box, settings: { f: 11, seconds: 1 / 4 }, intent: { subjectDistance: 0.5 } },
				light: { ev: 8, meterEv: 11 }
			}
		};
		expect(kinds(held)).toEqual(['eye-elsewhere', 'shake', 'out-of-focus', 'close', 'way']);
	});
});
