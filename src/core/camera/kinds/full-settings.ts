import { anyFrame, bellows, offPeelApart } from '../checks';
import type { CameraKind } from './kind';

/** Values: common practice for folding cameras with every setting by hand. */
export const fullSettings: CameraKind = {
	id: 'full-settings',
	name: 'Folding, fully manual',
	looks: 'Bellows, with rings for aperture and speed',
	glyph: {
		lines:
			'M6 40h52M10 40V12h14v28M24 16l6 4v14l-6 4M30 20l6-2v18l-6-2M36 18l6 4v10l-6 4M42 36l4 4M10 12l6-5h8',
		rings: [[47, 27, 6]]
	},
	camera: {
		format: 'peel-apart pack',
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
	measure: 'Old leaf shutters run slow.',
	varies: ['aperture', 'shutter'],
	unload: offPeelApart,
	checklist: { load: bellows.load, frame: [...bellows.frame, 'Dark slide out', ...anyFrame] },
	night: ['On B, keep the cable release pressed. One that locks saves your thumb and the picture.'],
	flares: false
};
