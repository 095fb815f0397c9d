import { roll, offCassette } from '../checks';
import type { CameraKind } from './kind';

/** Values: common practice for 35 mm cameras whose eye sets aperture and time. */
export const automaticPointAndShoot: CameraKind = {
	id: 'automatic-point-and-shoot',
	name: 'Automatic 35 mm',
	looks: 'A small camera that sets everything by itself',
	glyph: {
		lines:
			'M9 14h46a3 3 0 0 1 3 3v20a3 3 0 0 1-3 3H9a3 3 0 0 1-3-3V17a3 3 0 0 1 3-3zM50 18h4v6h-4zM12 14v-3h8v3',
		rings: [
			[28, 27, 8],
			[28, 27, 3]
		],
		dots: [[44, 21, 2]]
	},
	camera: {
		format: '35 mm',
		frame: { width: 36, height: 24 },
		focalLength: 35,
		focus: { kind: 'continuous', nearest: 0.6 },
		aperture: { kind: 'range', widest: 2.8, smallest: 16 },
		shutter: { kind: 'range', fastest: 1 / 500, slowest: 2 },
		exposure: { mode: 'auto', sets: 'both', iso: [100, 200, 400] },
		flash: { guideNumber: 11, nearest: 0.8, farthest: 5 }
	},
	film: 'colour-negative',
	frames: 36,
	measure: 'It may not read every film’s speed.',
	varies: ['exposure'],
	unload: offCassette,
	checklist: roll,
	night: ['Stays open about 1 s at most, and prefers its flash: switch that off if you can.'],
	flares: false
};
