import Papa from 'papaparse';
import { shotList, takenShots } from '$core/cine';
import { resolveLight } from '$core/light';
import { formatAperture } from '$core/units';
import type { FrameRecord, LoadRecord } from '$contract/records';

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

/**
 * The shots of a spool as CSV (RFC 4180): those that are planned in their order, and then those that
 * were taken without a plan.
 *
 * @returns an empty list for a load that has no spool
 */
export function shotsCsv(load: LoadRecord, frames: readonly FrameRecord[]): string {
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
	// A title that begins like a formula must not become one where the list is opened.
	return Papa.unparse([...rows, ...more], { escapeFormulae: true, newline: '\r\n' });
}
