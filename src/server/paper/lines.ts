import { fontName, lettersOf } from './fonts';
import { piecesOf, type Piece } from './pieces';

/** How a text is written. */
export interface Style {
	/** Points. */
	size: number;
	heavy?: boolean;
	/** Room for a line, points. */
	width: number;
	/** Lines, at most: what is left of the text is told by dots. */
	most?: number;
}

/** Space from line to line, of the type's size. */
export const LEADING = 1.3;
const DOTS = '…';

const words = new Intl.Segmenter(undefined, { granularity: 'word' });
/** Scripts that are written without spaces: a line may end after any word. */
const unspaced = /[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Hangul}\p{Script=Thai}]/u;

/** Parts of a text between which a line may end, each with the space after it. */
function partsOf(text: string): string[] {
	const parts: string[] = [];
	for (const { segment } of words.segment(text.replace(/\s+/g, ' ').trim())) {
		const before = parts.at(-1);
		const mayEnd =
			before?.endsWith(' ') || (unspaced.test(before?.at(-1) ?? '') && unspaced.test(segment[0]));
		if (before === undefined || (mayEnd && segment !== ' ')) parts.push(segment);
		else parts[parts.length - 1] += segment;
	}
	return parts;
}

/** Writes in fonts for any script. */
export class Lines {
	constructor(private readonly document: PDFKit.PDFDocument) {}

	private asIn({ family }: Piece, { size, heavy = false }: Style): PDFKit.PDFDocument {
		return this.document.font(fontName(family, heavy)).fontSize(size);
	}

	private wide(line: string, style: Style): number {
		return piecesOf(line.trimEnd()).reduce(
			(sum, piece) => sum + this.asIn(piece, style).widthOfString(piece.text),
			0
		);
	}

	private cut(part: string, style: Style): string[] {
		if (this.wide(part, style) <= style.width) return [part];
		return lettersOf(part);
	}

	/** A text as the lines that it takes. */
	of(text: string, style: Style): string[] {
		const lines: string[] = [];
		for (const part of partsOf(text.normalize('NFC')).flatMap((each) => this.cut(each, style))) {
			const longer = (lines.at(-1) ?? '') + part;
			if (lines.length > 0 && this.wide(longer, style) <= style.width) lines[lines.length - 1] = longer;
			else lines.push(part);
		}
		const { most = Infinity } = style;
		if (lines.length <= most) return lines;
		const kept = lettersOf(lines[most - 1].trimEnd());
		while (kept.length > 0 && this.wide(kept.join('') + DOTS, style) > style.width) kept.pop();
		return [...lines.slice(0, most - 1), kept.join('').trimEnd() + DOTS];
	}

	/** Writes lines below each other; gives where the next one goes. */
	write(lines: readonly string[], x: number, y: number, style: Style): number {
		for (const [at, line] of lines.entries()) {
			let left = x;
			for (const piece of piecesOf(line.trimEnd())) {
				const document = this.asIn(piece, style);
				const baseline = y + at * style.size * LEADING + style.size;
				document.text(piece.text, left, baseline, { lineBreak: false, baseline: 'alphabetic' });
				left += document.widthOfString(piece.text);
			}
		}
		return y + lines.length * style.size * LEADING;
	}
}
