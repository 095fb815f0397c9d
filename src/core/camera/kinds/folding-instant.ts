import { instant, offPack } from '../checks';
import type { CameraKind } from './kind';

/** Values: common practice for folding instant cameras with an electric eye and a lighten–darken wheel. */
export const foldingInstant: CameraKind = {
	id: 'folding-instant',
	name: 'Folding instant',
	looks: 'Folds flat; an electric eye, and a wheel for lighter or darker',
	glyph: {
		lines: 'M6 40h52L46 18H24zM24 18l6-10h14l2 10M14 40l10-22',
		rings: [
			[36, 29, 5],
			[47, 33, 2]
		]
	},
	camera: {
		format: 'instant pack with battery',
		frame: { width: 79, height: 79 },
		focalLength: 117,
		// Its lens turns its front cells, and its eye was laid out with that.
		focus: { kind: 'continuous', nearest: 0.26, by: 'front-cell' },
		aperture: { kind: 'fixed', f: 8 },
		shutter: { kind: 'range', fastest: 1 / 180, slowest: 14 },
		handHold: 1 / 30,
		exposure: {
			mode: 'auto',
			sets: 'time',
			iso: [160],
			compensation: { darken: -1.5, lighten: 1.5, step: 0.5 }
		}
	},
	film: 'instant',
	frames: 8,
	measure: 'The eye drifts with age, and the longest time varies: test both.',
	varies: ['exposure', 'shutter'],
	unload: offPack,
	checklist: instant,
	night: [
		'Most stay open 10 or 14 s, some half a minute on a fresh battery, then close as if all were well.',
		'With the eye covered and the wheel at lighten, it stays open as long as it can. Uncover the lens, not the eye, and count.'
	],
	flares: false
};
