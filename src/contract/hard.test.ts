import { describe, expect, it } from 'vitest';
import { check } from './validate';
import { cameraRecordSchema, gearRecordSchema, loadRecordSchema } from './records';
import { fixedCamera } from '../../tests/fixtures/bag';

const paths = (checked: ReturnType<typeof check>) =>
	checked.ok ? [] : checked.issues.map(({ path }) => path);
const load = {
	cameraId: '6f1d3c6e-3a53-4b8e-9a51-0d7f3b6d2c11',
	filmId: '0c7a5b60-51f5-4a8e-8d0b-93a1c2a7f322',
	frames: 24,
	loadedAt: '2026-05-02T10:00:00Z'
};
const shot = { id: '5f3e0a5c-7a52-4f65-8b0a-2d9f4c1e6a33', title: 'Ferry', seconds: 8 };

describe('what the hard situations are stored with', () => {
	it.each([
		[{ type: 'close-up', name: 'Close-up +2', dioptres: 2 }, []],
		[{ type: 'close-up', name: 'Close-up', dioptres: 0 }, ['dioptres']],
		[{ type: 'modifier', name: 'Grid', stops: 2, sd: 0.5, times: 0 }, []],
		[{ type: 'modifier', name: '', stops: 'two', sd: -1, times: 0.5 }, ['name', 'sd', 'stops', 'times']]
	])('gear %o has problems at %o', (record, expected) => {
		expect([...new Set(paths(check(gearRecordSchema as never, record)))].sort()).toEqual(expected);
	});

	it('takes a spool’s shots, and says every problem of each', () => {
		expect(paths(check(loadRecordSchema, { ...load, shots: [shot], flippedAfter: 100 }))).toEqual([]);
		const wrong = { ...load, shots: [shot, { id: 'x', title: ' ', seconds: 0 }], flippedAfter: -1 };
		const found = paths(check(loadRecordSchema, wrong)).map((path) => path.replace(/[[\]]/g, '.'));
		expect(found.some((path) => path.includes('1') && path.includes('id'))).toBe(true);
		expect(found.some((path) => path.includes('1') && path.includes('title'))).toBe(true);
		expect(found.some((path) => path.includes('1') && path.includes('seconds'))).toBe(true);
		expect(found).toContain('flippedAfter');
	});

	it('takes where a back looks, within the frame', () => {
		const camera = fixedCamera();
		expect(paths(check(cameraRecordSchema, { ...camera, back: { below: 0.2 } }))).toEqual([]);
		expect(paths(check(cameraRecordSchema, { ...camera, back: { below: 2 } }))).toEqual(['back.below']);
	});
});
