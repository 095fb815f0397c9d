import type Database from 'better-sqlite3';
import type { FrameRecord, LoadRecord, RecordKind } from '$contract/records';
import type { RecordTable } from '../database/record-table';
import { tablesOf, type Tables } from '../database/tables';
import { compared, noTally, sameAs, type Compared, type Tally } from './compare';
import { kinds, type Archive, type PictureListed } from './form';
import type { NewPicture } from '../database/pictures';

/** What is done with a record that is here and other than in the archive. */
export type Conflicts = 'keep' | 'take';

/** What an archive would bring, or brought, by kind. */
export interface Report {
	made: string;
	kinds: Record<RecordKind | 'pictures', Tally>;
	/** Of the unreadable: which, and why. */
	problems: { kind: string; id: string; why: string }[];
}

/** So many are named; all are counted. */
const MOST_PROBLEMS = 50;

export function reportOn({ made }: Pick<Archive, 'made'>) {
	const report: Report = {
		made,
		kinds: Object.fromEntries([...kinds, 'pictures'].map((kind) => [kind, noTally()])) as Report['kinds'],
		problems: []
	};
	return {
		report,
		count(kind: RecordKind | 'pictures', { id, standing, why }: Pick<Compared, 'id' | 'standing' | 'why'>) {
			report.kinds[kind][standing] += 1;
			if (why && report.problems.length < MOST_PROBLEMS)
				report.problems.push({ kind, id: id.slice(0, 80), why });
		}
	};
}

/** A load that comes while its camera holds another one is taken out when its last frame was taken. */
function takenOut(load: LoadRecord, id: string, { records }: Archive): LoadRecord {
	const own = (records.frames as unknown as FrameRecord[]).filter(({ loadId }) => loadId === id);
	const last = own
		.map(({ takenAt }) => takenAt)
		.toSorted((a, b) => Date.parse(a) - Date.parse(b))
		.at(-1);
	return { ...load, unloadedAt: last ?? load.loadedAt };
}

/** A frame whose number is taken by another one of its load gets the next that is free. */
function withFreeNumber(tables: Tables, frame: FrameRecord, id: string): FrameRecord {
	const taken = new Set(
		tables.frames.where('load_id', frame.loadId).flatMap((other) => (other.id === id ? [] : [other.number]))
	);
	let { number } = frame;
	while (taken.has(number)) number += 1;
	return { ...frame, number };
}

/** What becomes of a record that cannot stand beside what is here as it is. */
function besideOthers(tables: Tables, { kind, id, record }: Compared, archive: Archive): object | null {
	if (kind === 'loads') return takenOut(record as LoadRecord, id, archive);
	return kind === 'frames' ? withFreeNumber(tables, record as FrameRecord, id) : null;
}

function write(tables: Tables, found: Compared, archive: Archive): void {
	const { kind, id, version } = found;
	const table = tables[kind] as unknown as RecordTable<object>;
	const here = table.get(id);
	const put = (record: object) => {
		if (here && sameAs(here, record)) return;
		const written = here ? table.replace(id, here.version, record) : table.bring(id, version, record);
		if (written.result === 'invalid') return written.issues;
		if (here && kind === 'loads' && 'rig' in record) table.setAside(id, 'rig', record.rig);
	};
	let refused = put(found.record);
	const fitting = refused && besideOthers(tables, found, archive);
	if (fitting) refused = put(fitting);
	if (refused) throw new Error(`${kind} ${id}: ${refused.map(({ message }) => message).join('; ')}`);
}

/**
 * Takes an archive's records and pictures, all or none.
 *
 * @param picture a picture that was looked through; undefined where it is here already, or cannot be read
 * @returns what it brought
 */
export function taken(
	database: Database.Database,
	archive: Archive,
	conflicts: Conflicts,
	picture: (listed: PictureListed) => NewPicture | undefined
): Report {
	const tables = tablesOf(database);
	const { report, count } = reportOn(archive);
	database
		.transaction(() => {
			for (const found of compared(tables, archive)) {
				count(found.kind, found);
				if (found.standing === 'new' || (found.standing === 'conflicting' && conflicts === 'take'))
					write(tables, found, archive);
			}
			for (const listed of archive.pictures) {
				const fresh = picture(listed);
				if (fresh && tables.pictures.add(fresh) === 'kept')
					count('pictures', { id: listed.id, standing: 'new' });
			}
		})
		.immediate();
	return report;
}
