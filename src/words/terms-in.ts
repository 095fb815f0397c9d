/** Words of the trade in sentences: which term each is. They are told apart here, and explained in `terms`. */

export type TermId =
	| 'stop'
	| 'ev'
	| 'give-or-take'
	| 'incident'
	| 'mid-grey'
	| 'shadow-edge'
	| 'open-shade'
	| 'spread'
	| 'f-number'
	| 'shutter-speed'
	| 'bulb'
	| 'eye'
	| 'wheel'
	| 'dial'
	| 'nd'
	| 'factor'
	| 'guide-number'
	| 'dioptre'
	| 'hand-held'
	| 'iso'
	| 'latitude'
	| 'negative'
	| 'reciprocity'
	| 'push'
	| 'mired'
	| 'peel-apart'
	| 'just-enough'
	| 'bracket'
	| 'sharp-zone'
	| 'flare'
	| 'keeper'
	| 'blown-out';

/** The rarer word first: where a sentence has many, that is what is asked for. */
const found: readonly (readonly [TermId, RegExp])[] = [
	['nd', /\bND(?: \d\.\d)?\b/],
	['reciprocity', /\b[Rr]eciprocity(?: failure)?\b/],
	['latitude', /\b[Ll]atitude\b/],
	['guide-number', /\b[Gg]uide number\b/],
	['push', /\b[Pp]ush(?:ed|ing)?\b/],
	['bulb', /\b(?:[Bb]ulb|on B)\b/],
	['wheel', /\bwheel\b/],
	['dial', /\bdial\b/],
	['blown-out', /\bblown out\b/],
	['eye', /\b(?:its|electric) eye\b/i],
	['ev', /\bEV(?= −?\d)/],
	['give-or-take', /\bgive or take\b/],
	['stop', /\bstops?\b/]
];

/** A piece of a sentence: plain, or a term. */
export interface Said {
	text: string;
	term?: TermId;
}

/** More of them would be louder than the sentence. */
const MOST = 2;

/**
 * A sentence in pieces, with the terms in it that are worth explaining: each once.
 *
 * @example termsIn('About EV 12.') // [{ text: 'About ' }, { text: 'EV', term: 'ev' }, { text: ' 12.' }]
 */
export function termsIn(sentence: string): Said[] {
	const places = found
		.flatMap(([term, pattern]) => {
			const match = pattern.exec(sentence);
			return match ? [{ term, from: match.index, to: match.index + match[0].length }] : [];
		})
		.slice(0, MOST)
		.sort((a, b) => a.from - b.from);
	const said: Said[] = [];
	let at = 0;
	for (const { term, from, to } of places) {
		if (from > at) said.push({ text: sentence.slice(at, from) });
		said.push({ text: sentence.slice(from, to), term });
		at = to;
	}
	if (at < sentence.length) said.push({ text: sentence.slice(at) });
	return said;
}
