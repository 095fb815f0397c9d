import { roll, offCassette } from '../checks';
import type { CameraKind } from './kind';

/** Values: common practice for 35 mm cameras with nothing to set. */
export const pointAndShoot: CameraKind = {
	id: 'point-and-shoot',
	name: 'Simple 35 mm',
	looks: 'A small camera with nothing to set but a flash',
	glyph: {
		lines:
			'M12 13h40a6 6 0 0 1 6 6v14a6 6 0 0 1-6 6H12a6 6 0 0 1-6-6V19a6 6 0 0 1 6-6zM12 18h10v6H12zM46 13v-3h6v3',
		rings: [
			[36, 27, 7],
			[36, 27, 2.5]
		]
	},
	camera: {
		format: '35 mm',
		frame: { width: 36, height: 24 },
		focalLength: 31,
		focus: { kind: 'fixed', distance: 3 },
		circleOfConfusion: 0.05,
		aperture: { kind: 'fixed', f: 9 },
		shutter: { kind: 'fixed', seconds: 1 / 125 },
		exposure: { mode: 'manual' },
		flash: { guideNumber: 10, nearest: 1.2, farthest: 4 }
	},
	film: 'colour-negative',
	frames: 36,
	measure: 'The aperture varies from model to model.',
	varies: ['aperture'],
	unload: offCassette,
	checklist: roll,
	night: [],
	flares: true
};
