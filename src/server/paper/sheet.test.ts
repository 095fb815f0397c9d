import { execFileSync } from 'node:child_process';
import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import type { FrameRecord } from '$contract/records';
import { papers, type Paper, type SheetKind } from '$contract/paper';
import { colourNegative400, fixedCamera } from '../../../tests/fixtures/bag';
import { sheetPdf } from './sheet';

// Source: poppler from Debian's packages, an independent reader of PDF.
const poppler = (tool: string, args: string[], pdf: Buffer) =>
	execFileSync(tool, [...args, '-', ...(tool === 'pdftotext' ? ['-'] : [])], {
		input: pdf,
		encoding: 'utf8'
	});

const LOAD = '5f3e0a5c-7a52-4f65-8b0a-2d9f4c1e6a33';
const frameOf = (number: number, more: Partial<FrameRecord> = {}): FrameRecord => ({
	loadId: LOAD,
	number,
	takenAt: '2026-05-02T23:30:00Z',
	zone: 'Asia/Tokyo',
	light: null,
	settings: { f: 11, seconds: 0.01, compensation: null, iso: null },
	predicted: null,
	...more
});

interface Asked {
	frames: FrameRecord[];
	kind?: SheetKind;
	paper?: Paper;
	name?: string;
	picture?: Buffer;
	note?: string;
}

/** The PDF of a load. */
const made = ({ frames, kind = 'sheet', paper = 'a4', name = 'Tin', picture, note }: Asked) =>
	sheetPdf({
		of: {
			load: {
				cameraId: LOAD,
				filmId: LOAD,
				frames: 36,
				loadedAt: '2026-05-01T10:00:00Z',
				countsFrom: 81,
				note
			},
			camera: fixedCamera({ name }),
			film: { ...colourNegative400, name: 'Marram' }
		},
		frames: frames.map((frame) => ({ frame, picture: picture ?? null })),
		kind,
		paper
	});

const roll = (length: number, more?: Partial<FrameRecord>) =>
	Array.from({ length }, (_, at) => frameOf(at + 1, more));
const pagesOf = (pdf: Buffer) => Number(/Pages:\s+(\d+)/.exec(poppler('pdfinfo', [], pdf))![1]);
const textOf = (pdf: Buffer) => poppler('pdftotext', ['-layout'], pdf);

describe('a load as PDF', () => {
	it.each([
		['a4', '595.3', '841.9'],
		['letter', '612', '792']
	] as const)(
		'is on %s, a roll on one page, with what was said of each frame',
		async (paper, width, height) => {
			const pdf = await made({ frames: roll(36, { subject: 'Winch' }), paper });
			// Points of 1/72 inch; the papers by ISO 216 and ANSI/ASME Y14.1.
			const [, wide, high] = /Page size:\s+([\d.]+) x ([\d.]+) pts/.exec(poppler('pdfinfo', [], pdf))!;
			expect(Number(wide)).toBeCloseTo(Number(width), 0);
			expect(Number(high)).toBeCloseTo(Number(height), 0);
			expect(pagesOf(pdf)).toBe(1);
			const text = textOf(pdf);
			expect(text).toContain('Tin, Marram');
			expect(text).toContain('3 May 2026 · no. 81 to 116 · 36 of 36 frames');
			expect(text.match(/f\/11, 1\/100 s/g)).toHaveLength(36);
			expect(text.match(/Winch/g)).toHaveLength(36);
			expect(text).toContain('no. 116 · simulated');
		}
	);

	// Both sides of every number of columns.
	it.each([1, 9, 10, 16, 17])('has a simulated print of each of %i frames, on one page', async (count) => {
		const pdf = await made({ frames: roll(count, { subject: 'Winch' }), paper: 'letter' });
		expect(pagesOf(pdf)).toBe(1);
		expect(textOf(pdf).match(/simulated/g)).toHaveLength(count);
		const placed = poppler('pdfimages', ['-list'], pdf).trim().split('\n').slice(2);
		expect(placed).toHaveLength(count);
	});

	it('shows the pictures that there are, and goes on over pages', async () => {
		const create = { width: 60, height: 80, channels: 3 as const, background: '#a33' };
		const picture = await sharp({ create }).webp().toBuffer();
		const pdf = await made({ frames: roll(2), picture });
		// The list has a head of two lines.
		const images = poppler('pdfimages', ['-list'], pdf).trim().split('\n').slice(2);
		expect(images.map((line) => line.trim().split(/\s+/).slice(3, 5))).toEqual([
			['60', '80'],
			['60', '80']
		]);
		expect(textOf(pdf)).not.toContain('simulated');
		const long = await made({ frames: roll(80), picture });
		expect(pagesOf(long)).toBe(2);
		expect(textOf(long)).toContain('Tin, Marram · page 2 of 2');
	});

	it('is a sleeve’s label, or captions with the day of where it was', async () => {
		const label = textOf(await made({ frames: roll(3), kind: 'label', note: 'Light leak, top left' }));
		expect(label).toContain('no. 81 to 83');
		expect(label).toContain('Light leak, top left');
		expect(label).not.toContain('f/11');
		const captions = textOf(
			await made({ frames: [frameOf(2, { caption: 'Low water', subject: 'Winch' })], kind: 'captions' })
		);
		for (const said of ['Low water', '3 May 2026', 'f/11, 1/100 s', 'Tin, Marram, no. 82'])
			expect(captions).toContain(said);
		expect(captions).not.toContain('Winch');
	});

	// Poppler gives text back in the order in which it is read: what is set from the right is turned back by it.
	it.each([
		['写ルンです'],
		['简体中文们这说'],
		['안개 속의 배'],
		['שלום עולם'],
		['مرحبا'],
		['สวัสดี'],
		['გამარჯობა'],
		['Жук Ωμέγα'],
		['Ünïcödé ⅓'],
		['Հայաստան']
	])('has letters for %s, under a font that has them', async (name) => {
		const pdf = await made({ frames: roll(1), kind: 'label', name });
		const letters = (text: string) => text.normalize('NFKC').replace(/[\s\p{Cf}]/gu, '');
		expect(letters(textOf(pdf))).toContain(letters(`${name}, Marram`));
		// None is a box for want of a letter: the fonts that are embedded all tell what their letters are.
		const fonts = poppler('pdffonts', [], pdf).trim().split('\n').slice(2);
		for (const font of fonts) expect(font).toMatch(/ yes\s+yes\s+yes\s/);
	});

	it('fits any paper', () => {
		// ISO 216: the sides stand as 1 to the square root of 2, and A4 is a sixteenth of a square metre.
		const { width, height } = papers.a4;
		expect(height / width).toBeCloseTo(Math.SQRT2, 2);
		expect(width * height).toBeCloseTo(1e6 / 16, -3);
	});
});
