import { XMLParser, XMLValidator } from 'fast-xml-parser';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyCameras, films } from '../../../tests/fixtures/arbitraries';
import { foldingInstant } from '../../../tests/fixtures/automatic';
import { colourNegative400, filmOf, fixedCamera } from '../../../tests/fixtures/bag';
import { cameraKinds } from '../../core/camera';
import { match } from '../../core/match';
import { cardConditions, cardSvg, pocketCard } from '.';

const sunAndCloud = fixedCamera({
	name: 'Paddle 66',
	aperture: { kind: 'stops', f: [8, 11], labels: ['cloud', 'sun'] }
});

describe('a pocket card', () => {
	it('says for every light what match finds best, for any camera and film', () => {
		fc.assert(
			fc.property(anyCameras, films, (camera, film) => {
				const { rows } = pocketCard(camera, film, [], 'a6');
				expect(rows).toHaveLength(cardConditions.length);
				rows.forEach(({ outcome, verdict }, index) => {
					const { best } = match(camera, film, cardConditions[index].light);
					expect(outcome).toEqual(best);
					expect(verdict).toBe(best.verdict);
				});
			}),
			{ numRuns: 60 }
		);
	});

	// Source: hand arithmetic: f/11 at 1/100 s on ISO 400 is right at EV 11.56; colour print takes two stops more gladly.
	it('is right by hand, in the camera’s own marks', () => {
		const { rows } = pocketCard(sunAndCloud, colourNegative400, [], 'bank');
		const row = (picture: string) => rows.find((each) => each.picture === picture)!;
		expect(row('faint')).toMatchObject({ ev: '12⅔', set: 'f/11 sun, 1/100 s', says: 'just enough' });
		expect(row('none')).toMatchObject({ ev: '11⅔', says: 'just enough' });
		expect(row('indoors')).toMatchObject({ ev: '6', says: 'too dark by 4⅔' });
	});

	// Source: common practice: ISO 640 in a body for 160 is two stops over and wants a two-stop filter.
	it('counts the filters that are mounted, and names them', () => {
		const film = filmOf('instant', 640, { name: 'Wrack 640' });
		const nd = { name: 'ND 0.6', stops: 2 };
		const row = (filters: (typeof nd)[]) =>
			pocketCard(foldingInstant(), film, filters, 'bank').rows.find(({ picture }) => picture === 'shade')!;
		expect(row([]).verdict).toBe('usable');
		expect(row([nd]).verdict).toBe('just-enough');
		expect(pocketCard(foldingInstant(), film, [nd], 'bank').film).toBe('Wrack 640, ISO 640 + ND 0.6');
	});
});

describe('its drawing', () => {
	// Source: ISO/IEC 7810 ID-1 and ISO 216 A6.
	it.each([
		['bank', '85.6mm', '53.98mm'],
		['a6', '105mm', '148mm']
	] as const)('as a %s is valid XML of its real size, and holds every row', (size, width, height) => {
		for (const kind of cameraKinds) {
			const card = pocketCard({ name: kind.name, ...kind.camera }, colourNegative400, [], size);
			const svg = cardSvg(card, size);
			expect(XMLValidator.validate(svg)).toBe(true);
			const { svg: root } = new XMLParser({ ignoreAttributes: false }).parse(svg);
			expect([root['@_width'], root['@_height']]).toEqual([width, height]);
			const words = svg.replace(/<[^>]+>/g, ' ').replace(/\s+/g, ' ');
			for (const row of card.rows) expect(words).toContain(row.words);
		}
	});

	it('stays one drawing, whatever a camera is called', () => {
		fc.assert(
			fc.property(fc.string({ unit: 'binary', maxLength: 80 }), (name) => {
				const svg = cardSvg(pocketCard(fixedCamera({ name }), colourNegative400, [], 'bank'), 'bank');
				expect(XMLValidator.validate(svg)).toBe(true);
				expect(svg.match(/<svg/g)).toHaveLength(1);
			})
		);
		const evil = fixedCamera({ name: '"/><script>alert(1)</script>' });
		expect(cardSvg(pocketCard(evil, colourNegative400, [], 'bank'), 'bank')).not.toContain('<script');
	});
});
