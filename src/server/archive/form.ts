import { FORM, FORMAT, RECORDS } from '$contract/archive-form';
import { componentOf } from '$contract/openapi/component-of';
import type { PictureOwner, PictureRecord } from '$contract/pictures';
import type { RecordKind, Stored } from '$contract/records';

/** How an archive is made: a zip of these files. */
export { FORM, FORMAT, RECORDS };
export const SCHEMA = 'records.schema.json';
export const TABLE = 'frames.csv';
export const README = 'README.txt';
export const PICTURES = 'pictures';

/** Every kind of record, those that others name before those that name them. */
export const kinds = Object.keys(componentOf) as readonly RecordKind[];

/** A picture as an archive lists it. */
export interface PictureListed extends PictureRecord {
	owner: PictureOwner;
	ownerId: string;
	/** The file of the zip that it is. */
	file: string;
}

/** What records.json holds. */
export interface Archive {
	format: typeof FORMAT;
	form: number;
	/** The version of the program that made it. */
	program: string;
	made: string;
	records: Readonly<Record<RecordKind, readonly (object & Stored)[]>>;
	pictures: readonly PictureListed[];
}
