import type { Recipe } from './types';

/** Recipes to start from, by kind, made up and neutral: shapes to fill with one's own. Common practice. */
export const usualRecipes: readonly Recipe[] = [
	{
		name: 'General purpose',
		kind: 'general-developer',
		parts: [
			{ name: 'Stock', parts: 1 },
			{ name: 'Water', parts: 9 }
		],
		times: [
			{ celsius: 18, seconds: 720 },
			{ celsius: 20, seconds: 600 },
			{ celsius: 24, seconds: 420 },
			{ celsius: 20, seconds: 800, water: 14 }
		]
	},
	{
		name: 'Fine grain',
		kind: 'fine-grain-developer',
		parts: [
			{ name: 'Stock', parts: 1 },
			{ name: 'Water', parts: 1 }
		],
		rollsPerLitre: 8,
		times: [
			{ celsius: 18, seconds: 840 },
			{ celsius: 20, seconds: 690 },
			{ celsius: 24, seconds: 480 }
		]
	},
	{
		name: 'Staining, in three parts',
		kind: 'staining-developer',
		parts: [
			{ name: 'A', parts: 1 },
			{ name: 'B', parts: 1 },
			{ name: 'C', parts: 1 },
			{ name: 'Water', parts: 14 }
		],
		speedStops: -1,
		times: [{ celsius: 20, seconds: [480, 840] }]
	},
	{
		name: 'Reversal, first developer',
		kind: 'reversal-developer',
		parts: [
			{ name: 'Stock', parts: 1 },
			{ name: 'Water', parts: 2 }
		],
		times: [
			{ celsius: 20, seconds: 720 },
			{ celsius: 24, seconds: 510 }
		]
	},
	{
		name: 'Instant pack',
		kind: 'instant-pack',
		times: [
			{ celsius: 13, seconds: 1080 },
			{ celsius: 21, seconds: 600 },
			{ celsius: 28, seconds: 360 }
		],
		notes: 'Shield it from light as it comes out; below 13 °C keep it warm in a pocket, flat.'
	},
	{
		name: 'Peel-apart pack',
		kind: 'peel-apart-pack',
		times: [
			{ celsius: 13, seconds: [75, 90] },
			{ celsius: 18, seconds: 60 },
			{ celsius: 24, seconds: [30, 45] }
		],
		notes: 'Pull straight and steady, and peel it out of the wind.'
	},
	{
		name: 'Stop',
		kind: 'stop',
		parts: [
			{ name: 'Acid, 10 %', parts: 1 },
			{ name: 'Water', parts: 4 }
		],
		rollsPerLitre: 15
	},
	{
		name: 'Fixer',
		kind: 'fixer',
		parts: [
			{ name: 'Stock', parts: 1 },
			{ name: 'Water', parts: 4 }
		],
		rollsPerLitre: 20
	}
];
