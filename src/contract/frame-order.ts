import { array, object, string } from 'yup';
import { frameRecordSchema, type FrameRecord } from './frames';

/** Frames that come together at most. */
export const MOST_IN_ORDER = 1000;

/** Frames that were logged apart: all of them are kept, or none. */
export interface FramesInOrder {
	frames: (FrameRecord & { id: string })[];
}

const identified = { id: string().uuid().required() };

export const framesInOrderSchema = object({
	frames: array(frameRecordSchema.shape(identified).required()).required().min(1).max(MOST_IN_ORDER)
});
