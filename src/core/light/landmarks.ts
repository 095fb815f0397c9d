/**
 * Words along the line of light, for people who do not think in EV.
 * Source: ANSI PH2.7 tables (from memory) and common practice.
 */
export interface Landmark {
	ev: number;
	words: string;
}

/** The most telling first: where the line is short, the later ones are left out. */
export const landmarks: readonly Landmark[] = [
	{ ev: 14 + 2 / 3, words: 'sun' },
	{ ev: 12, words: 'grey day' },
	{ ev: 6, words: 'room' },
	{ ev: 8, words: 'lit street' },
	{ ev: -2.5, words: 'moonlight' },
	{ ev: 10, words: 'dusk' },
	{ ev: 16, words: 'snow' },
	{ ev: 2, words: 'far city lights' }
];

/**
 * The landmark nearest to a light.
 *
 * @param ev EV at ISO 100
 * @example nearestLandmark(14.2).words // 'sun'
 */
export function nearestLandmark(ev: number): Landmark {
	return landmarks.reduce((a, b) => (Math.abs(b.ev - ev) < Math.abs(a.ev - ev) ? b : a));
}
