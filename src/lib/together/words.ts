import { asWritten } from '$words';
import type { Notice, Write } from '$replica/writes';

const kindNames: Readonly<Record<Write['kind'], string>> = {
	cameras: 'Camera',
	films: 'Film',
	loads: 'Load',
	frames: 'Frame',
	gear: 'From the bag:',
	places: 'Place',
	readings: 'Reading',
	outings: 'Outing',
	recipes: 'Recipe',
	exercises: 'Exercise',
	settings: 'Settings',
	measurements: 'Measurement'
};
const acts: Readonly<Record<Write['act'], string>> = { create: 'new', replace: 'changed', remove: 'deleted' };

/** What a record is called, with its kind: 'Camera Wedge', 'Frame 3'. */
export function calledInWords(kind: Write['kind'], record: object | null): string {
	const { name, number } = (record ?? {}) as { name?: string; number?: number };
	return [kindNames[kind], name ?? number].filter((part) => part !== undefined).join(' ');
}

/** What waits, and why: 'Camera Wedge, changed'. */
export const writeInWords = ({ kind, act, record, base }: Write): string =>
	`${calledInWords(kind, record ?? base)}, ${acts[act]}`;

const became: Readonly<Record<Notice['what'], string>> = {
	'came back': 'was deleted elsewhere. It was changed here, and is back.',
	stayed: 'was changed elsewhere meanwhile. It wasn’t deleted.',
	'in use': 'is used elsewhere by now. It wasn’t deleted.'
};

/** What became of a change: 'Camera Wedge was changed elsewhere meanwhile. It wasn’t deleted.' */
export const noticeInWords = ({ kind, name, what }: Notice): string =>
	`${calledInWords(kind, name === '' ? null : { name: name.replace(/^frame /, '') })} ${became[what]}`;

const DAY_MS = 86_400_000;

/**
 * When this device last had all that the server has, by this device's clock: the time, and the day where it was another.
 *
 * @param at ms
 * @param now ms
 * @param locale the reader's
 * @example lastTogether(Date.UTC(2026, 4, 2, 14, 2), Date.UTC(2026, 4, 2, 15), 'en-GB') // 'last synced 14:02'
 */
export function lastTogether(at: number, now: number, locale: string): string {
	const when = new Date(at).toISOString();
	const time = asWritten(when, { hour: 'numeric', minute: '2-digit' }, locale);
	if (new Date(at).toDateString() === new Date(now).toDateString()) return `last synced ${time}`;
	const days = Math.round((now - at) / DAY_MS);
	const year: Intl.DateTimeFormatOptions = days > 300 ? { year: 'numeric' } : {};
	const day = asWritten(when, { day: 'numeric', month: 'short', ...year }, locale);
	return `last synced ${day}, ${time}`;
}
