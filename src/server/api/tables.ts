import type { RequestEvent } from '@sveltejs/kit';
import { Readable } from 'node:stream';
import { frameTableSchema, type FrameSearch } from '$contract/frame-search';
import { snapshotOf } from '../database/snapshot';
import { jsonLines, piecesOf } from '../pieces';
import { dataFolder, store } from '../store';
import { framesCsv } from '../tables/frames-csv';
import { notFound, onlyAllow } from './answers';
import { asFile } from './file-name';
import { guarded } from './guarded';

/** Frames of a load, of a search, of everything as a file: streamed, however many there are. */

type Ending = 'csv' | 'json';
type Asked = Partial<FrameSearch>;

const types: Readonly<Record<Ending, string>> = {
	csv: 'text/csv; charset=utf-8; header=present',
	json: 'application/json'
};

function streamOf(ending: Ending, search: FrameSearch): ReadableStream {
	const snapshot = snapshotOf(dataFolder());
	const pieces = piecesOf(snapshot.tables.search.each(search));
	const text = ending === 'csv' ? framesCsv(snapshot.tables, pieces) : jsonLines(pieces);
	const stream = Readable.from(text, { objectMode: false });
	stream.once('close', snapshot.close);
	return Readable.toWeb(stream) as ReadableStream;
}

/** @param head whether only what is said before the file is asked for */
function fileOf(ending: Ending, asked: Asked, head: boolean): Response {
	const search: FrameSearch = { state: 'any', order: 'oldest', ...asked };
	if (store().search.page(search, 1, 0).total === 0) return notFound('frame');
	return new Response(head ? null : streamOf(ending, search), {
		headers: {
			'content-type': types[ending],
			...asFile('frames', ending, 'frames')
		}
	});
}

export const framesAs = (ending: Ending) => ({
	GET: guarded<Asked>(
		({ request }, asked) => fileOf(ending, asked, request.method === 'HEAD'),
		frameTableSchema
	),
	fallback: onlyAllow('GET')
});

/** Whether a table is asked for rather than a page of the list. */
export const wantsTable = ({ request }: RequestEvent): boolean =>
	request.headers.get('accept')?.trim().startsWith('text/csv') ?? false;
