import type { RecipeRecord } from '$contract/records';

/** What is left of what stands on the shelf: days ago that it was mixed or opened, and what it has done. */
export const onShelf: Readonly<
	Record<string, { daysOld: number } & Pick<RecipeRecord, 'keepsDays' | 'rollsDone' | 'stockLeft'>>
> = {
	'Fine grain': { daysOld: 35, keepsDays: 180, rollsDone: 2 },
	'General purpose': { daysOld: 12, keepsDays: 365, stockLeft: 640 },
	Fixer: { daysOld: 35, rollsDone: 11 }
};
