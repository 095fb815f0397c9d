import { array, boolean, number, object, string, type InferType } from 'yup';
import { usualOffset, withEvenCell } from '../core/camera';
import { instant, shortText } from './fields';
import { is } from './held';
import {
	cameraRecordSchema,
	measurementRecordSchema,
	type CameraRecord,
	type MeasurementRecord,
	type Stored
} from './records';

/** A camera as one file that can be given away: what it is and what is known of it, and no frames. */

export const GIFT = 'just-enough-camera';
const FORM = 1;
const MOST_MEASUREMENTS = 500;

export const giftSchema = object({
	format: is(GIFT),
	form: number().required().oneOf([FORM], 'was made by a newer version'),
	program: shortText(40).required(),
	made: instant().required(),
	/** That of whoever gives it: known again where it comes twice. */
	id: string().uuid().required(),
	/** Its offset is what was known of the body, and becomes what learning starts from. */
	camera: cameraRecordSchema.required(),
	/** Judged frames that its offset stands on. */
	frames: number().integer().min(0).max(1_000_000).required(),
	measurements: array(
		object({ id: string().uuid().required(), measurement: measurementRecordSchema.required() }).required()
	)
		.required()
		.max(MOST_MEASUREMENTS)
});
export type Gift = Omit<InferType<typeof giftSchema>, 'camera' | 'measurements'> & {
	camera: CameraRecord;
	measurements: { id: string; measurement: MeasurementRecord }[];
};

/** How a gift is taken in. */
export interface GiftTaken {
	gift: Gift;
	/** A camera that is changed; absent: it is a new one. */
	instead?: { id: string; version: number };
	/** The id of a new one. */
	id?: string;
	/** It is another one of its kind, and not the very camera. */
	another?: boolean;
}

export const giftTakenSchema = object({
	gift: giftSchema.required(),
	instead: object({ id: string().uuid().required(), version: number().integer().min(1).required() })
		.optional()
		.default(undefined),
	id: string().uuid(),
	another: boolean()
}).test(
	'one',
	'needs either the camera that it changes or an id for a new one',
	({ instead, id }) => (instead === undefined) !== (id === undefined)
);

/** What only the bag of whoever gives it knows. */
type Own = 'archived' | 'flashes' | 'learnt' | 'known';

function withoutOwn({
	archived: _,
	flashes: _f,
	learnt: _l,
	known: _k,
	...camera
}: CameraRecord): Omit<CameraRecord, Own> {
	return camera;
}

/**
 * A camera as a gift.
 *
 * @param body what is known of its body now, with the judged frames that this stands on; null: no more than is on it
 */
export function giftOf(
	{ id, version: _, ...camera }: CameraRecord & Stored,
	body: { stops: number; sd: number; frames: number } | null,
	measurements: readonly (MeasurementRecord & Stored)[],
	made: { at: string; program: string }
): Gift {
	const offset = body ? { offset: { stops: body.stops, sd: body.sd } } : {};
	return {
		format: GIFT,
		form: FORM,
		program: made.program,
		made: made.at,
		id,
		camera: { ...withoutOwn(camera), ...offset },
		frames: body?.frames ?? 0,
		measurements: measurements.map(({ id: own, version: _v, ...measurement }) => ({ id: own, measurement }))
	};
}

/**
 * What learning starts from when a gift was taken in: what was known of the body; of another one of its kind as much less
 * as bodies of that kind differ.
 *
 * @returns null where nothing was known
 * @example startOf(a gift of a box with { stops: 0.4, sd: 0.3 }, true) // { stops: 0.4, sd: 0.42 }
 */
export function startOf({ camera }: Gift, another: boolean): { stops: number; sd: number } | null {
	if (!camera.offset) return null;
	const { stops, sd } = camera.offset;
	return { stops, sd: another ? Math.hypot(sd, usualOffset(camera).sd) : sd };
}

/**
 * Whether what was learnt of a gift came from here: then it is known here already, and counted twice if it were taken.
 */
export const cameFrom = (gift: Gift, { id, learnt }: CameraRecord & { id: string }): boolean =>
	id === gift.id && learnt !== undefined;

/**
 * A gift as a camera of the bag.
 *
 * @param here the camera that it changes: what its owner's frames teach goes on, from another start
 */
export function takenIn(gift: Gift, another: boolean, here?: CameraRecord & { id: string }): CameraRecord {
	const { offset: _, ...given } = withoutOwn(gift.camera);
	// How the cell of one body has aged says nothing of another's.
	const camera = another ? withEvenCell(given) : given;
	const start = here && cameFrom(gift, here) ? null : startOf(gift, another);
	if (!here) return { ...camera, ...(start && { offset: start }) };
	const { archived, flashes, learnt, known, offset } = here;
	const { untold: __, ...going } = learnt ?? {};
	const after = {
		...{ archived, flashes, known },
		offset: start && !learnt ? start : offset,
		learnt: start && learnt ? { ...going, prior: start } : learnt
	};
	const own = Object.fromEntries(Object.entries(after).filter(([, value]) => value !== undefined));
	return { ...camera, ...own };
}
