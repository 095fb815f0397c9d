import type { CameraKind } from './kind';

/** Values: common practice for simple integral instant bodies with a fixed focus and a wheel. */
export const boxInstant: CameraKind = {
	id: 'box-instant',
	name: 'Box instant',
	looks: 'A plastic box that spits its picture out; an eye, a wheel, a flash',
	camera: {
		frame: { width: 79, height: 79 },
		focalLength: 103,
		focus: { kind: 'fixed', distance: 3 },
		circleOfConfusion: 0.2,
		aperture: { kind: 'range', widest: 14.6, smallest: 45 },
		shutter: { kind: 'range', fastest: 1 / 250, slowest: 1 / 4 },
		handHold: 1 / 30,
		exposure: { mode: 'auto', sets: 'both', iso: [640], compensation: { darken: -1, lighten: 1, step: 0.5 } },
		flash: { guideNumber: 10, nearest: 1.2, farthest: 3 }
	},
	film: 'instant',
	frames: 8,
	measure: 'The longest time differs from body to body, and the flash likes to fire by itself.'
};
