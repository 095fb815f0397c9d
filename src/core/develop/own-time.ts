import { meanOf } from '../units';
import type { NegativeLook } from './look';
import { movementFactor, pushFactor, type Movement } from './push';
import { recipeTime, type TimedDiluted } from './dilution';
import type { Recipe } from './types';

/** A development that was done, and how its negatives look. */
export interface JudgedDevelopment {
	/** In the developer, s. */
	took: number;
	/** °C, as it was measured on the way. */
	celsius: readonly number[];
	/** Stops, + = pushed. */
	push: number;
	movement?: Movement;
	/** Parts of water to one of all stock together; absent: as the recipe is mixed. */
	water?: number;
	looks: readonly NegativeLook[];
}

/** What a person's own negatives of a film say of a recipe's times. */
export interface OwnTime {
	/** Of the table's time; above 1 = longer. */
	factor: number;
	/** Doubt of it, part of it. */
	sd: number;
	/** On so many negatives of so many rolls it stands. */
	negatives: number;
	rolls: number;
}

/** Flat negatives need so much longer, and harsh ones so much shorter: a grade of paper; common practice. */
const A_GRADE = 1 / 6;
/** A table fits nobody's thermometer, hands and taste better than this, part of it; common practice. */
const TABLE = 0.15;
/** From roll to roll, and of how one negative is judged; common practice. */
const [ROLL, JUDGED] = [0.07, 0.15];

/**
 * The person's own developing time of a film in a recipe, by how its negatives looked: what was flat was developed too
 * short by a sixth, what was harsh too long. Source: a conjugate normal of the logarithm of the time about the table's.
 *
 * @param recipe its parts and its table
 * @returns null where no negative with a contrast was looked at, or the table does not reach
 * @example ownTime({ times: [{ celsius: 20, seconds: 600 }] }, [{ took: 600, celsius: [20], push: 0, looks: six flat ones }])?.factor // 1.12
 */
export function ownTime(
	recipe: Pick<Recipe, 'parts' | 'times'>,
	developments: readonly JudgedDevelopment[]
): OwnTime | null {
	let [precision, sum, negatives, rolls] = [1 / TABLE ** 2, 0, 0, 0];
	for (const { took, celsius, push, movement = 'usual', water, looks } of developments) {
		const contrasts = looks.flatMap(({ contrast }) => contrast ?? []);
		const factor = pushFactor(push) * movementFactor(movement);
		const whole = recipeTime(recipe, meanOf(celsius), { factor, water });
		// A time by rule of thumb says nothing of the table.
		if (contrasts.length === 0 || !whole || whole.from !== undefined || took <= 0) continue;
		const wanted = Math.log(took / whole.seconds) - meanOf(contrasts) * Math.log(1 + A_GRADE);
		const weight = 1 / (ROLL ** 2 + JUDGED ** 2 / contrasts.length);
		precision += weight;
		sum += weight * wanted;
		negatives += contrasts.length;
		rolls += 1;
	}
	if (rolls === 0) return null;
	return { factor: Math.exp(sum / precision), sd: Math.sqrt(1 / precision), negatives, rolls };
}

/** A time of the table as the person's own negatives want it. */
export const ownTimed = (timed: TimedDiluted, { factor, sd }: OwnTime): TimedDiluted => {
	const seconds = timed.seconds * factor;
	/** By rule of thumb its own doubt stays beside that of the person's own time. */
	const ruled = timed.from === undefined ? 0 : timed.sd / timed.seconds;
	return { ...timed, seconds, sd: seconds * Math.hypot(sd, ruled) };
};
