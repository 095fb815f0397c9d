import type { APIRequestContext } from '@playwright/test';
import { bestOutcome } from '../../src/core/match';
import { foldingInstant } from '../fixtures/automatic';
import { filmOf, losesNothing } from '../fixtures/bag';
import { stored } from './app';

/** The folding instant with the faster film. */
export const body = foldingInstant({ name: 'Wedge' });
export const fast = { ...filmOf('instant', 640, losesNothing), name: 'Wrack 640' };

/** Frames of a pack in such lights, each as it was expected to come out, give or take a fifth of a stop. */
export async function packIn(request: APIRequestContext, lights: readonly number[]): Promise<string> {
	const cameraId = await stored(request, 'cameras', body);
	const filmId = await stored(request, 'films', fast);
	const loadId = await stored(request, 'loads', {
		...{ cameraId, filmId, frames: 8, price: 16, loadedAt: '2026-05-01T10:00:00+01:00' },
		unloadedAt: '2026-05-02T10:00:00+01:00'
	});
	for (const [at, ev] of lights.entries()) {
		const light = { method: 'meter', kind: 'incident', iso: 100, ev } as const;
		const predicted = bestOutcome(body, fast, light);
		const { f, seconds, compensation, iso, position, handTimed } = predicted;
		await stored(request, 'frames', {
			...{ loadId, number: at + 1, takenAt: `2026-05-01T1${at}:00:00+01:00`, light, predicted },
			settings: { f, seconds, compensation, iso, position, handTimed },
			judged: {
				...{ stops: predicted.error + [0, 0.2, -0.2][at % 3], sd: 0.2 },
				...{ by: 'prints', judgedAt: '2026-05-03T10:00:00+01:00' }
			}
		});
	}
	return loadId;
}

// By hand: at f/8 and 1/180 s the eye is at EV 13.5 with ISO 100; ISO 640 is right at 10.8, and the wheel does nothing there.
export const NOON = [13.8, 13.9, 13.7, 14, 13.8, 9];
