import type { MeasurementRecord } from '$contract/records';

/** What the bench has found of a camera. */
export type Found = Pick<MeasurementRecord, 'what' | 'marked' | 'value' | 'sd' | 'method'>;
