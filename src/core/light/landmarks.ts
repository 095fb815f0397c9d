/**
 * Words along the line of light, for people who do not think in EV.
 * Source: ANSI PH2.7 tables (from memory) and common practice.
 */
export interface Landmark {
	ev: number;
	words: string;
}

export const landmarks: readonly Landmark[] = [
	{ ev: -2.5, words: 'moonlight' },
	{ ev: 2, words: 'far city lights' },
	{ ev: 6, words: 'room' },
	{ ev: 8, words: 'lit street' },
	{ ev: 10, words: 'dusk' },
	{ ev: 12, words: 'grey day' },
	{ ev: 14 + 2 / 3, words: 'sun' },
	{ ev: 16, words: 'sun on snow' }
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
