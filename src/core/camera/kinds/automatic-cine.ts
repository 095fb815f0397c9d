import { offSpool } from '../checks';
import { cine } from './cine';
import type { CameraKind } from './kind';

/** Values: common practice for spring cine with an electric eye on its aperture. */
export const automaticCine: CameraKind = {
	...cine,
	id: 'automatic-cine',
	name: 'Spring cine with an eye',
	looks: 'Moving pictures, wound by hand; a meter needle sets the aperture',
	camera: { ...cine.camera, exposure: { mode: 'auto', sets: 'aperture', iso: [10, 16, 25, 40] } },
	measure: 'Old cells read low. Check the needle against a meter.',
	varies: ['exposure'],
	unload: offSpool,
	night: ['The needle stops at the widest aperture. Past that it’s too dark, whatever it shows.'],
	offsetSd: 0.7
};
