import { number, string } from 'yup';
import { instant, shortText } from './fields';
import type { RecordKind } from './records';

/** How lists are asked for, page by page. */
export const MOST_ITEMS = 1000;
export const DEFAULT_ITEMS = 100;

export const pageFields = {
	limit: number().integer().min(1).max(MOST_ITEMS),
	after: string().max(2000)
};

/** What lists can be narrowed by. */
export const filterFields = {
	load: string().uuid(),
	camera: string().uuid(),
	film: string().uuid(),
	from: instant(),
	to: instant(),
	/** Words that are looked for, as they are written. */
	q: shortText(200).min(1)
};
export type FilterName = keyof typeof filterFields;

/** By what each kind's list can be. */
export const listFilters: Readonly<Partial<Record<RecordKind, readonly FilterName[]>>> = {
	cameras: ['q'],
	films: ['q'],
	gear: ['q'],
	loads: ['camera', 'film', 'q'],
	frames: ['load', 'camera', 'film', 'from', 'to', 'q'],
	measurements: ['camera'],
	outings: ['q'],
	places: ['q'],
	readings: ['q'],
	recipes: ['q']
};
