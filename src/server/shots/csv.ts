import { shotList, takenShots } from '$core/cine';
import { resolveLight } from '$core/light';
import { formatAperture } from '$core/units';
import type { FrameRecord, LoadRecord } from '$contract/records';
import { csvOf } from '../tables/csv';

type Row = Record<string, string | number>;

const tenth = (value: number) => Math.round(value * 10) / 10;

function takenOn(frame: FrameRecord | undefined): Row {
	if (!frame) return { 'Taken at': '', 'Light, EV': '', Aperture: '', Note: '' };
	return {
		'Taken at': frame.takenAt,
		'Light, EV': frame.light ? tenth(resolveLight(frame.light).ev) : '',
		Aperture: frame.settings.f === null ? '' : formatAperture(frame.settings.f),
		Note: frame.note ?? frame.subject ?? ''
	};
}

const columns = [
	...['Title', 'Planned, s', 'Taken, s', 'Side', 'Begins at, ft', 'Flip before', 'Film for it'],
	...['Taken at', 'Light, EV', 'Aperture', 'Note']
];

/**
 * The shots of a spool as CSV (RFC 4180): those that are planned in their order, and then those that
 * were taken without a plan.
 *
 * @returns null where there is none
 */
export function shotsCsv(load: LoadRecord, frames: readonly FrameRecord[]): string | null {
	const planned = load.shots ?? [];
	const list = load.spool
		? shotList(load.spool, planned, takenShots(frames), load.flippedAfter)
		: { rows: [] };
	const rows = list.rows.map((row): Row => ({
		Title: row.title,
		'Planned, s': tenth(row.seconds),
		'Taken, s': tenth(row.taken),
		Side: row.side,
		'Begins at, ft': tenth(row.feet),
		'Flip before': row.flipBefore ? 'yes' : '',
		'Film for it': row.fits ? 'yes' : 'no',
		...takenOn(frames.find(({ shot }) => shot === row.id))
	}));
	const free = frames.filter(
		(frame) => frame.ran !== undefined && !planned.some(({ id }) => id === frame.shot)
	);
	const more = free.map((frame): Row => ({
		Title: frame.subject ?? frame.note ?? `Shot ${frame.number}`,
		'Planned, s': '',
		'Taken, s': tenth(frame.ran!),
		Side: '',
		'Begins at, ft': '',
		'Flip before': '',
		'Film for it': 'yes',
		...takenOn(frame)
	}));
	if (rows.length + more.length === 0) return null;
	return csvOf(columns, [...rows, ...more]);
}
