import type { GiftTaken } from '$contract/camera-gift';
import type { CameraRecord } from '$contract/records';
import type { Kept } from './client';

/** Takes a camera in that was given: all of it, or nothing. */
export async function takeIn(
	taken: GiftTaken
): Promise<{ camera: Kept<CameraRecord> } | { problem: string }> {
	try {
		const response = await fetch('/api/cameras/received', {
			method: 'POST',
			body: JSON.stringify(taken),
			headers: { 'content-type': 'application/json' }
		});
		const answer = await response.json();
		return response.ok ? { camera: answer } : { problem: `${answer.message}. Nothing was changed.` };
	} catch {
		return { problem: 'The server does not answer. Nothing was changed.' };
	}
}
