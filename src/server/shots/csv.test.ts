import { csvParse } from 'd3-dsv';
import { describe, expect, it } from 'vitest';
import { filmOf, rangedCamera } from '../../../tests/fixtures/bag';
import { bestOutcome } from '$core/match';
import type { FrameRecord, LoadRecord } from '$contract/records';
import { shotsCsv } from './csv';

const [FERRY, KITES] = ['5f3e0a5c-7a52-4f65-8b0a-2d9f4c1e6a33', 'b2a9d8c7-6e5f-4d3c-9b1a-0f8e7d6c5b44'];
const load: LoadRecord = {
	cameraId: '6f1d3c6e-3a53-4b8e-9a51-0d7f3b6d2c11',
	filmId: '0c7a5b60-51f5-4a8e-8d0b-93a1c2a7f322',
	frames: 24,
	loadedAt: '2026-05-02T10:00:00Z',
	spool: { feet: 25, sides: 2, framesPerSecond: 16 },
	shots: [
		{ id: FERRY, title: 'Ferry, "the old one", comes in', seconds: 8 },
		{ id: KITES, title: '=Kites', seconds: 10 }
	]
};
const light = { ev: 14, sd: 0.5 };
const predicted = bestOutcome(rangedCamera(), filmOf('reversal', 50), light);
const frame = (number: number, more: Partial<FrameRecord>): FrameRecord => ({
	loadId: FERRY,
	number,
	takenAt: '2026-05-02T12:00:00Z',
	light,
	settings: predicted,
	predicted,
	...more
});

describe('a shot list as CSV', () => {
	const frames = [frame(1, { ran: 9, shot: FERRY }), frame(2, { ran: 4.04, subject: 'Gull' })];
	const rows = csvParse(shotsCsv(load, frames)!);

	// Read back by another package.
	it('is read by another reader, titles with commas and quotes, too', () => {
		expect(rows.map(({ Title }) => Title)).toEqual(['Ferry, "the old one", comes in', "'=Kites", 'Gull']);
		expect(shotsCsv(load, frames)).toContain('\r\n');
	});

	// Common practice: 5 s to the foot at 16 frames a second on 80 frames to the foot.
	it('has what was planned, what was taken and where on the spool', () => {
		expect(rows[0]).toMatchObject({ 'Planned, s': '8', 'Taken, s': '9', Side: '1', 'Begins at, ft': '0' });
		expect(rows[1]).toMatchObject({ 'Taken, s': '0', 'Begins at, ft': '2.6', 'Film for it': 'yes' });
		expect(rows[2]).toMatchObject({ 'Planned, s': '', 'Taken, s': '4' });
		// Source: worked by hand: EV 14 at ISO 50 and 1/30 s is f/16.5.
		expect(rows[0].Aperture).toBe('f/16.5');
	});

	it('is none for a load without a spool', () => {
		expect(shotsCsv({ ...load, spool: undefined, shots: undefined }, [])).toBeNull();
	});
});
