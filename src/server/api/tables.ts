import type { RequestEvent } from '@sveltejs/kit';
import { Readable } from 'node:stream';
import { frameTableSchema, type FrameSearch } from '$contract/frame-search';
import { snapshotOf, type Snapshot } from '../database/snapshot';
import { jsonLines, piecesOf } from '../pieces';
import { dataFolder, store } from '../store';
import { framesCsv } from '../tables/frames-csv';
import { framesGpx } from '../tables/frames-gpx';
import { notFound, onlyAllow } from './answers';
import { asFile } from './file-name';
import { guarded } from './guarded';

/** Frames of a load, of a search, of everything as a file: streamed, however many there are. */

type Ending = 'csv' | 'json' | 'gpx';
type Asked = Partial<FrameSearch>;

const types: Readonly<Record<Ending, string>> = {
	csv: 'text/csv; charset=utf-8; header=present',
	json: 'application/json',
	gpx: 'application/gpx+xml'
};

function textOf(ending: Ending, { tables }: Snapshot, search: FrameSearch): AsyncGenerator<string> {
	const pieces = piecesOf(tables.search.each(search));
	if (ending === 'csv') return framesCsv(tables, pieces);
	return ending === 'gpx' ? framesGpx(tables, pieces) : jsonLines(pieces);
}

async function* from(first: string, rest: AsyncGenerator<string>): AsyncGenerator<string> {
	yield first;
	yield* rest;
}

/** @param head whether only what is said before the file is asked for */
async function fileOf(ending: Ending, asked: Asked, head: boolean): Promise<Response> {
	const search: FrameSearch = { state: 'any', order: 'oldest', ...asked };
	if (store().search.page(search, 1, 0).total === 0) return notFound('frame');
	const snapshot = snapshotOf(dataFolder());
	const text = textOf(ending, snapshot, search);
	const first = await text.next().catch((error: unknown) => {
		snapshot.close();
		throw error;
	});
	if (first.done || head) {
		await text.return(undefined);
		snapshot.close();
	}
	if (first.done) return notFound('frame with a place');
	const headers = { 'content-type': types[ending], ...asFile('frames', ending, 'frames') };
	if (head) return new Response(null, { headers });
	const stream = Readable.from(from(first.value, text), { objectMode: false });
	stream.once('close', snapshot.close);
	return new Response(Readable.toWeb(stream) as ReadableStream, { headers });
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
