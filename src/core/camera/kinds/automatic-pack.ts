import type { CameraKind } from './kind';

/** Values: common practice for old pack cameras with an electric eye and a film-speed dial. */
export const automaticPack: CameraKind = {
	id: 'automatic-pack',
	name: 'Automatic pack camera',
	looks: 'Bellows, an electric eye and a film-speed dial',
	camera: {
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
	measure: 'Old eyes have slowed; a fresh battery and a trial pack tell.'
};
