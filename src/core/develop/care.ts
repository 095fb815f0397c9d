import type { BathKind } from './types';

/** What holds for every bath; common practice. */
const always = [
	'Read the maker’s safety sheet first, and follow your local rules for what goes down the drain.',
	'Gloves and glasses; open window; never kitchenware; out of reach of children and animals.'
];

const byKind: Readonly<Record<BathKind, readonly string[]>> = {
	'general-developer': ['It sensitises skin: rinse splashes at once.'],
	'fine-grain-developer': ['It sensitises skin: rinse splashes at once.'],
	'staining-developer': [
		'Staining developers are poisonous through skin and as dust: weigh them outdoors or under a hood, with a mask.',
		'Gentle agitation: shaken hard, it streaks.'
	],
	'reversal-developer': ['Strongly caustic: eye protection, and always the powder into the water, slowly.'],
	stop: ['Acid into water, never water into acid.'],
	fixer: [
		'It holds silver after use: collect it, do not pour it away. Acid fixer and bleach must never meet.'
	]
};

/**
 * What to mind before a bath is mixed; shown each time.
 *
 * @example careFor('stop')[0] // 'Acid into water, never water into acid.'
 */
export function careFor(kind: BathKind): readonly string[] {
	return [...byKind[kind], ...always];
}
