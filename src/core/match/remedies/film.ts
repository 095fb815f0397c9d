import { withAnyFilm } from '../../camera';
import { latitudeOf, middleOf, filmSpeedFor, speedsMade, type Film } from '../../film';
import { nearestInStops } from '../../units';
import { idOf, isSameThing } from '../same-thing';
import type { Outcome } from '../types';
import { EFFORT_TO_FIND, type Option, type Question, type RemedyKind } from './remedy-kind';

/** Two speeds this near to each other are one, stops. */
const SAME_SPEED = 0.35;

/** A film of the loaded one's type and of a speed that is made, which would be right: one that is not in the bag. */
function toBeFound({ film, bag }: Question, best: Outcome): Option[] {
	if (best.verdict === 'just-enough') return [];
	const to = nearestInStops(
		speedsMade(film),
		filmSpeedFor(film, best.error - middleOf(latitudeOf(film).good))
	);
	const same = (other: Film) => other.type === film.type && Math.abs(Math.log2(other.iso / to)) < SAME_SPEED;
	if ([film, ...(bag.films ?? [])].some(same)) return [];
	return [{ name: `a film of about ISO ${to}`, from: film.iso, to, missing: true }];
}

/** A fresh film of the same type: of its own it has nothing but the speed. */
const ofSpeed = ({ type, balance }: Film, { name, to: iso }: Option): Film => ({
	name,
	type,
	iso: iso!,
	...(balance === undefined ? {} : { balance })
});

/** Another film: the whole load. */
export const film: RemedyKind = {
	kind: 'film',
	effort: ({ missing }) => (missing ? EFFORT_TO_FIND : 3),
	pairs: true,
	options: (question, best) => [
		...(question.bag.films ?? [])
			.filter((other) => !isSameThing(other, question.film))
			.map((other) => ({ name: other.name, ...idOf(other) })),
		...toBeFound(question, best)
	],
	make(question, change) {
		const other = change.missing
			? ofSpeed(question.film, change)
			: question.bag.films?.find((each) => isSameThing(each, change));
		if (!other) return question;
		return { ...question, film: other, camera: withAnyFilm(question.camera) };
	}
};
