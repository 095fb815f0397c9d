import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { draws } from '../../tests/fixtures/few';
import { termGroups } from './terms';
import { termsIn } from './terms-in';

const terms = (sentence: string) => termsIn(sentence).flatMap(({ term }) => term ?? []);

describe('the trade’s words in a sentence', () => {
	it('are found where a newcomer meets them', () => {
		expect(terms('About EV 12⅔, give or take ⅔')).toEqual(['ev', 'give-or-take']);
		expect(terms('Put your ND 0.6 on the pack.')).toEqual(['nd']);
		expect(terms('Set the wheel 1½ toward darken.')).toEqual(['wheel']);
		expect(terms('This film is 2 stops faster than the camera expects.')).toEqual(['stop']);
		expect(terms('A hundred to one.')).toEqual([]);
		expect(terms('A pushcart on the sands')).toEqual([]);
	});

	it('are at most two, the rarer ones', () => {
		expect(terms('Its dial is at ISO 150; this film is 1 stop faster: an ND 0.3, a wheel.')).toEqual([
			'nd',
			'wheel'
		]);
	});

	it('are all explained', () => {
		const known = new Set(termGroups.flatMap((group) => group.terms.map(({ id }) => id)));
		const every =
			'ND 0.6|reciprocity failure|latitude|guide number|pushed|bulb|wheel|dial|blown out|its eye|EV 12|give or take|stop';
		for (const word of every.split('|')) {
			const [id] = terms(word);
			expect(known, word).toContain(id);
		}
	});

	it('lose nothing of the sentence', () => {
		const words = fc.constantFrom(
			'EV 12',
			'give or take',
			'wheel',
			'stops',
			'its eye',
			'a kite',
			'ND 0.6',
			'.'
		);
		fc.assert(
			fc.property(fc.array(words, { maxLength: 12 }), (some) => {
				const sentence = some.join(' ');
				expect(
					termsIn(sentence)
						.map(({ text }) => text)
						.join('')
				).toBe(sentence);
			}),
			{ numRuns: draws(100) }
		);
	});
});
