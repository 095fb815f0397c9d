import fc from 'fast-check';
import PDFDocument from 'pdfkit';
import { describe, expect, it } from 'vitest';
import { draws } from '../../../tests/fixtures/few';
import { lettersOf, registerFonts } from './fonts';
import { Lines } from './lines';
import { piecesOf } from './pieces';

const sorted = (text: string) => [...text].sort().join('');
const letters = fc.string({ unit: fc.constantFrom(...'aé ⅓写ルン们한글של(עם)مر12,สวგ. '), maxLength: 40 });

describe('the pieces of a line', () => {
	// Source: Unicode Standard Annex 9, rules L2 and L4, worked by hand.
	it('are in the order in which they are seen', () => {
		const seen = (line: string) => piecesOf(line).map(({ text }) => text);
		expect(seen('Tin 写ルンです')).toEqual(['Tin ', '写ルンです']);
		expect(seen('a (שלום עולם 12) b')).toEqual(['a (', '12', ' ', 'עולם', ' ', 'שלום', ') b']);
		expect(seen('(שלום)')).toEqual(['(', 'שלום', ')']);
	});

	it('write a word of Han letters in one family', () => {
		const families = (line: string) => [...new Set(piecesOf(line).map(({ family }) => family))];
		expect(families('写真')).toEqual(['japanese']);
		expect(families('写们')).toEqual(['chinese']);
	});

	it('leave no letter out, whatever is written', () => {
		fc.assert(
			fc.property(letters, (line) => {
				const mirrored = (text: string) => sorted(text.replaceAll(/[()]/g, '('));
				expect(
					mirrored(
						piecesOf(line)
							.map(({ text }) => text)
							.join('')
					)
				).toBe(mirrored(line));
			}),
			{ numRuns: draws(200) }
		);
	});
});

describe('the lines of a text', () => {
	const document = new PDFDocument();
	registerFonts(document);
	const lines = new Lines(document);
	const style = { size: 8, width: 60 };

	it('have all of it, each within its room', () => {
		fc.assert(
			fc.property(letters, (text) => {
				const found = lines.of(text, style);
				const plain = (said: string) => said.normalize('NFC').replace(/\s/g, '');
				expect(plain(found.join(''))).toBe(plain(text));
				for (const line of found) {
					document.fontSize(style.size);
					const wide = piecesOf(line.trimEnd()).reduce(
						(sum, { text, family }) => sum + document.font(family).widthOfString(text),
						0
					);
					expect(wide <= style.width || lettersOf(line).length === 1).toBe(true);
				}
			}),
			{ numRuns: draws(60) }
		);
	});

	it('end in dots where there is room for fewer', () => {
		const found = lines.of('A long note on the weather of that day', { ...style, most: 2 });
		expect(found).toHaveLength(2);
		expect(found[1]).toMatch(/\S…$/);
		expect(lines.of('Short', { ...style, most: 2 })).toEqual(['Short']);
	});
});
