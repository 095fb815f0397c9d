import type { ShadowEdgeCondition, ShadowsReading } from '../light';

/** What is to be told apart by eye: each is practised, and kept account of, by itself. */
export const skills = [
	'sharp',
	'soft',
	'faint',
	'none',
	'from-the-side',
	'against-the-light',
	'open-shade',
	'deep-shade',
	'pale-ground',
	'low-sun'
] as const;

export type Skill = (typeof skills)[number];

const edge = (condition: ShadowEdgeCondition, more: object = {}): ShadowsReading => ({
	method: 'shadows',
	school: 'shadow-edge',
	condition,
	...more
});

/** What the school of the shadow's edge calls the light of each. */
export const calledByShadowEdge: Readonly<Record<Skill, ShadowsReading>> = {
	sharp: edge('sharp'),
	soft: edge('soft'),
	faint: edge('faint'),
	none: edge('none'),
	'from-the-side': edge('sharp', { sidelit: true }),
	'against-the-light': edge('sharp', { backlit: true }),
	'open-shade': edge('faint'),
	'deep-shade': edge('sharp', { deepShade: true }),
	'pale-ground': edge('sharp', { ground: 'sand' }),
	'low-sun': edge('sharp')
};
