import type { Score } from '../core/learn';

const hundredths = (part: number) => Math.round(Math.abs(part) * 100);

/**
 * How good promises were, in words.
 *
 * @example scoreInWords({ brier: 0.12, unskilled: 0.16, skill: { part: 0.25, sd: 0.1 }, … })
 * // 'Brier score 0.12, where 0 is perfect and predicting the same for every frame would be 0.16: 25 % better than that, give or take 10.'
 */
export function scoreInWords({ brier, unskilled, skill }: Score): string {
	if (!skill)
		return `Brier score ${brier.toFixed(2)}, where 0 is perfect; all came out the same, so there’s nothing to compare it with.`;
	const { part, sd } = skill;
	const beside = `Brier score ${brier.toFixed(2)}, where 0 is perfect and predicting the same for every frame would be ${unskilled.toFixed(2)}`;
	return `${beside}: ${hundredths(part)} % ${part < 0 ? 'worse' : 'better'} than that, give or take ${hundredths(sd)}.`;
}
