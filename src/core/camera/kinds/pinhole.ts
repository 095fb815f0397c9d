import { roll, offRoll } from '../checks';
import type { CameraKind } from './kind';

/** Values: common practice for pinholes of about 0.3 mm. */
export const pinhole: CameraKind = {
	id: 'pinhole',
	name: 'Pinhole',
	looks: 'A hole instead of a lens, a flap for a shutter',
	glyph: {
		lines: 'M12 14h40v26H12zM26 20h12v14H26zM38 20l6-4',
		dots: [[32, 27, 1.6]]
	},
	camera: {
		format: '120',
		frame: { width: 56, height: 56 },
		focalLength: 50,
		focus: { kind: 'fixed', distance: null },
		circleOfConfusion: 0.4,
		aperture: { kind: 'fixed', f: 167 },
		shutter: { kind: 'range', fastest: 1, slowest: 3600 },
		exposure: { mode: 'manual' }
	},
	film: 'bw-negative',
	frames: 12,
	measure: 'Measure the hole: everything depends on it.',
	varies: ['aperture'],
	unload: offRoll,
	checklist: roll,
	night: ['Your shutter is a cap. Take it off without touching the box, and wait until the box is still.'],
	flares: false
};
