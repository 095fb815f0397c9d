import { describe, expect, it } from 'vitest';
import { filmOf, fixedCamera, losesNothing } from '../../../tests/fixtures/bag';
import { bestOutcome } from '$core/match';
import type { FrameRecord } from '$contract/records';
import { highestNumber, withFilm } from './load-put-right';

const kept = <T>(record: T, id: string) => ({ ...record, id, version: 1 });

describe('a load that is put right', () => {
	it('holds at least what is taken of it, noted or not', () => {
		expect(highestNumber({}, [])).toBe(0);
		expect(highestNumber({ unknown: [3, 4] }, [{ number: 2 }])).toBe(4);
	});

	// By hand: twice the speed is one stop more.
	it('has its frames worked out for the film that was really in it, and keeps what was judged', () => {
		const camera = fixedCamera();
		const slow = filmOf('colour-negative', 200, losesNothing);
		const predicted = bestOutcome(camera, slow, { ev: 12 });
		const frame = kept<FrameRecord>(
			{
				loadId: 'l',
				number: 1,
				takenAt: '2026-05-02T10:00:00Z',
				light: { ev: 12 },
				settings: { f: predicted.f, seconds: predicted.seconds, compensation: null, iso: null },
				predicted,
				judged: { stops: 1, sd: 0.4, by: 'eye', judgedAt: '2026-05-03T10:00:00Z' }
			},
			'f'
		);
		const right = withFilm(frame, camera, kept(filmOf('colour-negative', 400, losesNothing), 'other'), {});
		expect(right.predicted!.error - predicted.error).toBeCloseTo(1, 9);
		expect(right).toMatchObject({ film: { id: 'other', iso: 400 }, judged: { stops: 1 }, version: 1 });
		const pushed = withFilm(frame, camera, kept(slow, 'same'), { process: { name: 'Push', stops: 1 } });
		expect(pushed.predicted!.error - predicted.error).toBeCloseTo(1, 9);
		expect(pushed.film).toMatchObject({ processStops: 1 });
	});
});
