import { roll, offRoll } from '../checks';
import type { CameraKind } from './kind';

/** Values: common practice for plastic cameras of 6 × 6 cm with two weather marks. */
export const plasticMediumFormat: CameraKind = {
	id: 'plastic-medium-format',
	name: 'Plastic medium format',
	looks: 'Square pictures, a sun and a cloud to choose from',
	glyph: {
		lines: 'M8 16h48v24H8zM20 16l3-7h18l3 7M28 12h8M50 20v4',
		rings: [
			[32, 28, 9],
			[32, 28, 4]
		]
	},
	camera: {
		format: '120',
		frame: { width: 56, height: 56 },
		focalLength: 60,
		focus: {
			kind: 'zones',
			distances: [1, 2, 6, null],
			labels: ['one person', 'three people', 'group', 'hills']
		},
		circleOfConfusion: 0.1,
		aperture: { kind: 'stops', f: [8, 11], labels: ['cloud', 'sun'] },
		shutter: { kind: 'fixed', seconds: 1 / 100 },
		bulb: true,
		exposure: { mode: 'manual' }
	},
	film: 'colour-negative',
	frames: 12,
	measure: 'On many bodies both marks give the same aperture.',
	varies: ['aperture'],
	unload: offRoll,
	checklist: roll,
	night: ['On B, keep the cable release pressed. One that locks saves your thumb and the picture.'],
	flares: true
};
