import type { CameraKind } from './kind';

/** Values: common practice for 35 mm cameras whose eye sets aperture and time. */
export const automaticPointAndShoot: CameraKind = {
	id: 'automatic-point-and-shoot',
	name: 'Automatic 35 mm',
	looks: 'A small camera that sets everything by itself',
	camera: {
		frame: { width: 36, height: 24 },
		focalLength: 35,
		focus: { kind: 'continuous', nearest: 0.6 },
		aperture: { kind: 'range', widest: 2.8, smallest: 16 },
		shutter: { kind: 'range', fastest: 1 / 500, slowest: 2 },
		exposure: { mode: 'auto', sets: 'both', iso: [100, 200, 400] }
	},
	film: 'colour-negative',
	frames: 36,
	measure: 'It may not read the speed off every film.'
};
