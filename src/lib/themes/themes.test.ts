import { readFileSync } from 'node:fs';
import chroma from 'chroma-js';
import { describe, expect, it } from 'vitest';

type Name = 'sunlit' | 'indoors' | 'dark';
const names: readonly Name[] = ['sunlit', 'indoors', 'dark'];

/** The colours of a display, as its style sheet has them. */
function coloursOf(name: Name): Record<string, string> {
	const sheet = readFileSync(new URL(`./${name}.css`, import.meta.url), 'utf8');
	const said = [...sheet.matchAll(/--([a-z-]+):\s*([^;]+);/g)].map(([, key, value]) => [key, value]);
	const colours = Object.fromEntries(said) as Record<string, string>;
	// Bars are as what is good, where a display does not say otherwise.
	return { bar: colours.good, ...colours };
}

/** What is written in words, and what it stands on. */
const WRITTEN = ['ink', 'ink-soft', 'good', 'too-little', 'too-much'];
const DRAWN = ['edge', 'bar', 'ink', 'ink-soft'];
const GROUNDS = ['paper', 'panel', 'hollow'];

// Source: WCAG 2.2, 1.4.3, 1.4.6 and 1.4.11, by chroma-js's own measure of contrast.
describe.each(names)('the display %s', (name) => {
	const colours = coloursOf(name);
	const least = name === 'sunlit' ? 7 : 4.5;
	it.each(WRITTEN.flatMap((text) => GROUNDS.map((ground) => [text, ground])))(
		'can be read: %s on %s',
		(text, ground) => {
			expect(chroma.contrast(colours[text], colours[ground])).toBeGreaterThanOrEqual(least);
		}
	);
	it.each(DRAWN.flatMap((line) => GROUNDS.map((ground) => [line, ground])))(
		'shows what is drawn: %s on %s',
		(line, ground) => {
			expect(chroma.contrast(colours[line], colours[ground])).toBeGreaterThanOrEqual(3);
		}
	);
});

/**
 * Linear sRGB as who lacks one kind of cone sees it. Source: Machado, Oliveira and Fernandes, “A physiologically-based
 * model for simulation of color vision deficiency” (2009), severity 1.0, from memory.
 */
const lacking = {
	protan: [
		[0.152286, 1.052583, -0.204868],
		[0.114503, 0.786281, 0.099216],
		[-0.003882, -0.048116, 1.051998]
	],
	deutan: [
		[0.367322, 0.860646, -0.227968],
		[0.280085, 0.672501, 0.047413],
		[-0.01182, 0.04294, 0.968881]
	],
	tritan: [
		[1.255528, -0.076749, -0.178779],
		[-0.078411, 0.930809, 0.147602],
		[0.004733, 0.691367, 0.3039]
	]
} as const;

const linear = (value: number) => (value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4);
const encoded = (value: number) => (value <= 0.0031308 ? value * 12.92 : 1.055 * value ** (1 / 2.4) - 0.055);
function seenBy(matrix: readonly (readonly number[])[], colour: string): string {
	const channels = chroma(colour).gl().slice(0, 3).map(linear);
	const seen = matrix.map((row) => row.reduce((sum, part, at) => sum + part * channels[at], 0));
	return chroma
		.gl(...(seen.map((value) => encoded(Math.min(1, Math.max(0, value)))) as [number, number, number]))
		.hex();
}

// Dark has one colour: there shape and word tell alone. A difference of 2.3 can just be seen (common practice).
describe.each(['sunlit', 'indoors'] as const)('the colours of exposure in %s', (name) => {
	const colours = coloursOf(name);
	it.each(Object.entries(lacking))('are told apart without one kind of cone: %s', (_, matrix) => {
		const seen = ['too-little', 'bar', 'too-much'].map((key) => seenBy(matrix, colours[key]));
		for (const [at, one] of seen.entries())
			for (const other of seen.slice(at + 1)) expect(chroma.deltaE(one, other)).toBeGreaterThan(10);
	});
});
