import { instant, offPack } from '../checks';
import type { CameraKind } from './kind';

/** Values: common practice for instant twin-lens cameras: aperture by hand, time by the eye. */
export const instantTwinLens: CameraKind = {
	id: 'instant-twin-lens',
	name: 'Instant twin-lens',
	looks: 'Two lenses, one above the other; you pick the aperture',
	glyph: {
		lines: 'M14 8h26v34H14zM40 14h10v26H40M18 4h18v4',
		rings: [
			[27, 17, 5],
			[27, 32, 6]
		],
		dots: [[27, 32, 2]]
	},
	camera: {
		format: 'instant mini',
		frame: { width: 62, height: 46 },
		focalLength: 60,
		focus: { kind: 'continuous', nearest: 0.5 },
		aperture: { kind: 'stops', f: [5.6, 8, 16, 22] },
		shutter: { kind: 'range', fastest: 1 / 500, slowest: 1 },
		handHold: 1 / 30,
		exposure: {
			mode: 'auto',
			sets: 'time',
			iso: [800],
			compensation: { darken: -1, lighten: 1, step: 1 / 3 }
		},
		flash: { guideNumber: 12, nearest: 0.6, farthest: 4 }
	},
	film: 'instant',
	frames: 10,
	measure: 'The longest automatic time varies from body to body.',
	varies: ['shutter'],
	unload: offPack,
	checklist: instant,
	night: [
		'Stops at about 1 s, and closes early in very dim light.',
		'On B it stays open as long as you press. Eject in the dark or with the lens covered.'
	],
	flares: true
};
