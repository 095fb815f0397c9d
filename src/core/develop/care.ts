import type { BathKind } from './types';

/** What holds for every bath; common practice. */
const always = [
	'Read the maker’s safety sheet first, and follow your local rules for what goes down the drain.',
	'Gloves and glasses; open window; never kitchenware; out of reach of children and animals.'
];

/** The same in a breath, for the field. */
export const PASTE_IN_SHORT = 'Caustic paste: keep it off skin and eyes, and away from children.';

/** Said before a picture is peeled, too. */
export const PASTE =
	'The paste is caustic and burns skin and eyes. Don’t touch the negative side, wash at once with plenty of water, and fold the negative away from children and animals.';

const byKind: Readonly<Record<BathKind, readonly string[]>> = {
	'general-developer': ['This developer can sensitise skin: rinse splashes at once.'],
	'fine-grain-developer': ['This developer can sensitise skin: rinse splashes at once.'],
	'staining-developer': [
		'Staining developers are poisonous through skin and as dust: weigh them outdoors or under a hood, with a mask.',
		'Gentle agitation: shaken hard, it streaks.'
	],
	'reversal-developer': [
		'Strongly caustic. Wear eye protection, and always add the powder to the water, slowly.'
	],
	stop: ['Add acid to water, never water to acid.'],
	'instant-pack': [
		'Don’t cut or open a picture: the paste inside is caustic and burns skin and eyes. Wash at once with plenty of water.'
	],
	'peel-apart-pack': [PASTE],
	fixer: ['Used fixer contains silver: collect it, don’t pour it away. Never let acid fixer and bleach meet.']
};

const forPacks = [
	'Read the maker’s safety sheet first, and follow your local rules for the waste.',
	'Gloves and glasses; not near food; out of reach of children and animals.'
];

/** Whether it is a pack that develops itself, with nothing to mix. */
export const isPack = (kind: BathKind): boolean => kind === 'instant-pack' || kind === 'peel-apart-pack';

/** Whether it is a bath that develops. */
export const isDeveloper = (kind: BathKind): boolean => kind.endsWith('developer');

/**
 * What to mind before a bath is mixed; shown each time.
 *
 * @example careFor('stop')[0] // 'Add acid to water, never water to acid.'
 */
export function careFor(kind: BathKind): readonly string[] {
	const common = isPack(kind) ? forPacks : always;
	return [...byKind[kind], ...common];
}
