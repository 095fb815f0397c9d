import type { CameraKind } from './kind';

/** Values: common practice for folding instant cameras with an electric eye and a lighten–darken wheel. */
export const foldingInstant: CameraKind = {
	id: 'folding-instant',
	name: 'Folding instant',
	looks: 'Folds flat; an eye, and a wheel for lighter or darker',
	camera: {
		frame: { width: 79, height: 79 },
		focalLength: 117,
		focus: { kind: 'continuous', nearest: 0.26 },
		aperture: { kind: 'fixed', f: 8 },
		shutter: { kind: 'range', fastest: 1 / 180, slowest: 14 },
		handHold: 1 / 30,
		exposure: {
			mode: 'auto',
			sets: 'time',
			iso: [160],
			compensation: { darken: -1.5, lighten: 1.5, step: 0.5 }
		}
	},
	film: 'instant',
	frames: 8,
	measure: 'The eye drifts with age, and the longest time differs: try both.'
};
