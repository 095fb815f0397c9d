import type { Verdict } from '$core/match';

/** The colour of a verdict: colour means exposure and nothing else. */
export const verdictColour: Readonly<Record<Verdict, string>> = {
	'just-enough': 'var(--good)',
	usable: 'var(--good)',
	'too-dark': 'var(--too-little)',
	'too-light': 'var(--too-much)'
};
