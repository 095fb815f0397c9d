import type { FramePlacesAsked } from '$contract/frame-places';
import type { FrameRecord } from '$contract/records';
import { ask } from './ask';
import type { Kept } from './api';

export type Placed = { items: Kept<FrameRecord>[] } | { problem: string };

/** Puts frames on places: all of them, or none. */
export async function placeFrames(frames: FramePlacesAsked['frames']): Promise<Placed> {
	const done = await ask<{ items: Kept<FrameRecord>[] }>('/api/frames/places', { frames });
	return done.ok ? done.answer : { problem: `${done.message}. Nothing was changed.` };
}
