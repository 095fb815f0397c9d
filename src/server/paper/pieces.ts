import bidiFactory from 'bidi-js';
import { familiesOf, lettersOf } from './fonts';

const bidi = bidiFactory();

/** A part of a line that one font writes from its left to its right. */
export interface Piece {
	text: string;
	family: string;
}

interface Run extends Piece {
	letters: string[];
	/** Odd where it is read from the right: the Unicode Bidirectional Algorithm. */
	level: number;
}

/** Scripts whose letters a font itself puts from right to left. */
const fromTheRight = /[\p{Script=Hebrew}\p{Script=Arabic}\p{Script=Syriac}\p{Script=Thaana}]/u;

/** Letters of one family, level and word together. */
function runsOf(line: string): Run[] {
	const letters = lettersOf(line);
	const families = familiesOf(letters);
	const { levels } = bidi.getEmbeddingLevels(line, 'ltr');
	const runs: Run[] = [];
	let offset = 0;
	for (const [at, letter] of letters.entries()) {
		const level = levels[offset];
		offset += letter.length;
		const family = families[at];
		const last = runs.at(-1);
		const goesOn =
			last &&
			last.family === family &&
			last.level === level &&
			(level % 2 === 0 || !/\s/.test(letter + last.text));
		if (goesOn) {
			last.letters.push(letter);
			last.text += letter;
		} else runs.push({ text: letter, family, letters: [letter], level });
	}
	return runs;
}

/** What stands in a run as it is seen: brackets that are read from the right are turned round. */
function seen({ text, family, letters, level }: Run): Piece {
	if (level % 2 === 0 || fromTheRight.test(text)) return { text, family };
	const turned = letters.map((letter) => bidi.getMirroredCharacter(letter) ?? letter);
	return { text: turned.reverse().join(''), family };
}

/**
 * A line in the order in which it is seen, cut where another font is needed.
 *
 * Source: Unicode Standard Annex 9, rule L2, on whole runs.
 *
 * @example piecesOf('Tin 写ルンです') // [{ text: 'Tin ', family: 'text' }, { text: '写ルンです', family: 'japanese' }]
 */
export function piecesOf(line: string): Piece[] {
	let runs = runsOf(line);
	const highest = Math.max(0, ...runs.map(({ level }) => level));
	for (let level = highest; level >= 1; level--) {
		const next: Run[] = [];
		for (let from = 0; from < runs.length;) {
			let to = from;
			while (to < runs.length && runs[to].level >= level) to++;
			next.push(...(to > from ? runs.slice(from, to).reverse() : [runs[from]]));
			from = Math.max(to, from + 1);
		}
		runs = next;
	}
	return runs.map(seen);
}
