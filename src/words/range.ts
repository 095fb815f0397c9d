import { lostTones, type Film } from '../core/film';
import type { ResolvedLight } from '../core/light';
import type { Outcome } from '../core/match';
import { NO_THIRD, stopsInWords } from '../core/units';

/**
 * What a film does with the darkest and the brightest part that were metered.
 *
 * @returns an empty text where no range was read
 * @example rangeInWords(reversal film, { ev: 11, range: [7, 13], … }, an outcome that is right) // 'The darkest part goes black, 1 stop too deep for this film.'
 */
export function rangeInWords(film: Film, { ev, range }: ResolvedLight, { error }: Outcome): string {
	if (!range) return '';
	const { shadows, highlights } = lostTones(film, [range[0] - ev, range[1] - ev], error);
	const lost = [
		shadows > NO_THIRD ? `The darkest part goes black, ${stopsInWords(shadows)} too deep for this film.` : '',
		highlights > NO_THIRD
			? `The brightest part goes white, ${stopsInWords(highlights)} too bright for this film.`
			: ''
	].filter(Boolean);
	return lost.length > 0 ? lost.join(' ') : 'This film holds the darkest and the brightest part.';
}
