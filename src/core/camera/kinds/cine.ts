import { anyFrame, offSpool } from '../checks';
import type { CameraKind } from './kind';

/** Values: common practice for regular 8 mm with a spring motor. */
export const cine: CameraKind = {
	id: 'cine',
	name: 'Spring cine',
	looks: 'Moving pictures, wound by hand',
	glyph: {
		lines: 'M16 12h26v28H16zM42 17h12v7H42M42 30h6M16 20h-5v-5',
		rings: [
			[24, 21, 5],
			[35, 33, 4]
		]
	},
	camera: {
		format: 'regular 8',
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
	measure: 'Frame rate and shutter angle set the exposure time.',
	varies: ['shutter', 'frame'],
	unload: offSpool,
	checklist: {
		load: [
			'In dim light',
			'Loop formed, film flush, gate closed',
			'Footage counter set',
			'Flip the spool after side one'
		],
		frame: ['Wound tight', ...anyFrame, 'Finder mask for this lens', 'Three to ten seconds a shot']
	},
	night: ['Only one speed. Half the frame rate gains a stop; single frames with the button held gain more.'],
	flares: true
};
