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
	/** Its test strip: the times and the one that was right, in the person's own words. */
	strip?: string;
}

/** The one thing to change next time: how it is agitated, how long, the speed it is rated at, the dilution. */
export interface NextTime {
	change: 'agitation' | 'shorter' | 'longer' | 'slower' | 'faster' | 'dilution' | 'nothing';
	/** Negatives that it stands on. */
	of: number;
}

/** Part of the negatives from which on something is a habit of the development and no accident. */
const HABIT = 1 / 3;

const meanOf = (values: readonly (number | undefined)[]): number => {
	const known = values.filter((value) => value !== undefined);
	return known.length === 0 ? 0 : known.reduce((sum, value) => sum + value, 0) / known.length;
};

/** What may be changed, and whether it should be: what hides the others first. */
function rulesFor(looks: readonly NegativeLook[]): { change: NextTime['change']; holds: boolean }[] {
	const contrast = meanOf(looks.map((look) => look.contrast));
	const density = meanOf(looks.map((look) => look.density));
	const part = (has: (look: NegativeLook) => boolean | undefined) =>
		meanOf(looks.map((look) => Number(has(look) ?? false)));
	return [
		{ change: 'agitation', holds: part(({ streaks }) => streaks) >= HABIT },
		{ change: 'shorter', holds: contrast >= HABIT },
		{ change: 'longer', holds: contrast <= -HABIT },
		{ change: 'slower', holds: density <= -HABIT },
		{ change: 'faster', holds: density >= HABIT },
		{ change: 'dilution', holds: part(({ coarse }) => coarse) > 1 / 2 }
	];
}

/**
 * What to change next time, by all negatives of a load that were looked at: one thing, the one that hides
 * the others first. Common practice.
 *
 * @returns null where nothing was looked at
 * @example nextTime([{ contrast: 1 }, { contrast: 1 }])?.change // 'shorter'
 */
export function nextTime(looks: readonly NegativeLook[]): NextTime | null {
	if (looks.length === 0) return null;
	const found = rulesFor(looks).find(({ holds }) => holds);
	return { change: found?.change ?? 'nothing', of: looks.length };
}
