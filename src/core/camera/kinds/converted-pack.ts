import { anyFrame, bellows, offPack } from '../checks';
import { automaticPack } from './automatic-pack';
import type { CameraKind } from './kind';

/** Values: common practice for automatic pack cameras that were given an instant wide back. */
export const convertedPack: CameraKind = {
	...automaticPack,
	id: 'converted-pack',
	name: 'Pack camera with an instant wide back',
	looks: 'Bellows and an electric eye, with a newer back',
	camera: { ...automaticPack.camera, format: 'instant wide', frame: { width: 99, height: 62 } },
	film: 'instant',
	frames: 10,
	measure: 'The finder no longer matches the back. Test it, and note where to aim.',
	unload: offPack,
	checklist: {
		load: [...bellows.load, 'Battery fresh'],
		frame: [...bellows.frame, 'Dark slide out', 'Back’s motor off until you print', ...anyFrame]
	},
	night: [...automaticPack.night, 'Back’s motor off until the shutter has closed.']
};
