import { box } from './box';
import { cine } from './cine';
import { fullSettings } from './full-settings';
import type { CameraKind, Glyph } from './kind';
import { pinhole } from './pinhole';
import { plasticMediumFormat } from './plastic-medium-format';
import { rings } from './rings';
import { pointAndShoot } from './point-and-shoot';
import { foldingInstant } from './folding-instant';
import { instantTwinLens } from './instant-twin-lens';
import { automaticPack } from './automatic-pack';
import { automaticPointAndShoot } from './automatic-point-and-shoot';
import { automaticCine } from './automatic-cine';
import { boxInstant } from './box-instant';
import { convertedPack } from './converted-pack';
import { swingLens } from './swing-lens';

export type { CameraKind, CameraPart } from './kind';

/** Every kind to start from; a new one is its own file and one line here. */
export const cameraKinds: readonly CameraKind[] = [
	box,
	plasticMediumFormat,
	pointAndShoot,
	automaticPointAndShoot,
	rings,
	foldingInstant,
	boxInstant,
	instantTwinLens,
	automaticPack,
	convertedPack,
	fullSettings,
	swingLens,
	cine,
	automaticCine,
	pinhole
];

/** Of a camera of no kind that the bag knows. */
export const unknownGlyph: Glyph = {
	lines: 'M11 14h42a3 3 0 0 1 3 3v20a3 3 0 0 1-3 3H11a3 3 0 0 1-3-3V17a3 3 0 0 1 3-3zM14 14v-4h10v4',
	rings: [[32, 27, 8]]
};

/** The kind of that name, if the bag knows it. */
export function cameraKind(id: string | undefined): CameraKind | undefined {
	return cameraKinds.find((kind) => kind.id === id);
}
