import { roll, offCassette } from '../checks';
import type { CameraKind } from './kind';

/** Values: common practice for swing-lens cameras on 35 mm film. */
export const swingLens: CameraKind = {
	id: 'swing-lens',
	name: 'Swing-lens panoramic',
	looks: 'A lens that swings across a long picture',
	glyph: {
		lines: 'M4 18c18-7 38-7 56 0v18c-18-7-38-7-56 0zM27 21h10v11H27zM28 12V8h8v4',
		rings: [[32, 26.5, 3]]
	},
	camera: {
		format: '35 mm',
		frame: { width: 58, height: 24 },
		focalLength: 28,
		focus: { kind: 'fixed', distance: null },
		circleOfConfusion: 0.05,
		aperture: { kind: 'stops', f: [2.8, 4, 5.6, 8, 11, 16] },
		shutter: { kind: 'speeds', seconds: [1 / 125, 1 / 60, 1 / 30, 1 / 8, 1 / 4, 1 / 2] },
		handHold: 1 / 30,
		exposure: { mode: 'manual' }
	},
	film: 'colour-negative',
	frames: 20,
	measure: 'The slow speeds drag in the cold.',
	varies: ['aperture', 'shutter'],
	unload: offCassette,
	checklist: {
		...roll,
		frame: [
			...roll.frame,
			'Subjects moving with the lens are stretched, against it squeezed; left and right are different moments'
		]
	},
	night: [
		'The drum has to finish its swing. On the slow row, rest the camera on something, or banding shows.'
	],
	flares: true
};
