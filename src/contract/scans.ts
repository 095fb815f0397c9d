import { array, object, string } from 'yup';

/** The largest scan that metadata is written into, bytes: what a large negative gives at full depth. */
export const MOST_SCAN_BYTES = 1024 ** 3;
/** Files that are put against frames at once. */
export const MOST_SCANS = 1000;
const LONGEST_NAME = 1000;

/** Files by their names, with the frames that are on them. */
export const scansSchema = object({
	scans: array(
		object({ file: string().required().max(LONGEST_NAME), frameId: string().uuid().required() }).required()
	)
		.required()
		.min(1)
		.max(MOST_SCANS)
});
