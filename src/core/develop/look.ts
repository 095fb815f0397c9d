/** How a negative looks on the light table, or its print without correction. */
export interface NegativeLook {
	/** Thin −1, right 0, dense 1. */
	density?: -1 | 0 | 1;
	/** Flat −1, right 0, harsh 1. */
	contrast?: -1 | 0 | 1;
	/** Grain that disturbs. */
	coarse?: boolean;
	streaks?: boolean;
	/** Contrast filter or paper grade that the print wanted, in the person's own words. */
	grade?: string;
}

/** The one thing to change next time. */
export interface NextTime {
	change: 'agitation' | 'time' | 'speed' | 'dilution' | 'nothing';
	/** What to do. */
	words: string;
	why: string;
	/** Negatives that it stands on. */
	of: number;
}

/** Part of the negatives from which on something is a habit of the development and no accident. */
const HABIT = 1 / 3;

const meanOf = (values: readonly (number | undefined)[]): number => {
	const known = values.filter((value) => value !== undefined);
	return known.length === 0 ? 0 : known.reduce((sum, value) => sum + value, 0) / known.length;
};

type Rule = { holds: boolean } & Omit<NextTime, 'of'>;

function rulesFor(looks: readonly NegativeLook[]): Rule[] {
	const contrast = meanOf(looks.map((look) => look.contrast));
	const density = meanOf(looks.map((look) => look.density));
	const part = (has: (look: NegativeLook) => boolean | undefined) =>
		meanOf(looks.map((look) => Number(has(look) ?? false)));
	return [
		{
			holds: part(({ streaks }) => streaks) >= HABIT,
			change: 'agitation',
			words: 'Move the tank more gently and more evenly; pour in and out in one go.',
			why: 'Streaks come from how the bath moves. Until they are gone, nothing else can be judged.'
		},
		{
			holds: contrast >= HABIT,
			change: 'time',
			words: 'Develop a sixth shorter.',
			why: 'Highlights go on growing while the shadows are done: harsh means too long, or too warm.'
		},
		{
			holds: contrast <= -HABIT,
			change: 'time',
			words: 'Develop a sixth longer.',
			why: 'Shadows are there, highlights are not yet: flat means too short, or too cold.'
		},
		{
			holds: density <= -HABIT,
			change: 'speed',
			words: 'Count the film as ⅔ stop slower.',
			why: 'Thin with the right contrast means too little light: more time would not bring shadows back.'
		},
		{
			holds: density >= HABIT,
			change: 'speed',
			words: 'Count the film as ⅔ stop faster.',
			why: 'Dense with the right contrast means too much light.'
		},
		{
			holds: part(({ coarse }) => coarse) > 1 / 2,
			change: 'dilution',
			words: 'Take the developer less diluted, at its shorter time, or a finer one.',
			why: 'Exposure and contrast are right: what is left is what the developer does to the grain.'
		}
	];
}

/**
 * What to change next time, by all negatives of a load that were looked at: one thing, the one that hides
 * the others first. Common practice.
 *
 * @returns null where nothing was looked at
 * @example nextTime([{ contrast: 1 }, { contrast: 1 }])?.words // 'Develop a sixth shorter.'
 */
export function nextTime(looks: readonly NegativeLook[]): NextTime | null {
	if (looks.length === 0) return null;
	const found = rulesFor(looks).find(({ holds }) => holds);
	if (!found)
		return {
			change: 'nothing',
			words: 'Leave the development as it is.',
			why: 'Nothing is off in more than a few of them.',
			of: looks.length
		};
	const { change, words, why } = found;
	return { change, words, why, of: looks.length };
}
