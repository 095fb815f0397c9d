import { describe, expect, it } from 'vitest';
import { foldingInstant } from '../../../tests/fixtures/automatic';
import { filmOf, fixedCamera } from '../../../tests/fixtures/bag';
import { cameraKind, type Camera } from '$core/camera';
import { filmFor, typicalLoad } from './takes';

const films = [
	{ ...filmOf('instant', 640), id: 'fast' },
	{ ...filmOf('instant', 160), id: 'slow' },
	{ ...filmOf('colour-negative', 100), id: 'roll' }
];
const instant: Camera = { ...foldingInstant(), kind: 'folding-instant' };

describe('the film that is offered', () => {
	it('is what is inside or was there last, if it fits', () => {
		expect(filmFor(instant, films, ['fast', 'slow'])?.id).toBe('fast');
		expect(filmFor(instant, films, ['sold', 'roll', 'slow'])?.id).toBe('slow');
	});

	it('is else the one that its eye expects, and by hand the slowest', () => {
		expect(filmFor(instant, films, [])?.id).toBe('slow');
		const byHand: Camera = { ...fixedCamera(), kind: 'box' };
		expect(filmFor(byHand, [...films, { ...filmOf('bw-negative', 50), id: 'slower' }], [])?.id).toBe(
			'slower'
		);
		expect(filmFor(instant, films.slice(2), [])).toBeUndefined();
	});
});

describe('what a camera is loaded with', () => {
	it('is typical of its kind; a spring cine takes a spool', () => {
		expect(typicalLoad({ kind: 'folding-instant' })).toEqual({ frames: 8, counter: 'down' });
		expect(typicalLoad(undefined)).toEqual({ frames: 12, counter: 'up' });
		// Common practice: a box for 6 × 9 cm takes 8 on a roll, one for 6 × 6 takes 12.
		const box = cameraKind('box')!.camera;
		expect(typicalLoad({ kind: 'box', ...box }).frames).toBe(8);
		expect(typicalLoad({ kind: 'box', ...box, frame: { width: 56, height: 56 } }).frames).toBe(12);
		const { framesPerSecond } = cameraKind('cine')!.camera;
		// Source: common practice: regular 8 mm comes as 25 feet of two sides, at 16 frames a second.
		expect(typicalLoad({ kind: 'cine', framesPerSecond })).toMatchObject({
			spool: { feet: 25, sides: 2, framesPerSecond: 16 }
		});
		// Source: common practice: super 8 comes as 50 feet in a cartridge.
		expect(typicalLoad({ kind: 'cine', framesPerSecond: 18, format: 'super 8 cartridge' })).toMatchObject({
			spool: { feet: 50, sides: 1, framesPerSecond: 18 }
		});
	});
});
