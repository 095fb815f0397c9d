import { randomInt, randomLcg, randomUniform } from 'd3-random';
import type { Camera, Filter } from '../../camera';
import type { Film } from '../../film';

/** What drills are made from: the person's own bag. */
export interface DrillBag {
	cameras: Camera[];
	loaded: { camera: Camera; film: Film }[];
	filters: Filter[];
}

/** A quick card. */
export interface DrillCard {
	question: string;
	choices: string[];
	/** Place of the right choice. */
	right: number;
	why: string;
}

/** Chance with a seed. */
export interface Chance {
	one<T>(of: readonly T[]): T;
	mixed<T>(of: readonly T[]): T[];
	whole(from: number, to: number): number;
}

/** Makes a card, or null where the bag has nothing for it. */
export type Drill = (bag: DrillBag, chance: Chance) => DrillCard | null;

/** Chance that is the same for the same seed. */
export function chanceOf(seed: number): Chance {
	const source = randomLcg(seed);
	const uniform = randomUniform.source(source)(0, 1);
	uniform();
	const whole = (from: number, to: number) => randomInt.source(source)(from, to + 1)();
	return {
		whole,
		one: (of) => of[whole(0, of.length - 1)],
		mixed: (of) =>
			of
				.map((each) => ({ each, at: uniform() }))
				.sort((a, b) => a.at - b.at)
				.map(({ each }) => each)
	};
}

/** A card from its right choice and wrong ones, in order or mixed; the same words twice are one choice. */
export function cardFrom(
	question: string,
	right: string,
	wrong: readonly string[],
	why: string,
	order: (choices: string[]) => string[]
): DrillCard | null {
	const choices = order([...new Set([right, ...wrong])]);
	return choices.length < 2 ? null : { question, choices, right: choices.indexOf(right), why };
}
