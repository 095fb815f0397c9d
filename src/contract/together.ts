import { array, number, object, string } from 'yup';
import { recordSchemas, type RecordKind } from './records';

/** Records that are taken away together at most: what an old notebook brought. */
export const MOST_TOGETHER = 3500;

export const togetherSchema = object({
	records: array(
		object({
			kind: string<RecordKind>()
				.required()
				.oneOf(Object.keys(recordSchemas) as RecordKind[]),
			id: string().uuid().required(),
			version: number().integer().min(1).required()
		}).required()
	)
		.required()
		.min(1)
		.max(MOST_TOGETHER)
});

/** Records, in an order in which none is used by one behind it. */
export interface TogetherAsked {
	records: { kind: RecordKind; id: string; version: number }[];
}
