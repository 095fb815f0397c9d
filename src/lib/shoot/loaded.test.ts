import { describe, expect, it } from 'vitest';
import { foldingInstant } from '../../../tests/fixtures/automatic';
import { noRecords } from '../../../tests/fixtures/records';
import { filmOf, fixedCamera } from '../../../tests/fixtures/bag';
import { bestOutcome } from '$core/match';
import type { CameraRecord, FrameRecord, LoadRecord } from '$contract/records';
import type { ViewRecords } from '$views/records';
import { learntByLoad } from '$views/learn/learnt';
import type { LearntSoFar } from '$core/learn';
import { leftInWords, loadedCameras, type BagRecords } from './bag';

/** What is left in the cameras, and what their last prints have taught. */

const instant = filmOf('instant', 160);

function bag(
	camera: CameraRecord,
	film = instant,
	{ load = {}, frames = [] }: { load?: Partial<LoadRecord>; frames?: Partial<FrameRecord>[] } = {}
): BagRecords {
	const light = { ev: 9, sd: 0.3 };
	const predicted = bestOutcome(camera, film, light);
	const { f, seconds, compensation, iso } = predicted;
	return {
		...noRecords,
		cameras: [{ ...camera, id: 'c', version: 1 }],
		films: [{ ...film, id: 'f', version: 1 }],
		loads: [
			{
				cameraId: 'c',
				filmId: 'f',
				frames: 10,
				loadedAt: '2026-05-02T10:00:00Z',
				id: 'l',
				version: 1,
				...load
			}
		],
		frames: frames.map((changes, at) => ({
			id: `frame ${at}`,
			loadId: 'l',
			number: at + 1,
			takenAt: '2026-05-02T11:00:00Z',
			light,
			settings: { f, seconds, compensation, iso },
			film: { id: 'f', name: film.name, iso: film.iso },
			predicted,
			...changes
		}))
	};
}
const judged = (stops: number, judgedAt = '2026-05-02T12:00:00Z') => ({
	judged: { stops, sd: 0.4, by: 'eye' as const, judgedAt }
});
const only = (records: BagRecords) => loadedCameras(records)[0];
/** With what is known of it by other frames, and what its own prints say. */
async function taught({ frames, ...records }: BagRecords, known: LearntSoFar | null = null) {
	const learning = { soFar: () => known! } as unknown as ViewRecords['learning'];
	const kept = frames.map((frame) => ({ ...frame, version: 1 }));
	return only({ ...records, frames, learnt: await learntByLoad({ learning }, { ...records, frames: kept }) });
}

describe('what is left', () => {
	it('counts frames that were taken and not noted', () => {
		const loaded = only(
			bag(fixedCamera(), filmOf('colour-negative', 400), { load: { unknown: [2, 3, 4] }, frames: [{}] })
		);
		expect([loaded.next, loaded.left, loaded.finished]).toEqual([5, 6, false]);
		expect(leftInWords(loaded)).toBe('6 of 10 left');
		const full = only(bag(fixedCamera(), instant, { load: { unknown: [10] } }));
		expect([full.finished, leftInWords(full)]).toEqual([true, 'roll finished']);
	});

	it('is seconds of a spool', () => {
		// Common practice: 25 feet of regular 8 mm a side, 80 frames a foot, at 16 frames/s: 125 s a side.
		const spool = { feet: 25, sides: 2, framesPerSecond: 16 };
		const loaded = only(
			bag(fixedCamera(), instant, { load: { spool }, frames: [{ ran: 20 }, { ran: 30.5 }] })
		);
		expect(loaded.secondsLeft).toBeCloseTo(199.5, 9);
		expect(leftInWords(loaded)).toBe('200 s left');
		expect(only(bag(fixedCamera(), instant, { load: { spool }, frames: [{ ran: 249.5 }] })).finished).toBe(
			true
		);
	});
});

describe('instant film answers at once', () => {
	const before = { prior: { stops: 0, sd: 0.5 }, at: '2026-05-02T12:30:00Z', frames: 1, untold: true };

	it('by the prints of its own pack, judged since what they teach was put aside', async () => {
		const dark = { frames: [judged(-2 / 3)] };
		const fresh = await taught(bag(foldingInstant(), instant, dark));
		expect(fresh.learnt!.stops).toBeLessThan(-0.1);
		expect([fresh.learnt!.frames, fresh.taughtHere]).toEqual([1, true]);
		const aside = await taught(
			bag({ ...foldingInstant(), learnt: { ...before, ignored: true } }, instant, dark)
		);
		expect(aside.camera.offset).toEqual(foldingInstant().offset);
		expect([aside.learnt, aside.taughtHere]).toEqual([null, false]);
	});

	it('and by what other frames taught, where that is in use', async () => {
		const known = {
			stops: -0.4,
			sd: 0.15,
			limit: { stops: -0.2, sd: 0.2 },
			body: { stops: -0.2, sd: 0.2 },
			frames: 12
		};
		const records = (frames: Partial<FrameRecord>[]) =>
			taught(bag({ ...foldingInstant(), learnt: before }, instant, { frames }), known);
		const quiet = await records([]);
		expect([quiet.learnt, quiet.taughtHere]).toEqual([known, false]);
		expect(quiet.camera.offset!.stops).toBeCloseTo(-0.2, 9);
		const louder = await records([judged(-1.5)]);
		expect(louder.learnt!.stops).toBeLessThan(-0.4);
		expect([louder.learnt!.frames, louder.taughtHere]).toEqual([13, true]);
	});

	it('but film that is developed later does not', async () => {
		const negative = filmOf('colour-negative', 160);
		const loaded = await taught(bag(foldingInstant(), negative, { frames: [judged(-2 / 3)] }));
		expect(loaded.camera.offset).toEqual(foldingInstant().offset);
	});
});
