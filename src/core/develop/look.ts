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
			words: 'Agitate more gently and evenly; pour in and out in one go.',
			why: 'Streaks come from agitation. Until they’re gone, nothing else can be judged.'
		},
		{
			holds: contrast >= HABIT,
			change: 'time',
			words: 'Cut development by a sixth.',
			why: 'Highlights keep building after the shadows are done. Harsh means too long, or too warm.'
		},
		{
			holds: contrast <= -HABIT,
			change: 'time',
			words: 'Extend development by a sixth.',
			why: 'The shadows are there but the highlights lag. Flat means too short, or too cold.'
		},
		{
			holds: density <= -HABIT,
			change: 'speed',
			words: 'Rate the film ⅔ stop slower.',
			why: 'Thin with normal contrast means underexposed. Longer development won’t bring the shadows back.'
		},
		{
			holds: density >= HABIT,
			change: 'speed',
			words: 'Rate the film ⅔ stop faster.',
			why: 'Dense with normal contrast means overexposed.'
		},
		{
			holds: part(({ coarse }) => coarse) > 1 / 2,
			change: 'dilution',
			words: 'Use the developer stronger, for its shorter time, or a finer-grained one.',
			why: 'Exposure and contrast are right. What’s left is the grain this developer gives.'
		}
	];
}

/**
 * What to change next time, by all negatives of a load that were looked at: one thing, the one that hides
 * the others first. Common practice.
 *
 * @returns null where nothing was looked at
 * @example nextTime([{ contrast: 1 }, { contrast: 1 }])?.words // 'Cut development by a sixth.'
 */
export function nextTime(looks: readonly NegativeLook[]): NextTime | null {
	if (looks.length === 0) return null;
	const found = rulesFor(looks).find(({ holds }) => holds);
	if (!found)
		return {
			change: 'nothing',
			words: 'Keep the development as it is.',
			why: 'No more than a few of them have a problem.',
			of: looks.length
		};
	const { change, words, why } = found;
	return { change, words, why, of: looks.length };
}
