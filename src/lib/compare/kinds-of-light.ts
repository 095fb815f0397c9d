import { placeKinds, schools, type Light, type ShadowEdgeCondition, type ShadowsReading } from '$core/light';

/** One kind of light that ways can be held against. */
interface KindOfLight {
	id: string;
	name: string;
	light: Light;
}

const school = 'shadow-edge';
type Standing = Pick<ShadowsReading, 'backlit' | 'deepShade' | 'ground'>;
const shadows = (condition: ShadowEdgeCondition, beside: Standing = {}): Light => ({
	...{ method: 'shadows', school, condition },
	...beside
});

/** Daylight by its shadows, the sun behind the subject, snow, and places with lights of their own. */
const kinds: readonly KindOfLight[] = [
	...Object.entries(schools[school].conditions).map(([condition, { words }]) => ({
		id: `shadows ${condition}`,
		name: words,
		light: shadows(condition as ShadowEdgeCondition)
	})),
	{
		id: 'against the sun',
		name: 'Sharp shadows, the sun behind the subject',
		light: shadows('sharp', { backlit: true })
	},
	{ id: 'under a tree', name: 'Under a tree, sun around', light: shadows('sharp', { deepShade: true }) },
	{ id: 'snow', name: 'Sun on snow', light: shadows('sharp', { ground: 'snow' }) },
	...placeKinds.map(({ id, words }) => ({ id, name: words, light: { method: 'place' as const, place: id } }))
];

/** What ways can be held against, as lists offer it. */
export const kindsOfLight: readonly { value: string; name: string }[] = [
	{ value: '', name: 'all light: a year, and my frames' },
	...kinds.map(({ id, name }) => ({ value: id, name }))
];

/** The light of a kind; undefined where there is none of that id. */
export const lightOfKind = (id: string): Light | undefined => kinds.find((kind) => kind.id === id)?.light;
