import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { evs } from '../../../tests/fixtures/arbitraries';
import { noRecords } from '../../../tests/fixtures/records';
import { colourNegative400, fixedCamera, steppedCamera } from '../../../tests/fixtures/bag';
import { landmarks } from '$core/light';
import { bestOutcome, equivalents, match, reach } from '$core/match';
import { axisOver, marksThatFit, PHONE_WINDOW, windowAround, zoomedTo } from './axis';
import { wholeLine } from '$lib/light/line';
import { loadedCameras, type BagRecords } from './bag';
import { lanesToShow, thinLanes } from './lanes-to-show';

describe('the line of stops', () => {
	it('runs from end to end in per cent and does not leave its box', () => {
		const axis = axisOver([0, 10]);
		expect([axis.at(0), axis.at(5), axis.at(10), axis.at(-3), axis.at(12)]).toEqual([0, 50, 100, 0, 100]);
		expect(axis.ticks).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 9]);
	});

	it('writes the words that fit beside each other, the most telling first', () => {
		const wide = marksThatFit(axisOver(wholeLine), 900, landmarks).map(({ words }) => words);
		expect(wide).toEqual(expect.arrayContaining(['moonlight', 'room', 'grey day', 'sun', 'snow']));
		const narrow = marksThatFit(axisOver(wholeLine), 260, landmarks).map(({ words }) => words);
		expect(narrow.length).toBeLessThan(wide.length);
		expect(narrow[0]).toBe('sun');
	});

	it('writes own words before all others, and the same words once', () => {
		const own = { ev: 14.5, words: 'net loft' };
		const marks = marksThatFit(axisOver(wholeLine), 900, [own, { ev: 3, words: 'room' }, ...landmarks]);
		expect(marks[0]).toEqual(own);
		expect(marks.filter(({ words }) => words === 'room')).toEqual([{ ev: 3, words: 'room' }]);
		expect(marks.map(({ words }) => words)).not.toContain('sun');
	});

	it('never lets two words touch', () => {
		fc.assert(
			fc.property(fc.integer({ min: 80, max: 1500 }), (width) => {
				const axis = axisOver(wholeLine);
				const boxes = marksThatFit(axis, width, landmarks)
					.map(({ ev, words }) => ({ middle: (axis.at(ev) / 100) * width, half: (words.length * 7) / 2 }))
					.sort((a, b) => a.middle - b.middle);
				boxes.slice(1).forEach((box, index) => {
					expect(box.middle - box.half).toBeGreaterThan(boxes[index].middle + boxes[index].half);
				});
			})
		);
	});

	it('zooms to the light of one camera, at least ten stops wide, with the reading inside', () => {
		const [from, to] = zoomedTo([[11, 14]], 3);
		expect(from).toBeLessThan(3);
		expect(to).toBeGreaterThan(14);
		const [a, b] = zoomedTo([[12, 13]], null);
		expect(b - a).toBeGreaterThanOrEqual(10);
	});

	it('keeps the light inside the phone’s window and moves it no more than it must', () => {
		expect(windowAround(12, [6, 16])).toEqual([6, 16]);
		fc.assert(
			fc.property(evs, (ev) => {
				const [from, to] = windowAround(ev, [6, 16]);
				expect(to - from).toBe(PHONE_WINDOW);
				expect(ev).toBeGreaterThan(from);
				expect(ev).toBeLessThan(to);
			})
		);
	});
});

describe('the thin lanes', () => {
	const { lanes } = reach(steppedCamera(), colourNegative400);

	it('are at most seven, with the one taken among them, from dim to bright', () => {
		fc.assert(
			fc.property(evs, (ev) => {
				const { best } = match(steppedCamera(), colourNegative400, { ev });
				const shown = lanesToShow(lanes, best);
				expect(shown).toHaveLength(7);
				expect(shown.filter(({ taken }) => taken)).toHaveLength(1);
				const starts = shown.map(({ usable }) => usable[0][0]);
				expect(starts).toEqual([...starts].sort((a, b) => a - b));
			})
		);
	});

	it('are all there where a camera has few', () => {
		const few = reach(fixedCamera({ bulb: true }), colourNegative400).lanes;
		expect(lanesToShow(few, undefined).map(({ taken }) => taken)).toEqual([false, false]);
	});
});

describe('settings and filters as thin lanes', () => {
	const filters = [1, 2, 3, 4].map((stops) => {
		const { good, usable } = reach(steppedCamera(), colourNegative400, { filters: [{ name: 'ND', stops }] });
		return { name: `with ND ${stops}`, good, usable };
	});

	it('are seven together, two of them filters, those that come nearest to the light', () => {
		const { lanes } = reach(steppedCamera(), colourNegative400);
		const { best } = match(steppedCamera(), colourNegative400, { ev: 20 });
		const thin = thinLanes(lanes, filters, best, 20);
		expect(thin.settings).toHaveLength(5);
		expect(thin.filters.map(({ name }) => name)).toEqual(['with ND 3', 'with ND 4']);
	});

	it('are filters alone where there is nothing to set', () => {
		const { lanes } = reach(fixedCamera(), colourNegative400);
		const thin = thinLanes(lanes, filters, undefined, undefined);
		expect(thin.settings).toEqual([]);
		expect(thin.filters).toEqual(filters);
	});

	// Source: the definition of a stop: a filter of two stops needs two stops more light.
	it('lie as many stops higher as the filter takes', () => {
		const plain = reach(fixedCamera(), colourNegative400);
		const dimmed = reach(fixedCamera(), colourNegative400, { filters: [{ name: 'ND', stops: 2 }] });
		expect(dimmed.good[0][0] - plain.good[0][0]).toBeCloseTo(2, 9);
		expect(dimmed.good[0][1] - plain.good[0][1]).toBeCloseTo(2, 9);
	});
});

describe('the loaded cameras', () => {
	const camera = (id: string, name: string, archived = false) => ({
		...fixedCamera({ name }),
		id,
		version: 1,
		archived
	});
	const load = (id: string, cameraId: string, frames = 8) => ({
		id,
		version: 1,
		cameraId,
		filmId: 'film',
		frames,
		loadedAt: '2026-05-02T10:00:00Z'
	});
	const frame = (loadId: string, number: number) =>
		({ id: `${loadId}-${number}`, loadId, number }) as BagRecords['frames'][number];
	const records = (changes: Partial<BagRecords>): BagRecords => ({
		...noRecords,
		cameras: [camera('b', 'Buoy'), camera('a', 'Anchor')],
		films: [{ ...colourNegative400, id: 'film', version: 1 }],
		loads: [load('one', 'b'), load('two', 'a')],
		...changes
	});

	it('come by name, with what is left in each', () => {
		const loaded = loadedCameras(records({ frames: [frame('one', 1), frame('one', 2)] }));
		expect(loaded.map((each) => [each.camera.name, each.next, each.left])).toEqual([
			['Anchor', 1, 8],
			['Buoy', 3, 6]
		]);
	});

	it('count on from the highest frame, also over a gap', () => {
		const [buoy] = loadedCameras(
			records({ loads: [load('one', 'b')], frames: [frame('one', 1), frame('one', 5)] })
		);
		expect([buoy.next, buoy.left]).toEqual([6, 3]);
	});

	it('are finished when the last frame is taken, or more than fit', () => {
		const [last] = loadedCameras(records({ loads: [load('one', 'b', 2)], frames: [frame('one', 3)] }));
		expect([last.finished, last.left]).toEqual([true, 0]);
	});

	it('leave out what is archived', () => {
		const loaded = loadedCameras(records({ cameras: [camera('b', 'Buoy', true), camera('a', 'Anchor')] }));
		expect(loaded.map((each) => each.camera.name)).toEqual(['Anchor']);
	});
});

describe('the lanes of two rings', () => {
	// Source: the f/16 rule: one stop of aperture for one of time.
	it('are one an aperture, in order, with the time that goes with it', () => {
		const rings = steppedCamera({
			shutter: { kind: 'speeds', seconds: [1 / 500, 1 / 250, 1 / 125, 1 / 60, 1 / 30] },
			bulb: true
		});
		const light = { ev: 11, sd: 0.3 };
		const scale = equivalents(rings, colourNegative400, light, {});
		const { lanes } = reach(rings, colourNegative400);
		const outcome = bestOutcome(rings, colourNegative400, light);
		const shown = lanesToShow(lanes, outcome, 7, scale);
		expect(shown.map(({ settings }) => settings.f)).toEqual([2.8, 4, 5.6, 8, 11, 16]);
		expect(shown.map(({ settings }) => settings.seconds)).toEqual(scale.map(({ seconds }) => seconds));
		expect(shown.filter(({ taken }) => taken).map(({ settings }) => settings.f)).toEqual([outcome.f]);
		expect(lanesToShow(lanes, outcome, 7).length).toBe(7);
	});
});
