import { describe, expect, it } from 'vitest';
import { termGroups } from './terms';

const all = termGroups.flatMap(({ terms }) => terms);
const example = (id: string) => all.find((term) => term.id === id)!.example;

describe('the trade’s words', () => {
	it('stand once each, said in one sentence, with a case of it', () => {
		expect(new Set(all.map(({ id }) => id)).size).toBe(all.length);
		expect(new Set(all.map(({ word }) => word)).size).toBe(all.length);
		for (const { id, means, example: one } of all) {
			expect(id).toMatch(/^[a-z-]+$/);
			expect(means, id).toMatch(/^[A-Z][^.]*\.$/);
			expect(one, id).toMatch(/\.$/);
			expect(means.length, id).toBeLessThan(130);
		}
	});

	it('have a word that a newcomer meets on Shoot', () => {
		const words = all.map(({ word }) => word).join(' ');
		for (const word of [
			'EV',
			'Stop',
			'ND',
			'Latitude',
			'Wheel',
			'dial',
			'Guide number',
			'Spread',
			'Reciprocity',
			'Bulb',
			'Push'
		])
			expect(words).toContain(word);
	});

	/** The figures of an example, in its order. */
	const figures = (id: string) =>
		[...example(id).matchAll(/\d+(?:\.\d+)?/g)].map(([figure]) => Number(figure));
	const counted = ['none', 'one', 'two', 'three'];

	// By the published definitions: density log10 2 a stop, N²/t = 2^EV at ISO 100, GN = distance · N, mired = 10⁶/K,
	// sharp at 1/dioptres, Schwarzschild t^1.3, a stop of speed is twice the ISO.
	it('have numbers that are so', () => {
		for (const [, density, stops] of example('nd').matchAll(/ND (0\.\d)[^,.]*? (one|two|three)\b/g))
			expect(counted[Math.round(Number(density) / Math.log10(2))]).toBe(stops);
		const [f, iso, , wanted, , end] = figures('eye');
		expect(iso).toBe(100);
		expect(Math.abs(Math.log2(2 ** 15 / f ** 2 / wanted))).toBeLessThan(1 / 6);
		expect(wanted / end).toBe(2);
		const [guideNumber, stop, distance] = figures('guide-number');
		expect(guideNumber / stop).toBe(distance);
		const [from, to, mired] = figures('mired');
		expect(Math.round(1e6 / to - 1e6 / from)).toBe(mired);
		const [metered, held] = figures('reciprocity');
		expect(Math.round(metered ** 1.3)).toBe(held);
		const [dioptres, centimetres] = figures('dioptre');
		expect(100 / dioptres).toBe(centimetres);
		const [faster, slower] = figures('iso');
		expect(faster / slower).toBe(4);
		const [factor] = figures('factor');
		expect(counted[Math.log2(factor)]).toBe('two');
	});
});
