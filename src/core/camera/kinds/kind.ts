import type { FilmType } from '../../film/types';
import type { Camera } from '../types';

/** A kind of camera to start from: typical values, to be measured where it matters. */
export interface CameraKind {
	id: string;
	/** What people call it. */
	name: string;
	/** How to recognise it, in a few words. */
	looks: string;
	camera: Omit<Camera, 'name' | 'kind'>;
	/** Typical film and number of frames of a load. */
	film: FilmType;
	frames: number;
	/** Values that vary from body to body, in words. */
	measure: string;
}
