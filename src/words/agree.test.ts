import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyCameras, doubts, evs, films } from '../../tests/fixtures/arbitraries';
import { draws } from '../../tests/fixtures/few';
import { latitudeOf, type StopRange } from '../core/film';
import { likelyErrors, match } from '../core/match';
import { chanceInWords, verdictInShort, verdictTitle } from '.';

/** Tenths that are said: "nearly all" is ten of them, "hardly any" none. */
function tenths(words: string): number {
	if (words === 'nearly all') return 10;
	if (words === 'hardly any') return 0;
	return Number(/^about (\d) in 10$/.exec(words)![1]);
}
const inside = (errors: readonly number[], [from, to]: StopRange) =>
	errors.filter((error) => error >= from && error <= to).length;

describe('one answer', () => {
	it('has the same chance in words, in its ten prints and in what it offers', () => {
		fc.assert(
			fc.property(anyCameras, films, evs, doubts, (camera, film, ev, sd) => {
				const { best, settings, remedies } = match(camera, film, { ev, sd });
				const errors = likelyErrors(camera, film, { ev, sd }, {}, best);
				const { usable } = latitudeOf(film);
				// Ten prints tell tenths: one more or less by where a quantile falls, and one by rounding the words.
				expect(Math.abs(inside(errors, usable) - 10 * best.chances.usable)).toBeLessThanOrEqual(1.5);
				expect(
					Math.abs(tenths(chanceInWords(best.chances.usable)) - inside(errors, usable))
				).toBeLessThanOrEqual(2);
				expect(settings[0]).toEqual(best);
				// What brings only knowledge begins at the chance that is said, and never takes any of it.
				for (const { changes, outcome } of remedies) {
					if (!['reading', 'trial', 'bracket'].includes(changes[0].kind)) continue;
					expect(outcome.verdict).toBe(best.verdict);
					expect(outcome.chances.usable).toBeGreaterThanOrEqual(best.chances.usable - 0.02);
				}
			}),
			{ numRuns: draws(60) }
		);
	});

	it('says the same verdict in large and in short', () => {
		fc.assert(
			fc.property(anyCameras, films, evs, (camera, film, ev) => {
				const { best } = match(camera, film, { ev });
				const [title, short] = [verdictTitle(best).toLowerCase(), verdictInShort(best)];
				const just = title.startsWith('just too');
				expect(short.startsWith(just ? 'just beyond usable' : title)).toBe(true);
				if (best.verdict === 'too-dark') expect(`${title} ${short}`).not.toContain('light');
				if (best.verdict === 'too-light') expect(`${title} ${short}`).not.toContain('dark');
			}),
			{ numRuns: draws(60) }
		);
	});
});
