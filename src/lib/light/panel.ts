import type { Camera, Filter } from '$core/camera';
import type { Film } from '$core/film';
import type { Light } from '$core/light';
import type { Interval } from '$core/match';
import type { ReadingRecord } from '$contract/records';
import type { LightDesk } from './light-desk.svelte';

/** What a panel may know of the camera in hand. */
export interface InHand {
	camera: Camera;
	film: Film;
	/** What is set and mounted on it. */
	own: { filters: Filter[]; compensation?: number; aperture?: number; iso?: number };
	/** The light in which it works well. */
	good: readonly Interval[];
}

/** What the panel of every way of reading light gets. */
export interface PanelProps {
	lights: LightDesk;
	/** The camera that is chosen, if any is loaded. */
	inHand: InHand | null;
	/** The reading that holds, as it was read: forms of the same way begin with it. */
	light: Light | null;
	/** Hands a reading on, and where it was taken if that is known. */
	onread: (light: Light, where?: ReadingRecord['where']) => void;
}

/** What a panel gets that needs nothing of the bag. */
export type PlainPanelProps = Omit<PanelProps, 'lights' | 'inHand'>;

/** The reading that holds, if it was read in one of these ways. */
export function readBy<M extends string>(
	light: Light | null,
	...methods: M[]
): Extract<Light, { method: M }> | null {
	const isOne = light !== null && 'method' in light && (methods as string[]).includes(light.method);
	return isOne ? (light as Extract<Light, { method: M }>) : null;
}
