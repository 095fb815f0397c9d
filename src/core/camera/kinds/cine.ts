import type { CameraKind } from './kind';

/** Values: common practice for regular 8 mm with a spring motor. */
export const cine: CameraKind = {
	id: 'cine',
	name: 'Spring cine',
	looks: 'Moving pictures, wound by hand',
	camera: {
		frame: { width: 4.8, height: 3.5 },
		focalLength: 13,
		focus: { kind: 'fixed', distance: 5 },
		circleOfConfusion: 0.0125,
		aperture: { kind: 'range', widest: 2.7, smallest: 22 },
		shutter: { kind: 'fixed', seconds: 1 / 30 },
		framesPerSecond: 16,
		exposure: { mode: 'manual' }
	},
	film: 'reversal',
	frames: 24,
	measure: 'The time follows the frame rate and the shutter’s angle.'
};
