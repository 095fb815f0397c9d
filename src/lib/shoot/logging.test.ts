import { beforeEach, describe, expect, it, vi } from 'vitest';
import { foldingInstant } from '../../../tests/fixtures/automatic';
import { noRecords } from '../../../tests/fixtures/records';
import { filmOf, fixedCamera } from '../../../tests/fixtures/bag';
import { bestOutcome } from '$core/match';
import type { CameraRecord, FrameRecord, LoadRecord } from '$contract/records';
import { loadedCameras, type Loaded } from './bag';
import { freeCamera } from './wishes';

/** What is sent to be kept, and what is written again. */
const { sent, put } = vi.hoisted(() => ({
	sent: [] as unknown[],
	put: [] as { kind: string; record: Record<string, unknown> }[]
}));
vi.mock('$app/environment', () => ({ browser: false }));
vi.mock('$lib/records/refresh', () => ({ refresh: () => Promise.resolve() }));
vi.mock('$lib/records/outbox.svelte', () => ({
	outbox: {
		send: (_: string, record: FrameRecord) => {
			sent.push(record);
			return Promise.resolve({ result: 'saved', record });
		},
		forget: () => undefined
	}
}));
vi.mock('$lib/records/client', () => ({
	replace: (kind: string, record: Record<string, unknown>) => {
		put.push({ kind, record });
		return Promise.resolve({ result: 'saved', record });
	},
	remove: () => Promise.resolve({ result: 'saved' })
}));
vi.stubGlobal('localStorage', { setItem: () => undefined, getItem: () => null });

const { Logging } = await import('./logging.svelte');

const light = { ev: 9, sd: 0.4 };
const film = filmOf('instant', 160);

function shown(camera: CameraRecord = foldingInstant(), load: Partial<LoadRecord> = {}) {
	const [chosen] = loadedCameras({
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
				version: 4,
				...load
			}
		]
	});
	const best = bestOutcome(camera, film, light);
	return {
		lights: { light, reading: { where: { latitude: 54.6, longitude: -4.2 } } },
		rig: { of: () => ({ ...freeCamera, support: true }) },
		wanted: { scene: { subjectDistance: 3 } },
		answers: {
			chosen: chosen as Loaded | undefined,
			loaded: [chosen],
			outcome: best,
			asItIs: best,
			previewed: null,
			given: new Map(),
			flashOf: () => null
		},
		list: { mark: {} }
	};
}
const numbers = () => (sent as FrameRecord[]).map(({ number }) => number);

beforeEach(() => {
	sent.length = 0;
	put.length = 0;
});

describe('logging', () => {
	it('keeps a frame with all that the screen knows, and says it once', async () => {
		const logging = new Logging(shown());
		logging.setDraft('l', { subject: 'Capstan', ticked: ['Cocked'] });
		await logging.frame();
		expect(sent).toEqual([
			expect.objectContaining({
				number: 1,
				subject: 'Capstan',
				distance: 3,
				handheld: false,
				where: { latitude: 54.6, longitude: -4.2 }
			})
		]);
		expect(logging.draftOf('l')).toEqual({});
		expect(logging.log.logged).toMatchObject({ saved: true, numbers: [1] });
	});

	it('keeps three alike, but no more than are left', async () => {
		await new Logging(shown()).frame(3);
		expect(numbers()).toEqual([1, 2, 3]);
		sent.length = 0;
		await new Logging(shown(foldingInstant(), { unknown: [8] })).frame(3);
		expect(numbers()).toEqual([9, 10]);
	});

	it('tells a counted frame by how long it was held, and one of an eye by its eye', async () => {
		const box = shown(fixedCamera({ bulb: true }));
		const logging = new Logging(box);
		const frame = logging.nextFrame!;
		const held = logging.asHeld(box.answers.chosen!, { frame, wanted: 4, automatic: false }, 8);
		expect(held).toMatchObject({ counted: { wanted: 4, held: 8 }, settings: { seconds: 8 } });
		// Source: twice the time is a stop, of which instant film loses (1 − 1/1.2) by Schwarzschild’s law.
		const shorter = logging.asHeld(box.answers.chosen!, { frame, wanted: 4, automatic: false }, 4);
		expect(held.predicted!.error - shorter.predicted!.error).toBeCloseTo(0.83, 2);
		await logging.keepHeld(box.answers.chosen!, held);
		expect(sent).toEqual([expect.objectContaining({ counted: { wanted: 4, held: 8 }, number: 1 })]);

		const wedge = shown();
		const eye = new Logging(wedge);
		const timed = eye.asHeld(wedge.answers.chosen!, { frame: eye.nextFrame!, wanted: 2, automatic: true }, 3);
		expect(timed.predicted).toEqual(eye.nextFrame!.predicted);
		expect(timed.counted).toEqual({ wanted: 2, held: 3 });
	});

	it('takes two taps that come at once for one', async () => {
		vi.useFakeTimers();
		const logging = new Logging(shown());
		await Promise.all([logging.frame(), logging.frame(), logging.threeAbout()]);
		expect(numbers()).toEqual([1]);
		expect(logging.settling).toBe(true);
		vi.advanceTimersByTime(400);
		await logging.frame();
		expect(numbers()).toEqual([1, 1]);
		vi.useRealTimers();
	});

	it('keeps a bracket from dark to light, where there are three frames and something to set', async () => {
		await new Logging(shown()).threeAbout();
		const errors = (sent as FrameRecord[]).map(({ predicted }) => predicted!.error);
		expect(numbers()).toEqual([1, 2, 3]);
		expect(errors).toEqual(errors.toSorted((a, b) => a - b));
		expect(new Logging(shown(foldingInstant(), { unknown: [8] })).bracket).toBeNull();
		expect(new Logging(shown(fixedCamera())).bracket).toBeNull();
	});

	it('runs a cine shot from its start to its stop, and no longer than the spool', async () => {
		vi.useFakeTimers({ now: Date.parse('2026-05-02T12:00:00Z') });
		const spool = { feet: 25, sides: 1, framesPerSecond: 16 };
		const logging = new Logging(shown(fixedCamera(), { spool }));
		await logging.frame();
		expect(sent).toEqual([]);
		vi.advanceTimersByTime(7500);
		await logging.frame();
		expect(sent).toEqual([expect.objectContaining({ ran: 7.5, takenAt: '2026-05-02T12:00:00.000Z' })]);
		vi.advanceTimersByTime(1000);
		await logging.frame();
		vi.advanceTimersByTime(3_600_000);
		await logging.frame();
		expect((sent[1] as FrameRecord).ran).toBe(125);
		vi.useRealTimers();
	});
});

describe('the counter on the camera', () => {
	it.each([
		['up', 4, [1, 2, 3]],
		['down', 7, [1, 2, 3]]
	] as const)(
		'counting %s, puts down what was not noted, and can be set back',
		async (counter, says, unknown) => {
			const view = shown(foldingInstant(), { counter });
			const logging = new Logging(view);
			await logging.counterSays(view.answers.chosen!, says);
			expect(put).toEqual([{ kind: 'loads', record: expect.objectContaining({ unknown }) }]);
			expect(logging.counterWasSet('l')).toBe(true);
			await logging.counterBack(view.answers.chosen!);
			expect(put[1].record.unknown).toBeUndefined();
		}
	);

	it('cannot stand where frames would be taken twice, or beyond the load', async () => {
		const view = shown(foldingInstant(), { unknown: [1, 2] });
		const logging = new Logging(view);
		for (const says of [1, 2, 12, Number.NaN, 4.5]) {
			await logging.counterSays(view.answers.chosen!, says);
			expect(logging.problem, String(says)).toContain('before a frame you logged');
		}
		await logging.counterSays(view.answers.chosen!, 3);
		expect(logging.problem).toContain('what this page says');
		expect(put).toEqual([]);
	});
});
