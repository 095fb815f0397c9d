import { roll, offRoll } from '../checks';
import type { CameraKind } from './kind';

/** Values: common practice for boxes that take roll film of 6 × 9 cm. */
export const box: CameraKind = {
	id: 'box',
	name: 'Box camera',
	looks: 'A box with one lever for the shutter',
	glyph: {
		lines: 'M14 8h28v32H14zM42 8l8 5v32l-8-5M14 8l8-4h28l-8 4M19 13h6v5h-6zM42 30h4',
		rings: [[28, 25, 7]],
		dots: [[28, 25, 2]]
	},
	camera: {
		format: '120',
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
	measure: 'Aperture and shutter speed vary from body to body.',
	varies: ['aperture', 'shutter'],
	unload: offRoll,
	checklist: roll,
	night: ['On B, keep the cable release pressed. One that locks saves your thumb and the picture.'],
	flares: true
};
