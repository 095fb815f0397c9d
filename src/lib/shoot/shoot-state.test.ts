import { beforeEach, describe, expect, it, vi } from 'vitest';
import { foldingInstant } from '../../../tests/fixtures/automatic';
import { filmOf, fixedCamera, steppedCamera } from '../../../tests/fixtures/bag';
import { noRecords } from '../../../tests/fixtures/records';
import type { Change, Remedy } from '$core/match';
import type { CameraRecord } from '$contract/records';
import type { BagRecords } from './bag';

vi.mock('$lib/records/outbox.svelte', () => ({ outbox: { of: () => [], send: () => undefined } }));
vi.mock('$lib/records/api', () => ({ writeRig: () => new Promise(() => undefined) }));
vi.stubGlobal('localStorage', { setItem: () => undefined, getItem: () => null });

const { ShootState } = await import('./shoot-state.svelte');
const { rigs } = await import('$lib/records/rigs.svelte');

const kept = <T>(record: T, id: string) => ({ ...record, id, version: 1 });
const takenAt = new Date().toISOString();

/** Two cameras that are loaded, a light, and a filter in the bag. */
function records(cameras: Record<string, CameraRecord>): BagRecords {
	return {
		...noRecords,
		cameras: Object.entries(cameras).map(([id, camera]) => kept(camera, id)),
		films: [kept(filmOf('instant', 640), 'f')],
		loads: Object.keys(cameras).map((id) =>
			kept({ cameraId: id, filmId: 'f', frames: 8, loadedAt: takenAt }, `load-${id}`)
		),
		gear: [kept({ type: 'filter', name: 'ND 0.6', stops: 2 } as const, 'nd')],
		readings: [kept({ takenAt, light: { ev: 11, sd: 0.3 } }, 'r')]
	};
}

const wedge = foldingInstant({ name: 'Wedge' });
const marks = steppedCamera({ name: 'Marks' });
const remedyOf = (changes: Change[], shoot: InstanceType<typeof ShootState>): Remedy => ({
	changes,
	effort: 1,
	outcome: shoot.answers.asItIs!
});
const change = (kind: Change['kind'], more: Partial<Change> = {}): Change => ({
	kind,
	name: '',
	stops: 0,
	...more
});

let narrow = false;
const state = (cameras: Record<string, CameraRecord> = { a: wedge, b: marks }) =>
	new ShootState(
		() => records(cameras),
		() => narrow
	);

beforeEach(() => {
	for (const load of records({ a: wedge, b: marks }).loads) rigs.put(load, {});
	narrow = false;
});

describe('what the cameras in hand do', () => {
	it('is answered for each, of which one is chosen', () => {
		const { answers } = state();
		expect(answers.loaded.map(({ camera }) => camera.name)).toEqual(['Marks', 'Wedge']);
		expect([...answers.given.keys()].sort()).toEqual(['load-a', 'load-b']);
		expect(answers.chosen?.camera.name).toBe('Marks');
		answers.chooseNext(1);
		expect(answers.chosen?.camera.name).toBe('Wedge');
		answers.chooseNext(1);
		expect(answers.chosen?.camera.name).toBe('Wedge');
		answers.choose('load-b');
		expect(answers.asItIs).toEqual(answers.given.get('load-b')!.best);
	});

	// Source: common practice: film two stops faster than its body is two stops over, and a two-stop filter cures it.
	it('follows what is on one camera, and leaves the other alone', () => {
		const shoot = state();
		shoot.answers.choose('load-a');
		shoot.setChosen({ compensation: 0 });
		const other = shoot.answers.given.get('load-b')!.best.error;
		expect(shoot.answers.asItIs!.error).toBeCloseTo(2, 6);
		shoot.setChosen({ filters: shoot.answers.bag.filters! });
		expect(shoot.answers.asItIs!.error).toBeCloseTo(0, 6);
		expect(shoot.rig.of('load-a').filters[0]).toMatchObject({ id: 'nd', name: 'ND 0.6' });
		expect(shoot.rig.of('load-b').filters).toEqual([]);
		expect(shoot.answers.given.get('load-b')!.best.error).toBe(other);
		expect(shoot.answers.filterLanes).toEqual([]);
	});

	it('follows the light that is tried, and the eye that stands elsewhere', () => {
		const shoot = state();
		shoot.answers.choose('load-a');
		shoot.setChosen({ compensation: 0 });
		shoot.moveLight(-3);
		expect(shoot.lights.resolved?.ev).toBeCloseTo(8, 6);
		shoot.readEye({ ev: 6, sd: 0.2 });
		// By hand: the eye sees 2 stops less than the subject has, and the film is 2 stops faster.
		expect(shoot.answers.asItIs!.error).toBeCloseTo(4, 6);
		expect(shoot.answers.inHand?.own).toMatchObject({ meterDifference: -2, meterSd: 0.2 });
	});

	it('is none of a camera whose answer cannot be worked out, and that is told', () => {
		const silenced = vi.spyOn(console, 'error').mockImplementation(() => undefined);
		const broken = {
			...fixedCamera({ name: 'A broken one' }),
			aperture: { kind: 'stops', f: [] }
		} as CameraRecord;
		const { answers } = state({ a: broken, b: marks });
		expect(answers.failed).toBe(true);
		expect([...answers.given.keys()]).toEqual(['load-b']);
		expect(silenced).toHaveBeenCalled();
		silenced.mockRestore();
	});
});

describe('a remedy', () => {
	it('is looked at until something else is asked', () => {
		const shoot = state();
		const look = () => (shoot.answers.previewed = remedyOf([change('tripod')], shoot));
		for (const ask of [
			() => shoot.want({ subjectDistance: 2 }),
			() => shoot.setChosen({ aperture: 8 }),
			() => shoot.moveLight(1),
			() => shoot.answers.choose('load-a')
		]) {
			look();
			expect(shoot.answers.previewed).not.toBeNull();
			ask();
			expect(shoot.answers.previewed).toBeNull();
		}
	});

	it('is kept with all its changes, and taken back as it was', () => {
		const shoot = state();
		shoot.want({ subjectDistance: 3 });
		shoot.setChosen({ aperture: 8 });
		shoot.answers.previewed = remedyOf([change('tripod'), change('filter', { id: 'nd' })], shoot);
		shoot.keepRemedy();
		expect(shoot.answers.handheld).toBe(false);
		expect(shoot.rig.of('load-b')).toMatchObject({ support: true, aperture: 8, filters: [{ id: 'nd' }] });
		expect(shoot.canUndoRemedy).toBe(true);
		shoot.answers.choose('load-a');
		expect(shoot.canUndoRemedy).toBe(false);
		shoot.answers.choose('load-b');
		shoot.undoRemedy();
		expect(shoot.wanted.scene).toMatchObject({ subjectDistance: 3 });
		expect(shoot.answers.handheld).toBe(true);
		expect(shoot.rig.of('load-b')).toMatchObject({ aperture: 8, filters: [] });
		expect(shoot.canUndoRemedy).toBe(false);
	});

	it('that is another film is looked at and cannot be kept', () => {
		const shoot = state();
		shoot.answers.previewed = remedyOf([change('film', { name: 'Film 640' })], shoot);
		expect(shoot.kept).toBeNull();
		shoot.keepRemedy();
		expect(shoot.canUndoRemedy).toBe(false);
	});
});

describe('the line of stops', () => {
	it('is whole on the desk, and on a phone a window that goes with the light', () => {
		const shoot = state();
		expect([shoot.line.axis.from, shoot.line.axis.to]).toEqual([-4, 18]);
		narrow = true;
		const phone = state();
		const inside = () => {
			const { ev } = phone.lights.resolved!;
			expect(ev).toBeGreaterThan(phone.line.axis.from);
			expect(ev).toBeLessThan(phone.line.axis.to);
		};
		inside();
		for (let step = 0; step < 8; step++) {
			phone.moveLight(-1);
			inside();
		}
		expect(phone.line.axis.to - phone.line.axis.from).toBeLessThan(22);
	});
});
