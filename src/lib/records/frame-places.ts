import type { FramePlacesAsked } from '$contract/frame-places';
import type { FrameRecord } from '$contract/records';
import type { Kept } from './client';

export type Placed = { items: Kept<FrameRecord>[] } | { problem: string };

/** Puts frames on places: all of them, or none. */
export async function placeFrames(frames: FramePlacesAsked['frames']): Promise<Placed> {
	try {
		const response = await fetch('/api/frames/places', {
			method: 'POST',
			body: JSON.stringify({ frames }),
			headers: { 'content-type': 'application/json' }
		});
		const answer = await response.json();
		return response.ok ? answer : { problem: `${answer.message}. Nothing was changed.` };
	} catch {
		return { problem: 'The server does not answer. Nothing was changed.' };
	}
}
