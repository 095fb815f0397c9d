import type { GiftTaken } from '$contract/camera-gift';
import type { CameraRecord } from '$contract/records';
import { ask } from './ask';
import type { Kept } from './api';

/** Takes a camera in that was given: all of it, or nothing. */
export async function takeIn(
	taken: GiftTaken
): Promise<{ camera: Kept<CameraRecord> } | { problem: string }> {
	const done = await ask<Kept<CameraRecord>>('/api/cameras/received', taken);
	return done.ok ? { camera: done.answer } : { problem: `${done.message}. Nothing was changed.` };
}
