import type { PlaceReading, ShadowEdgeCondition, ShadowsReading } from '../light';

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
	'water',
	'low-sun',
	'dusk',
	'room',
	'lamps'
] as const;

export type Skill = (typeof skills)[number];

const edge = (condition: ShadowEdgeCondition, more: object = {}): ShadowsReading => ({
	method: 'shadows',
	school: 'shadow-edge',
	condition,
	...more
});

/** What the school of the shadow’s edge calls the light of each, or the kind of place; null: no rule has a word for it. */
export const calledBy: Readonly<Record<Skill, ShadowsReading | PlaceReading | null>> = {
	sharp: edge('sharp'),
	soft: edge('soft'),
	faint: edge('faint'),
	none: edge('none'),
	'from-the-side': edge('sharp', { sidelit: true }),
	'against-the-light': edge('sharp', { backlit: true }),
	'open-shade': edge('faint'),
	'deep-shade': edge('sharp', { deepShade: true }),
	'pale-ground': edge('sharp', { ground: 'sand' }),
	water: edge('sharp', { ground: 'water' }),
	'low-sun': edge('sharp'),
	dusk: null,
	room: { method: 'place', place: 'office' },
	lamps: { method: 'place', place: 'home-interior' }
};
