import { Readable } from 'node:stream';
import { finished } from 'node:stream/promises';
import yazl from 'yazl';
import { endingFor } from '$contract/pictures';
import { version } from '$contract/version';
import { archiveSchema } from '$contract/openapi/archive';
import type { RecordKind } from '$contract/records';
import { snapshotOf, type PictureRow, type Snapshot } from '../database/snapshot';
import type { RecordTable } from '../database/record-table';
import { framesCsv } from '../tables/frames-csv';
import { namePart, namer } from '$contract/file-names';
import { jsonLines, piecesOf, recordsOf } from '../pieces';
import { FORM, FORMAT, kinds, PICTURES, README, RECORDS, SCHEMA, TABLE, type PictureListed } from './form';

/** All records as JSON, one line each, so that it can be compared and read by eye. */
async function* jsonOf(tables: Snapshot['tables'], pictures: readonly PictureListed[], now: Date) {
	const head = { format: FORMAT, form: FORM, program: version, made: now.toISOString() };
	yield `${JSON.stringify(head).slice(0, -1)},"records":{`;
	for (const [at, kind] of kinds.entries()) {
		yield `${at === 0 ? '' : ','}\n${JSON.stringify(kind)}:`;
		yield* jsonLines(recordsOf(tables[kind] as unknown as RecordTable<object>));
	}
	yield '},\n"pictures":';
	yield* jsonLines(piecesOf(pictures));
	yield '}\n';
}

/** The folder of a load's pictures, or of those of cameras. */
function folderOf({ loadedAt, camera, film }: PictureRow): string {
	if (loadedAt === null) return 'cameras';
	return `${loadedAt.slice(0, 10)} ${namePart(camera, 'camera')}, ${namePart(film ?? '', 'film')}`;
}

function nameIn({ number, subject, camera }: PictureRow): string {
	if (number === null) return namePart(camera, 'camera');
	const digits = String(number).padStart(2, '0');
	return namePart(`${digits} ${subject ?? ''}`, digits);
}

/** Pictures with the files that they become: named by load and number. */
function listed(rows: readonly PictureRow[]): PictureListed[] {
	const name = namer();
	return rows.map((row) => {
		const { id, owner, ownerId, type, width, height, addedAt } = row;
		const file = name(`${PICTURES}/${folderOf(row)}/${nameIn(row)}`, endingFor(row.name, type));
		return { id, name: row.name, type, width, height, addedAt, owner, ownerId, file };
	});
}

const readme = (
	counts: Readonly<Record<RecordKind, number>>,
	pictures: number,
	now: Date
) => `Just Enough ${version}: everything, as it was on ${now.toISOString().slice(0, 10)}.

If you no longer have the program, this is what you have here:

${RECORDS}
    All records: ${kinds.map((kind) => `${counts[kind]} ${kind}`).join(', ')}.
    It is text (JSON, UTF-8), one record a line. Records name each other by their "id".
    Lengths are mm, distances m, times s, light EV at ISO 100, exposure in stops (+ is too much light),
    instants ISO 8601 with their offset.
${SCHEMA}
    What each field may hold (JSON Schema 2020-12).
${TABLE}
    The frames as a table, for any spreadsheet (CSV, UTF-8).
${PICTURES}/
    ${pictures} pictures as they came, named by load and number. records.json says which belongs to what.

To have it back: in the program, Settings, "Import an archive".
`;

/**
 * Everything as a zip, while it is made: records, pictures, a table, and a word for whoever finds it.
 *
 * @param folder the data folder
 */
export function archiveOf(folder: string, now: Date): Readable {
	const snapshot = snapshotOf(folder);
	const { tables } = snapshot;
	const zip = new yazl.ZipFile();
	const stream = zip.outputStream as Readable;
	const reading = new Set<Readable>();
	// Whoever took it may go in the middle: then no more is read, and nobody is told.
	zip.on('error', () => stream.destroy());
	/** What is read for the zip ends with it, also where the zip does not ask for the rest. */
	const read = (inner: Readable) => {
		reading.add(inner);
		inner.once('close', () => reading.delete(inner));
		inner.on('error', () => stream.destroy());
		return inner;
	};
	const pictures = listed(snapshot.pictures());
	const counts = Object.fromEntries(kinds.map((kind) => [kind, tables[kind].list(0, 0).total])) as Record<
		RecordKind,
		number
	>;
	const lazily = (file: string, begin: () => Readable, compress = true) =>
		zip.addReadStreamLazy(file, { compress, mtime: now }, (done) => {
			if (stream.destroyed) return done(new Error('Nobody takes it any more'), undefined as never);
			done(null, read(begin()));
		});
	zip.addBuffer(Buffer.from(readme(counts, pictures.length, now)), README, { mtime: now });
	zip.addBuffer(Buffer.from(JSON.stringify(archiveSchema, null, '\t')), SCHEMA, { mtime: now });
	lazily(RECORDS, () => Readable.from(jsonOf(tables, pictures, now)));
	lazily(TABLE, () => Readable.from(framesCsv(tables, recordsOf(tables.frames))));
	for (const { id, file } of pictures)
		lazily(file, () => Readable.from([snapshot.original(id)], { objectMode: false }), false);
	zip.end();
	stream.once('close', () => {
		const left = [...reading].map((inner) => finished(inner.destroy(), { error: false }));
		// What is being read at this moment is read to its end first.
		void Promise.allSettled(left).then(snapshot.close);
	});
	return stream;
}
