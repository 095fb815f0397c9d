import { offSpool } from '../checks';
import { cine } from './cine';
import type { CameraKind } from './kind';

/** Values: common practice for spring cine with an electric eye on its aperture. */
export const automaticCine: CameraKind = {
	...cine,
	id: 'automatic-cine',
	name: 'Spring cine with an eye',
	looks: 'Moving pictures, wound by hand; a needle moves the aperture',
	camera: { ...cine.camera, exposure: { mode: 'auto', sets: 'aperture', iso: [10, 16, 25, 40] } },
	measure: 'Old cells are slow: hold the needle against a meter.',
	unload: offSpool,
	night: ['At its widest opening the needle stops: from there it is too dark, whatever it says.'],
	offsetSd: 0.7
};
