import type { CameraKind } from './kind';

/** Values: common practice for boxes that take roll film of 6 × 9 cm. */
export const box: CameraKind = {
	id: 'box',
	name: 'Box camera',
	looks: 'A box with one lever for the shutter',
	camera: {
		frame: { width: 57, height: 83 },
		focalLength: 105,
		focus: { kind: 'fixed', distance: 6 },
		circleOfConfusion: 0.2,
		aperture: { kind: 'fixed', f: 14 },
		shutter: { kind: 'fixed', seconds: 1 / 40 },
		bulb: true,
		handHold: 1 / 30,
		exposure: { mode: 'manual' }
	},
	film: 'bw-negative',
	frames: 8,
	measure: 'The opening and the shutter speed differ from body to body.'
};
