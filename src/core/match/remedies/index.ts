import type { Outcome, Remedy } from '../types';
import { aperture } from './aperture';
import { bracket } from './bracket';
import { choose } from './choose';
import { development } from './development';
import { distance } from './distance';
import { film } from './film';
import { filter } from './filter';
import { flash } from './flash';
import { isoDial } from './iso-dial';
import { lamp } from './lamp';
import { light } from './light';
import { reading } from './reading';
import type { Answer, Question, RemedyKind } from './remedy-kind';
import { seconds } from './seconds';
import { trial } from './trial';
import { tripod } from './tripod';
import { wheel } from './wheel';

/** Every kind of remedy, least effort first; a new one is its own file and one line here. */
const kinds: readonly RemedyKind[] = [
	wheel,
	aperture,
	seconds,
	isoDial,
	distance,
	filter,
	tripod,
	flash,
	lamp,
	light,
	reading,
	development,
	trial,
	bracket,
	film
];

/**
 * The least changes that make a frame come out, or surer: single ones and pairs, by effort and then by
 * chance, without those that another one beats.
 *
 * @param best the best outcome as things are
 * @param answer works out the best outcome
 * @param settings how many the camera has: what an answer costs
 * @returns at most eight
 */
export function remediesFor(question: Question, best: Outcome, answer: Answer, settings: number): Remedy[] {
	return choose(kinds, question, best, answer, settings);
}
