import { describe, expect, it } from 'vitest';
import { lastTogether, noticeInWords, writeInWords } from './words';

const at = new Date(2026, 4, 2, 14, 2).getTime();

describe('when a device was last synced with the server', () => {
	it('is a time today, with the day where it was another, with the year where that is long ago', () => {
		expect(lastTogether(at, new Date(2026, 4, 2, 23).getTime(), 'en-GB')).toBe('last synced 14:02');
		expect(lastTogether(at, new Date(2026, 4, 3, 1).getTime(), 'en-GB')).toBe('last synced 2 May, 14:02');
		expect(lastTogether(at, new Date(2027, 4, 3).getTime(), 'en-GB')).toBe('last synced 2 May 2026, 14:02');
		expect(lastTogether(at, new Date(2026, 4, 9).getTime(), 'en-US')).toBe('last synced May 2, 2:02 PM');
	});
});

describe('what waits here', () => {
	const write = { n: 1, id: 'a', at: 0, turn: 1 };

	it('is called by its name or number, and what was done to it', () => {
		const record = { id: 'a', version: 0, name: 'Wedge' };
		expect(writeInWords({ ...write, kind: 'cameras', act: 'create', base: null, record })).toBe(
			'Camera Wedge, new'
		);
		const frame = { id: 'a', version: 3, number: 7 };
		expect(writeInWords({ ...write, kind: 'frames', act: 'remove', base: frame, record: null })).toBe(
			'Frame 7, deleted'
		);
		expect(
			writeInWords({
				...write,
				kind: 'readings',
				act: 'replace',
				base: { ...frame },
				record: { id: 'a', version: 1 }
			})
		).toBe('Reading, changed');
	});

	it('and what became of it is a sentence', () => {
		const told = { id: 'a', at: 0 };
		expect(noticeInWords({ ...told, kind: 'cameras', name: 'Wedge', what: 'stayed' })).toBe(
			'Camera Wedge was changed elsewhere meanwhile. It wasn’t deleted.'
		);
		expect(noticeInWords({ ...told, kind: 'frames', name: 'frame 7', what: 'came back' })).toBe(
			'Frame 7 was deleted elsewhere. It was changed here, and is back.'
		);
	});
});
