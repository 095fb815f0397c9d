import type { CameraKind } from './kind';

/** Values: common practice for 35 mm cameras with nothing to set. */
export const pointAndShoot: CameraKind = {
	id: 'point-and-shoot',
	name: 'Simple 35 mm',
	looks: 'A small camera with nothing to set but a flash',
	camera: {
		frame: { width: 36, height: 24 },
		focalLength: 31,
		focus: { kind: 'fixed', distance: 3 },
		circleOfConfusion: 0.05,
		aperture: { kind: 'fixed', f: 9 },
		shutter: { kind: 'fixed', seconds: 1 / 125 },
		exposure: { mode: 'manual' }
	},
	film: 'colour-negative',
	frames: 36,
	measure: 'The opening differs from model to model.'
};
