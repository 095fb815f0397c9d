import { closeSync, createReadStream, mkdtempSync, openSync, readSync, renameSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { pictureEndings, type WrittenType } from '$contract/pictures';
import { MOST_SCAN_BYTES, scansSchema } from '$contract/scans';
import { writtenTypeOf } from '../pictures/kinds';
import { copyWithTags, tagsBeside } from '../scans/copy';
import { NotWritten } from '../scans/exiftool';
import { tagsBesidePicture, tagsInPicture, type FrameWithAll } from '../scans/metadata';
import { csvOf } from '../tables/csv';
import { store } from '../store';
import { invalid, notFound, onlyAllow, problem } from './answers';
import { bodyIntoFile } from './body-into-file';
import { asFile } from './file-name';
import { guarded } from './guarded';
import { discard } from './read-body';
import { readChecked } from './read-json';

/** What was logged of a frame, into files that show it. */

function withAll(id: string): FrameWithAll | null {
	const { frames, loads, cameras, films } = store();
	const frame = frames.get(id.toLowerCase());
	if (!frame) return null;
	const load = loads.get(frame.loadId)!;
	return { frame, load, camera: cameras.get(load.cameraId)!, film: films.get(load.filmId)! };
}

const BEGINNING = 12;

function kindOf(file: string): WrittenType | undefined {
	const beginning = Buffer.alloc(BEGINNING);
	const handle = openSync(file, 'r');
	try {
		readSync(handle, beginning, 0, BEGINNING, 0);
	} finally {
		closeSync(handle);
	}
	return writtenTypeOf(beginning);
}

const nameFor = ({ camera, frame }: FrameWithAll) => `${camera.name} ${frame.number}`;

/**
 * Does something with files in a folder of their own, which goes when the answer has gone.
 *
 * @param head whether only what is said before the file is asked for
 */
async function inFolder(
	head: boolean,
	work: (folder: string) => Promise<{ file: string; headers: Record<string, string> } | Response>
): Promise<Response> {
	const folder = mkdtempSync(join(tmpdir(), 'just-enough-scan-'));
	const forget = () => rmSync(folder, { recursive: true, force: true });
	try {
		const made = await work(folder);
		if (made instanceof Response || head) forget();
		if (made instanceof Response) return made;
		// Whoever asks for the head alone takes no body, and a stream that nobody takes never ends.
		if (head) return new Response(null, { headers: made.headers });
		const stream = createReadStream(made.file);
		stream.once('close', forget);
		return new Response(Readable.toWeb(stream) as ReadableStream, {
			headers: { ...made.headers, 'cache-control': 'no-store' }
		});
	} catch (error) {
		forget();
		if (error instanceof NotWritten) return problem(422, error.message);
		throw error;
	}
}

const NO_PICTURE =
	'Metadata is written into JPEG, PNG, WebP and TIFF. For others take the .xmp that lies beside them.';

/** Takes a scan and gives it back with what was logged in it; nothing is kept. */
const POST = guarded(({ params, request }) => {
	const all = withAll(params.id!);
	if (!all) {
		discard(request);
		return notFound('frame');
	}
	return inFolder(false, async (folder) => {
		const scan = join(folder, 'scan');
		const answer = await bodyIntoFile(request, scan, MOST_SCAN_BYTES, 'scan');
		if (answer) return answer;
		const type = kindOf(scan);
		if (!type) return problem(415, NO_PICTURE);
		const [ending] = pictureEndings[type];
		const [named, file] = [join(folder, `scan.${ending}`), join(folder, `copy.${ending}`)];
		renameSync(scan, named);
		await copyWithTags(named, tagsInPicture(all), file);
		return { file, headers: { 'content-type': type, ...asFile(nameFor(all), ending, 'frame') } };
	});
});

/** What was logged as a file that lies beside a picture. */
const beside = guarded(({ params, request }) => {
	const all = withAll(params.id!);
	if (!all) return notFound('frame');
	return inFolder(request.method === 'HEAD', async (folder) => {
		const file = join(folder, 'frame.xmp');
		await tagsBeside(file, tagsBesidePicture(all));
		return {
			file,
			headers: { 'content-type': 'application/rdf+xml', ...asFile(nameFor(all), 'xmp', 'frame') }
		};
	});
});

/** Of a list in one cell: what exiftool is told with -sep. */
const BETWEEN = '; ';

/** A table by which a person's own exiftool writes the same into files. */
const table = guarded(async ({ request }) => {
	const read = await readChecked(request, scansSchema);
	if ('answer' in read) return read.answer;
	const found = read.asked.scans.map(({ file, frameId }) => ({ file, all: withAll(frameId) }));
	const missing = found.findIndex(({ all }) => !all);
	if (missing >= 0) return invalid([{ path: `scans.${missing}.frameId`, message: 'there is no such frame' }]);
	const rows = found.map(({ file, all }) => {
		// Fields of no standard need a configuration, which a person's own exiftool has not.
		const tags = Object.entries(tagsInPicture(all!)).filter(([tag]) => !tag.startsWith('XMP-film'));
		const cells = tags.map(([tag, value]) => [tag, Array.isArray(value) ? value.join(BETWEEN) : value]);
		return { SourceFile: file, ...Object.fromEntries(cells) };
	});
	const columns = [...new Set(rows.flatMap((row) => Object.keys(row)))];
	return new Response(csvOf(columns, rows), {
		headers: {
			'content-type': 'text/csv; charset=utf-8; header=present',
			...asFile('exiftool', 'csv', 'table')
		}
	});
});

export const scanHandlers = { POST, fallback: onlyAllow('POST') };
export const besideHandlers = { GET: beside, fallback: onlyAllow('GET') };
export const scansTable = { POST: table, fallback: onlyAllow('POST') };
