import { anyFrame, bellows, offPeelApart } from '../checks';
import type { CameraKind } from './kind';

/** Values: common practice for old pack cameras with an electric eye and a film-speed dial. */
export const automaticPack: CameraKind = {
	id: 'automatic-pack',
	name: 'Automatic pack camera',
	looks: 'Bellows, an electric eye and a film-speed dial',
	glyph: {
		lines: 'M6 14h10v26H6zM16 17l6 3v14l-6 3M22 20l6-2v18l-6-2M28 18l6 2v14l-6 2M34 14h20v26H34z',
		rings: [[44, 30, 5]],
		dots: [[48, 19, 2]]
	},
	camera: {
		format: 'peel-apart pack',
		frame: { width: 95, height: 73 },
		focalLength: 114,
		focus: { kind: 'continuous', nearest: 1.05 },
		aperture: { kind: 'fixed', f: 8.8 },
		shutter: { kind: 'range', fastest: 1 / 1200, slowest: 10 },
		handHold: 1 / 30,
		exposure: {
			mode: 'auto',
			sets: 'time',
			iso: [75, 150, 300],
			compensation: { darken: -1, lighten: 1, step: 0.5 }
		}
	},
	film: 'peel-apart',
	frames: 8,
	measure: 'Old eyes drift. A fresh battery and a trial pack will tell.',
	varies: ['exposure'],
	unload: offPeelApart,
	checklist: {
		load: [...bellows.load, 'Battery fresh'],
		frame: [...bellows.frame, ...anyFrame]
	},
	night: [
		'Old electric eyes reach 10 s, up to a minute on a fresh battery. A weak battery closes early and doesn’t tell you.',
		'With the eye covered and the wheel at lighten, it stays open as long as it can. Uncover the lens, not the eye, and count.'
	],
	flares: false,
	offsetSd: 0.7
};
