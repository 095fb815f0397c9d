import { execFileSync } from 'node:child_process';
import { describe, expect, it } from 'vitest';
import { cardSvg, pocketCard } from '$words/cards';
import { colourNegative400, fixedCamera } from '../../../tests/fixtures/bag';
import { pdfOf } from './pdf';

// Source: poppler from Debian's packages, an independent reader of PDF.
const poppler = (tool: string, args: string[], pdf: Buffer) =>
	execFileSync(tool, [...args, '-', ...(tool === 'pdftotext' ? ['-'] : [])], {
		input: pdf,
		encoding: 'utf8'
	});

describe('a card as PDF', () => {
	it.each([
		['bank', '242.6', '153.0'],
		['a6', '297.6', '419.5']
	] as const)('as a %s has its real size and its text, with fractions', async (size, width, height) => {
		const card = pocketCard(fixedCamera({ name: 'Tin & Box' }), colourNegative400, [], size);
		const pdf = await pdfOf(cardSvg(card, size));
		// Points of 1/72 inch.
		const info = /Page size:\s+([\d.]+) x ([\d.]+) pts/.exec(poppler('pdfinfo', [], pdf))!;
		expect(Number(info[1])).toBeCloseTo(Number(width), 0);
		expect(Number(info[2])).toBeCloseTo(Number(height), 0);
		const text = poppler('pdftotext', ['-layout'], pdf).replace(/\s+/g, ' ');
		expect(text).toContain('Tin & Box');
		for (const row of card.rows) {
			expect(text).toContain(row.words);
			expect(text.replace(/ /g, '')).toContain(`EV${row.ev}`.replace(/ /g, ''));
			if (row.verdict === 'just-enough') expect(text).toContain(row.set);
		}
	});

	it('of a camera whose name is in another script has its letters', async () => {
		const card = pocketCard(fixedCamera({ name: '写ルンです & 한국' }), colourNegative400, [], 'a6');
		const text = poppler('pdftotext', ['-layout'], await pdfOf(cardSvg(card, 'a6')));
		expect(text.replace(/\s/g, '')).toContain('写ルンです&한국');
	});
});
