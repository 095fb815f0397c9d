import type { FrameSearch } from '$contract/frame-search';
import { runningNumber } from '$contract/loads';
import { framesAsked, ON_PAGE, searchIn, type FramesAsked } from '$views/frames-list';
import type { CameraRecord, FilmRecord, LoadRecord } from '$contract/records';
import type { Kept } from '$views/records';
import type { Replica } from './database';
import { byName, compared, recordsOf } from './reading';
import { utc, type FrameRow } from './rows';

/** How frames are found by words and by what they are, as the server finds them. */

/** Parts of words are looked for from three letters on; shorter ones are the beginnings of words, or letters. */
const PART = 3;
/** Scripts whose words have spaces between them. */
const SPACED = /^[\p{Script=Latin}\p{Script=Greek}\p{Script=Cyrillic}\p{N}\p{M}]+$/u;
const MOST_WORDS = 12;
const EDGES = /^[^\p{L}\p{N}]+|[^\p{L}\p{N}\p{M}]+$/gu;
const WORD = /[\p{L}\p{N}]+/gu;
/** A frame came out right that is no farther from it than this, stops. */
const RIGHT = 1 / 2;

/** Letters without their marks and capitals. */
const folded = (text: string) => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();

type Said = { whole: string; words: readonly string[] };
const saidOf = (text: string): Said => {
	const whole = folded(text);
	return { whole, words: whole.match(WORD) ?? [] };
};

/** Whether a text says a word that is looked for. */
function testOf(term: string): (said: Said) => boolean {
	const wanted = folded(term);
	if (/^\d+$/.test(term)) return ({ words }) => words.includes(wanted);
	if ([...wanted].length >= PART || !SPACED.test(term)) return ({ whole }) => whole.includes(wanted);
	return ({ words }) => words.some((word) => word.startsWith(wanted));
}

const testsOf = (q: string) =>
	q
		.split(/\s+/)
		.map((term) => term.replace(EDGES, ''))
		.filter((term) => term !== '')
		.slice(0, MOST_WORDS)
		.map(testOf);

const stopsOf = ({ record }: FrameRow): number | undefined => record.judged?.stops;

const states: Readonly<Record<FrameSearch['state'], (row: FrameRow) => boolean>> = {
	any: () => true,
	'to-judge': (row) => stopsOf(row) === undefined,
	judged: (row) => stopsOf(row) !== undefined,
	kept: ({ record }) => record.judged?.kept === true,
	'not-kept': ({ record }) => record.judged?.kept === false
};

const outcomes: Readonly<Record<NonNullable<FrameSearch['out']>, (stops: number) => boolean>> = {
	dark: (stops) => stops < -RIGHT,
	right: (stops) => Math.abs(stops) <= RIGHT,
	light: (stops) => stops > RIGHT
};

/** Those that nobody has judged come last. */
const byStops = (sign: 1 | -1) => (a: FrameRow, b: FrameRow) => {
	const [x, y] = [stopsOf(a), stopsOf(b)];
	if (x === undefined || y === undefined) return Number(x === undefined) - Number(y === undefined);
	return sign * (x - y);
};
const orders: Readonly<Record<FrameSearch['order'], (a: FrameRow, b: FrameRow) => number>> = {
	newest: (a, b) => compared(b.at, a.at),
	oldest: (a, b) => compared(a.at, b.at),
	darkest: byStops(1),
	lightest: byStops(-1)
};

interface Beside {
	loads: ReadonlyMap<string, Kept<LoadRecord>>;
	cameras: ReadonlyMap<string, Kept<CameraRecord>>;
	films: ReadonlyMap<string, Kept<FilmRecord>>;
}

/** What can be said of a frame to find it. */
function wordsOf({ load: loadId, record, number }: FrameRow, { loads, cameras, films }: Beside): Said {
	const load = loads.get(loadId)!;
	const own = runningNumber(load, number);
	const { subject, note, caption, givenTo, where, film } = record;
	const said = [
		...[subject, note, caption, givenTo, where?.name],
		...[cameras.get(load.cameraId)?.name, film?.name, films.get(load.filmId)?.name],
		number,
		own === null ? undefined : `no. ${own}`
	];
	return saidOf(said.filter((each) => each !== undefined && each !== null).join('\n'));
}

/** Whether a frame is one of those that are looked for. */
function picking(search: FrameSearch, beside: Beside): (row: FrameRow) => boolean {
	const { load, camera, film, state, verdict, out, q, from, before } = search;
	const tests = testsOf(q ?? '');
	const [first, end] = [from, before].map((at) => at && utc(at));
	const isOf = (row: FrameRow) => {
		const { cameraId, filmId } = beside.loads.get(row.load)!;
		return (!load || row.load === load) && (!camera || cameraId === camera) && (!film || filmId === film);
	};
	const cameOut = (stops: number | undefined) => !out || (stops !== undefined && outcomes[out](stops));
	const says = (row: FrameRow) => {
		if (tests.length === 0) return true;
		const said = wordsOf(row, beside);
		return tests.every((test) => test(said));
	};
	return (row) =>
		states[state](row) &&
		isOf(row) &&
		(!first || row.at >= first) &&
		(!end || row.at < end) &&
		(!verdict || row.record.predicted?.verdict === verdict) &&
		cameOut(stopsOf(row)) &&
		says(row);
}

const byId = <T extends { id: string }>(records: readonly T[]) =>
	new Map(records.map((record) => [record.id, record]));

/** A page of all frames, as an address asks for it. All of them are gone through: beside the page, where nobody waits. */
export async function findFrames(
	{ cameras, films, loads, frames }: Replica,
	query: string
): Promise<FramesAsked> {
	const asked = searchIn(query);
	const [rows, packs, bodies, types] = await Promise.all([
		asked.load
			? frames.where('[load+number]').between([asked.load, 0], [asked.load, Infinity]).toArray()
			: frames.toArray(),
		loads.toArray(),
		cameras.toArray(),
		films.toArray()
	]);
	const [allLoads, allCameras, allFilms] = [byId(recordsOf(packs)), recordsOf(bodies), recordsOf(types)];
	const isPicked = picking(asked, { loads: allLoads, cameras: byId(allCameras), films: byId(allFilms) });
	const order = orders[asked.order];
	const found = rows.filter(isPicked).sort((a, b) => order(a, b) || compared(a.id, b.id));
	return framesAsked(asked, {
		items: recordsOf(found.slice((asked.page - 1) * ON_PAGE, asked.page * ON_PAGE)),
		total: found.length,
		loads: allLoads,
		cameras: allCameras.sort(byName),
		films: allFilms.sort(byName)
	});
}
