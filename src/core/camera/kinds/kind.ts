import type { FilmType } from '../../film/types';
import type { Checks } from '../checks';
import type { Camera } from '../types';

/** A small drawing of a kind, in one line weight on 64 × 48: lines, rings of x, y and radius, and filled dots of the same. */
export interface Glyph {
	lines: string;
	rings?: readonly (readonly [x: number, y: number, radius: number])[];
	dots?: readonly (readonly [x: number, y: number, radius: number])[];
}

/** What a camera is known by, part by part. */
export type CameraPart = 'exposure' | 'aperture' | 'shutter' | 'focus' | 'frame' | 'lens';

/** A kind of camera to start from: typical values, to be measured where it matters; all that is so of its kind. */
export interface CameraKind {
	id: string;
	/** What people call it. */
	name: string;
	/** How to recognise it, in a few words. */
	looks: string;
	glyph: Glyph;
	camera: Omit<Camera, 'name' | 'kind'>;
	/** Typical film and number of frames of a load. */
	film: FilmType;
	frames: number;
	/** Values that vary from body to body, in words. */
	measure: string;
	/** The parts of a camera that those values belong to. */
	varies: readonly CameraPart[];
	/** What hands forget with it. */
	checklist: Checks;
	/** How its film comes out when it is finished. */
	unload: readonly string[];
	/** What is known of it in the dark. */
	night: readonly string[];
	/** Its simple lens shows the sun, or light from the side, as a veil. */
	flares: boolean;
	/** Doubt of a body that nobody has tested, stops, where it is not what is usual of shutters and eyes: old cells wander. */
	offsetSd?: number;
}
