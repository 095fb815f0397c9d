import { describe, expect, it } from 'vitest';
import { filmOf } from '../../tests/fixtures/bag';
import { fitAdvice, fitInWords } from './fit';

const box = { name: 'The box', kind: 'box', format: '620' };
const roll = filmOf('bw-negative', 125);

// Source: common practice: what photographers say of films that look as if they fitted.
describe('a film that does not go in', () => {
	it('is said with the reason, or with what gets it in', () => {
		expect(fitInWords(box, { ...roll, format: '35 mm' })).toMatch(
			/^The box takes 620, and this is 35 mm\. Use adapters at both ends/
		);
		const long = { ...box, frame: { width: 84, height: 56 } };
		expect(fitInWords(long, { ...roll, format: '35 mm' })).toMatch(
			/instead of numbers\. A cassette of 36 gives about 15 frames, 24 mm high between the holes and 84 mm long\.$/
		);
		expect(fitInWords(box, { ...roll, format: '120' })).toMatch(/Wind it onto a 620 spool in the dark/);
		expect(fitInWords(box, { ...roll, format: '127' })).toBe(
			'The box takes 620, and this is 127. It won’t fit.'
		);
		const pack = { name: 'Folding', kind: 'folding-instant', format: 'instant pack with battery' };
		const without = { ...filmOf('instant', 640), format: 'instant pack without battery' };
		expect(fitInWords(pack, without)).toMatch(/no battery.*an empty pack whose battery still works\.$/);
	});

	it('is said by its type where no format is known', () => {
		expect(fitInWords({ name: 'The box', kind: 'box' }, filmOf('instant', 640))).toBe(
			'The box takes film on a spool, and this is an instant pack. It won’t fit.'
		);
	});

	it('is silent where it goes in, or where nothing is known', () => {
		expect(fitInWords(box, { ...roll, format: '620 ' })).toBe('');
		expect(fitInWords(box, roll)).toBe('');
		expect(fitAdvice({ format: '16 mm' }, { format: 'regular 8' })).toMatch(/claw/);
		expect(fitInWords({ name: 'Own' }, filmOf('instant', 640))).toBe('');
		const newer = { name: 'New', kind: 'box-instant', format: 'instant pack without battery' };
		expect(fitInWords(newer, { ...filmOf('instant', 640), format: 'instant pack with battery' })).toBe('');
		// Own entries are told apart as they are written.
		expect(fitInWords({ ...box, format: 'Glass 9 × 12' }, { ...roll, format: 'glass 9 × 12' })).toBe('');
	});
});
