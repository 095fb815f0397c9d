import { BadRecording, measureShutter, readWav, type ShutterMeasurement, type TraceKind } from '$core/bench';
import { learningTasks } from '../learn/tasks';
import { calendarOf, feedOf, type CarriedBag } from '../outings/calendar';
import type { PageAsked } from '../database/pages';
import { framesPage } from '../frames-page';
import type { OnPaper } from '../paper/sheet';
import { cardSvg, pocketCard } from '$words/cards';
import { lookThrough, takeArchive } from '../archive/task';
import { makeBackup } from '../safekeeping/make';
import { isOlder } from '../database/open';
import { bringIn } from '../safekeeping/restore';
import { heicShown } from '../pictures/heic';
import { isPngBomb } from '../pictures/png-data';
import { searchPlaces } from '../places/search';
import { reading } from './reading';
import { answerTo, namesRecords, type QuestionName } from './questions';

/** What is heard or seen in a recording, or in words why nothing is. */
function shutter(
	bytes: Uint8Array,
	kind?: TraceKind
): { measured: ShutterMeasurement } | { problem: string } {
	try {
		const own = bytes.byteLength === bytes.buffer.byteLength ? bytes : bytes.slice();
		const measured = measureShutter(readWav(own.buffer as ArrayBuffer), kind);
		return measured.firings.length > 0 ? { measured } : { problem: measured.notes.join(' ') };
	} catch (error) {
		if (error instanceof BadRecording) return { problem: error.message };
		throw error;
	}
}

/** A pocket card as a file. */
async function card(
	ending: 'svg' | 'pdf',
	...[camera, film, filters, size]: Parameters<typeof pocketCard>
): Promise<string | Uint8Array> {
	const svg = cardSvg(pocketCard(camera, film, filters, size), size);
	if (ending === 'svg') return svg;
	const { pdfOf } = await import('../cards/pdf');
	return new Uint8Array(await pdfOf(svg));
}

/** A load on paper. What writes PDF is large, and read only where somebody wants one; and so are other writers here. */
async function paper(asked: OnPaper): Promise<Uint8Array> {
	const { sheetPdf } = await import('../paper/sheet');
	return new Uint8Array(await sheetPdf(asked));
}

/** What the server has done in threads of its own, because it may take longer than others can wait. */
export const tasks = {
	answer: (name: QuestionName, text: string) => answerTo(name, text)!,
	/** The answer to a sound question that is little work and needs nothing of the bag; null for all others. */
	atOnce(name: QuestionName, text: string): string | null {
		const found = namesRecords(text) ? null : answerTo(name, text, 'quick');
		return found && 'json' in found ? found.json : null;
	},
	shutter,
	...learningTasks,
	framesAsked: (folder: string, query: string) => reading(folder, (from) => framesPage(from, query)),
	framesPage: (folder: string, asked: PageAsked) => reading(folder, ({ frames }) => frames.page(asked)),
	card,
	paper,
	makeBackup,
	bringIn,
	isOlder,
	lookThrough,
	takeArchive,
	calendar: (outing: Parameters<typeof calendarOf>[0], bag: CarriedBag, now: Date) =>
		calendarOf(outing, bag, now),
	calendarFeed: (outings: Parameters<typeof feedOf>[0], bag: CarriedBag, now: Date) =>
		feedOf(outings, bag, now),
	heicShown,
	townsNamed: searchPlaces,
	pngBomb: (bytes: Uint8Array) => isPngBomb(Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength))
};

export type Tasks = typeof tasks;
