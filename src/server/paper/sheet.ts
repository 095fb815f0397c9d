import PDFDocument from 'pdfkit';
import sharp from 'sharp';
import { printOf, printShowing } from '$core/prints';
import { dayOfMoment } from '$words';
import { captionOf } from '$words/frame';
import { headOfLoad, underFrame } from '$words/paper';
import { papers, sheetColumns, type LoadOnPaper, type Paper, type SheetKind } from '$contract/paper';
import type { FrameRecord } from '$contract/records';
import { bytesOf } from './document';
import { registerFonts } from './fonts';
import { LEADING, Lines, type Style } from './lines';

/** A frame with its small picture, where it has one. */
export interface FrameOnPaper {
	frame: FrameRecord;
	picture: Uint8Array | null;
}

/** What is put on paper, and how. */
export interface OnPaper {
	of: LoadOnPaper;
	frames: readonly FrameOnPaper[];
	kind: SheetKind;
	paper: Paper;
	/** Orders dates. */
	locale?: string;
}

const POINTS_PER_MM = 72 / 25.4;
const mm = (millimetres: number) => millimetres * POINTS_PER_MM;
const MARGIN = mm(12);
const GAP = mm(3);
const LINE = mm(0.2);
const FOOT = 7;
const FOOT_ROOM = mm(6);
const LABEL_WIDTH = mm(110);
const CAPTION_COLUMNS = 2;
/** How high pictures are, of their width. */
const SHAPE = 3 / 4;
/** A simulated print is so wide, pixels, for all columns together: what shows on paper, and no more, as it is much work. */
const PRINTS_WIDTH = 792;
/** Of many frames few prints differ in their grain alone. */
const GRAINS = 2;

const newDocument = ({ of, paper, kind }: OnPaper) => {
	const { width, height } = papers[paper];
	return new PDFDocument({
		size: [mm(width), mm(height)],
		margin: 0,
		bufferPages: true,
		info: { Title: `${of.camera.name}, ${of.film.name}: ${kind}` }
	});
};

const JPEG = { quality: 85 };
/** A small picture as PDF takes it. */
const asJpeg = (picture: Uint8Array) => sharp(picture).flatten({ background: '#fff' }).jpeg(JPEG).toBuffer();

/** Something that has a height, and is drawn into a row that may be higher. */
interface Cell {
	height: number;
	draw: (x: number, y: number, rowHeight: number) => void;
}

/** Simulated prints are much work, and the same for all that came out alike: they are kept for the next sheet. */
const made = new Map<string, Promise<Buffer>>();
const MOST_KEPT = 500;

/** Puts a load on the pages of a document. */
class Sheet {
	private readonly document: PDFKit.PDFDocument;
	private readonly lines: Lines;
	private readonly width: number;
	private readonly bottom: number;
	private y = MARGIN;

	constructor(private readonly asked: OnPaper) {
		this.document = newDocument(asked);
		registerFonts(this.document);
		this.lines = new Lines(this.document);
		const { width, height } = this.document.page;
		this.width = width - 2 * MARGIN;
		this.bottom = height - MARGIN - FOOT_ROOM;
	}

	async bytes(): Promise<Buffer> {
		const { kind } = this.asked;
		if (kind === 'sheet') await this.contactSheet();
		else if (kind === 'label') this.label();
		else this.captions();
		this.foot();
		return bytesOf(this.document);
	}

	/** Room for something so high: on this page, or on a new one. */
	private room(height: number): void {
		if (this.y + height <= this.bottom || this.y === MARGIN) return;
		this.document.addPage();
		this.y = MARGIN;
	}

	private box(x: number, y: number, width: number, height: number): void {
		this.document.lineWidth(LINE).dash(2, { space: 2 }).rect(x, y, width, height).stroke('#555').undash();
		this.document.fillColor('#000');
	}

	private head(x: number, y: number, width: number): number {
		const { of, frames, locale } = this.asked;
		const { title, lines } = headOfLoad(
			of,
			frames.map(({ frame }) => frame),
			locale
		);
		const [large, small]: Style[] = [
			{ size: 14, heavy: true, width },
			{ size: 9, width }
		];
		let below = this.lines.write(this.lines.of(title, large), x, y, large);
		for (const line of lines) below = this.lines.write(this.lines.of(line, small), x, below, small);
		return below;
	}

	private label(): void {
		const width = Math.min(LABEL_WIDTH, this.width);
		const below = this.head(MARGIN + GAP, MARGIN + GAP, width - 2 * GAP);
		this.box(MARGIN, MARGIN, width, below + GAP - MARGIN);
	}

	/** What is put in columns, row by row, over as many pages as it takes. */
	private inRows(columns: number, cells: readonly Cell[]): void {
		const width = this.columnWidth(columns);
		for (let from = 0; from < cells.length; from += columns) {
			const row = cells.slice(from, from + columns);
			const height = Math.max(...row.map((cell) => cell.height));
			this.room(height);
			for (const [at, cell] of row.entries()) cell.draw(MARGIN + at * (width + GAP), this.y, height);
			this.y += height + GAP;
		}
	}

	private columnWidth = (columns: number) => (this.width - GAP * (columns - 1)) / columns;

	/** Texts below each other. */
	private stack(texts: readonly (Style & { text: string })[]): Cell {
		const parts = texts.map((style) => ({ style, lines: this.lines.of(style.text, style) }));
		return {
			height: parts.reduce((sum, { lines, style }) => sum + lines.length * style.size * LEADING, 0),
			draw: (x, y) => {
				let below = y;
				for (const { lines, style } of parts) below = this.lines.write(lines, x, below, style);
			}
		};
	}

	private captions(): void {
		const { of, frames, locale } = this.asked;
		const width = this.columnWidth(CAPTION_COLUMNS);
		const cells = frames.map(({ frame }): Cell => {
			const { takenAt, zone } = frame;
			const said = captionOf(frame, of, dayOfMoment(takenAt, { zone, locale }));
			const style = (at: number): Style => ({
				size: at === 0 ? 10 : 9,
				heavy: at === 0,
				width: width - 2 * GAP
			});
			const { height, draw } = this.stack(said.map((text, at) => ({ text, ...style(at) })));
			return {
				height: height + 2 * GAP,
				draw: (x, y, high) => {
					draw(x + GAP, y + GAP, high);
					this.box(x, y, width, high);
				}
			};
		});
		this.inRows(CAPTION_COLUMNS, cells);
	}

	private async contactSheet(): Promise<void> {
		const { of, frames } = this.asked;
		this.y = this.head(MARGIN, this.y, this.width) + GAP;
		const columns = sheetColumns(frames.length);
		const width = this.columnWidth(columns);
		const high = width * SHAPE;
		const cells: Cell[] = [];
		for (const { frame, picture } of frames) {
			const { number, settings, said } = underFrame(frame, of);
			const image = await (picture ? asJpeg(picture) : this.simulated(frame, columns));
			const under = this.stack([
				{ text: picture ? number : `${number} · simulated`, size: 8, heavy: true, width },
				{ text: settings, size: 8, width },
				...(said ? [{ text: said, size: 8, width, most: 2 }] : [])
			]);
			cells.push({
				height: high + GAP / 2 + under.height,
				draw: (x, y, rowHeight) => {
					this.document.image(image, x, y, { fit: [width, high], align: 'center', valign: 'center' });
					// The whitest picture has an edge.
					this.document.lineWidth(LINE).rect(x, y, width, high).stroke('#999');
					this.document.fillColor('#000');
					under.draw(x, y + high + GAP / 2, rowHeight);
				}
			});
		}
		this.inRows(columns, cells);
	}

	/** The simulated print of a frame: few differ, and each is made once. */
	private simulated(frame: FrameRecord, columns: number): Promise<Buffer> {
		const shown = printShowing(frame, this.asked.of);
		const width = PRINTS_WIDTH / columns;
		const size = { width, height: Math.round(width * SHAPE) };
		const question = { ...shown, seed: shown.seed % GRAINS, ...size };
		const key = JSON.stringify(question);
		const known = made.get(key);
		if (known) return known;
		const raw = { ...size, channels: 4 as const };
		const print = sharp(Buffer.from(printOf(question)), { raw })
			.flatten()
			.jpeg(JPEG)
			.toBuffer();
		if (made.size >= MOST_KEPT) made.clear();
		made.set(key, print);
		print.catch(() => made.delete(key));
		return print;
	}

	/** On each page, which it is of how many. */
	private foot(): void {
		const { count } = this.document.bufferedPageRange();
		if (count < 2) return;
		const { of } = this.asked;
		const style: Style = { size: FOOT, width: this.width, most: 1 };
		for (let at = 0; at < count; at++) {
			this.document.switchToPage(at);
			const said = `${of.camera.name}, ${of.film.name} · page ${at + 1} of ${count}`;
			this.lines.write(this.lines.of(said, style), MARGIN, this.bottom + GAP, style);
		}
	}
}

/** A load as a PDF. */
export const sheetPdf = (asked: OnPaper): Promise<Buffer> => new Sheet(asked).bytes();
