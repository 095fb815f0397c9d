import { instant, offPack } from '../checks';
import type { CameraKind } from './kind';

/** Values: common practice for simple integral instant bodies with a fixed focus and a wheel. */
export const boxInstant: CameraKind = {
	id: 'box-instant',
	name: 'Box instant',
	looks: 'A plastic box that ejects its print; an electric eye, a wheel, a flash',
	glyph: {
		lines: 'M10 36l4-22h30l4 22zM8 36h42v7H8zM16 40h26M16 18h6v4h-6zM36 8h14v6H36z',
		rings: [[27, 26, 6]],
		dots: [
			[27, 26, 2],
			[39, 26, 1.5]
		]
	},
	camera: {
		format: 'instant pack with battery',
		frame: { width: 79, height: 79 },
		focalLength: 103,
		focus: { kind: 'fixed', distance: 3 },
		circleOfConfusion: 0.2,
		aperture: { kind: 'range', widest: 14.6, smallest: 45 },
		shutter: { kind: 'range', fastest: 1 / 250, slowest: 1 / 4 },
		handHold: 1 / 30,
		exposure: { mode: 'auto', sets: 'both', iso: [640], compensation: { darken: -1, lighten: 1, step: 0.5 } },
		flash: { guideNumber: 10, nearest: 1.2, farthest: 3 }
	},
	film: 'instant',
	frames: 8,
	measure: 'The longest time varies from body to body, and the flash often fires by itself.',
	varies: ['shutter'],
	unload: offPack,
	checklist: instant,
	night: [
		'Simple bodies stop at ¼ to 1 s: their night mode is just flash.',
		'Holding the circuit open (button down, lens covered) allows longer times. Then eject the print with the lens covered, or in the dark.'
	],
	flares: true
};
