import type { CameraKind } from './kind';

/** Values: common practice for folding cameras with every setting by hand. */
export const fullSettings: CameraKind = {
	id: 'full-settings',
	name: 'Folding, all by hand',
	looks: 'Bellows, with rings for aperture and speed',
	camera: {
		frame: { width: 73, height: 95 },
		focalLength: 114,
		focus: { kind: 'continuous', nearest: 1.05 },
		aperture: { kind: 'stops', f: [4.5, 5.6, 8, 11, 16, 22, 32] },
		shutter: {
			kind: 'speeds',
			seconds: [1 / 400, 1 / 200, 1 / 100, 1 / 50, 1 / 25, 1 / 10, 1 / 5, 1 / 2, 1]
		},
		bulb: true,
		exposure: { mode: 'manual' }
	},
	film: 'peel-apart',
	frames: 10,
	measure: 'Old leaf shutters run slow.'
};
