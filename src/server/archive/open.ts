import { isUtf8 } from 'node:buffer';
import { promisify } from 'node:util';
import { object } from 'yup';
import yauzl, { type Entry, type ZipFile } from 'yauzl';
import { instant, shortText } from '$contract/fields';
import { MOST_PICTURE_BYTES } from '$contract/pictures';
import { check } from '$contract/validate';
import { FORM, FORMAT, kinds, PICTURES, RECORDS, type Archive } from './form';

/** An archive that is not taken, with a word for whoever brought it. */
export class NotTaken extends Error {}

const MEGA = 1024 ** 2;
/** What all records may come to: a life of them is a tenth of it. */
const MOST_RECORDS_BYTES = 400 * MEGA;
const MOST_FILES = 500_000;
/** Text packs to a twentieth; what claims to unpack to more than this is made to do harm. */
const MOST_RATIO = 200;
const SMALL = MEGA;

/** A zip whose list was looked through. */
export interface OpenArchive {
	archive: Archive;
	/** The bytes of one of its pictures; null where it has no such file. */
	picture(file: string): Promise<Buffer | null>;
	close(): void;
}

const opened = promisify<string, yauzl.Options, ZipFile>(yauzl.open);

/** Why an entry is not taken; an empty text where it is. */
function wrongWith({ fileName, uncompressedSize, compressedSize }: Entry): string {
	const most = fileName === RECORDS ? MOST_RECORDS_BYTES : MOST_PICTURE_BYTES;
	if (uncompressedSize > most) return `${fileName} is said to be larger than ${most / MEGA} MiB.`;
	const bursts = uncompressedSize > SMALL && uncompressedSize > MOST_RATIO * compressedSize;
	return bursts ? `${fileName} unpacks to far more than it should.` : '';
}

/** Entries that lie in each other's bytes: a small zip that would unpack to a huge one. */
function overlap(entries: readonly Entry[]): boolean {
	const inOrder = entries.toSorted((a, b) => a.relativeOffsetOfLocalHeader - b.relativeOffsetOfLocalHeader);
	return inOrder.some((entry, at) => {
		const next = inOrder[at + 1];
		return (
			next && entry.relativeOffsetOfLocalHeader + entry.compressedSize > next.relativeOffsetOfLocalHeader
		);
	});
}

/** The list of a zip, by name. */
function entriesOf(zip: ZipFile): Promise<Map<string, Entry>> {
	return new Promise((resolve, reject) => {
		const entries = new Map<string, Entry>();
		const refuse = (why: string) => reject(new NotTaken(`${why} Nothing was imported.`));
		if (zip.entryCount > MOST_FILES) return refuse('The archive has too many files.');
		zip.on('entry', (entry: Entry) => {
			const { fileName } = entry;
			const wrong = entries.has(fileName.toLowerCase()) ? `${fileName} is in it twice.` : wrongWith(entry);
			if (wrong) return refuse(wrong);
			entries.set(fileName.toLowerCase(), entry);
			zip.readEntry();
		});
		zip.once('end', () => {
			if (overlap([...entries.values()])) return refuse('Its files overlap.');
			resolve(entries);
		});
		zip.once('error', (error: Error) => refuse(`The archive cannot be read (${error.message}).`));
		zip.readEntry();
	});
}

async function bytesOf(zip: ZipFile, entry: Entry): Promise<Buffer> {
	try {
		const stream = await promisify(
			zip.openReadStream.bind(zip) as never as (
				entry: Entry,
				done: (error: Error | null, stream: NodeJS.ReadableStream) => void
			) => void
		)(entry);
		const chunks: Buffer[] = [];
		for await (const chunk of stream) chunks.push(chunk as Buffer);
		return Buffer.concat(chunks);
	} catch (error) {
		throw new NotTaken(
			`${entry.fileName} cannot be read (${(error as Error).message}). Nothing was imported.`
		);
	}
}

const isList = (value: unknown): value is object[] =>
	Array.isArray(value) &&
	value.every((each) => typeof each === 'object' && each !== null && !Array.isArray(each));

/** What is said of an archive before its records. */
const headSchema = object({ program: shortText().required(), made: instant().required() });

/** The records of an archive, as far as it is one. */
function archiveIn(bytes: Buffer): Archive {
	const no = (why: string) => new NotTaken(`${why} Nothing was imported.`);
	let found: Partial<Archive> | null = null;
	try {
		if (isUtf8(bytes)) found = JSON.parse(bytes.toString('utf8'));
	} catch {
		// Said below.
	}
	if (typeof found !== 'object' || found?.format !== FORMAT)
		throw no(`${RECORDS} in it isn’t from an archive of this program.`);
	if (found.form !== FORM) throw no('The archive was made by a newer version of this program.');
	const { records, pictures = [], program, made } = found;
	const whole = records && kinds.every((kind) => records[kind] === undefined || isList(records[kind]));
	if (!whole || !isList(pictures) || !check(headSchema, { program, made }).ok)
		throw no(`${RECORDS} in it is damaged.`);
	const all = Object.fromEntries(kinds.map((kind) => [kind, records[kind] ?? []]));
	return { ...(found as Archive), records: all as Archive['records'], pictures };
}

/**
 * Opens an archive, looking through its list before anything is unpacked.
 *
 * @throws NotTaken where it is no archive, damaged, or made to do harm
 */
export async function openArchive(file: string): Promise<OpenArchive> {
	let zip: ZipFile;
	try {
		zip = await opened(file, { lazyEntries: true, autoClose: false });
	} catch (error) {
		throw new NotTaken(`This zip can’t be read (${(error as Error).message}). Nothing was imported.`);
	}
	const close = () => zip.close();
	try {
		const entries = await entriesOf(zip);
		const records = entries.get(RECORDS);
		if (!records)
			throw new NotTaken(
				`There is no ${RECORDS} in it: it isn’t an archive of this program. Nothing was imported.`
			);
		return {
			archive: archiveIn(await bytesOf(zip, records)),
			async picture(name) {
				const entry = name.startsWith(`${PICTURES}/`) ? entries.get(name.toLowerCase()) : undefined;
				return entry ? bytesOf(zip, entry) : null;
			},
			close
		};
	} catch (error) {
		close();
		throw error;
	}
}
