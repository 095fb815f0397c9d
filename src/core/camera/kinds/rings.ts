import { anyFrame, offCassette, roll } from '../checks';
import type { CameraKind } from './kind';

/** Values: common practice for 35 mm cameras with a ring for the aperture and a ring for the speed. */
export const rings: CameraKind = {
	id: 'rings',
	name: '35 mm with two rings',
	looks: 'One ring for the aperture, one for the speed, both set by hand',
	glyph: {
		lines: 'M6 14h52v26H6zM20 14l4-6h16l4 6M10 14v-3h6v3M48 14v-3h6v3',
		rings: [
			[32, 27, 10],
			[32, 27, 6]
		],
		dots: [[32, 27, 2]]
	},
	camera: {
		format: '35 mm',
		frame: { width: 36, height: 24 },
		focalLength: 50,
		focus: { kind: 'continuous', nearest: 0.8 },
		aperture: { kind: 'stops', f: [2.8, 4, 5.6, 8, 11, 16] },
		shutter: {
			kind: 'speeds',
			seconds: [1 / 500, 1 / 250, 1 / 125, 1 / 60, 1 / 30, 1 / 15, 1 / 8, 1 / 4, 1 / 2, 1]
		},
		bulb: true,
		exposure: { mode: 'manual' }
	},
	film: 'colour-negative',
	frames: 36,
	measure: 'Old shutters run slow at their slow speeds.',
	varies: ['aperture', 'shutter'],
	unload: offCassette,
	checklist: { load: roll.load, frame: ['Wound on', 'Rings where you left them?', ...anyFrame] },
	night: ['On B, keep the cable release pressed. One that locks saves your thumb and the picture.'],
	flares: false
};
