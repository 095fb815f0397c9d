import type { ShadowsReading } from '$core/light';

/** What the drawn picture of a condition shows: told apart at arm's length, without colour. */
export interface Scene {
	/** Blur of the shadow's edge and its strength, 0 … 1. */
	shadow: { blur: number; strength: number };
	/** Clouds over the sky, 0 … 4; 4 hides the sun. */
	clouds: number;
	ground: 'plain' | 'pale' | 'shaded';
	shelter: 'none' | 'tree' | 'wall';
}

const open = (blur: number, strength: number, clouds: number): Scene => ({
	shadow: { blur, strength },
	clouds,
	ground: 'plain',
	shelter: 'none'
});

export const scenes: Readonly<Record<ShadowsReading['condition'], Scene>> = {
	sharp: open(0, 0.9, 0),
	soft: open(2, 0.55, 1),
	faint: open(4, 0.28, 3),
	none: open(0, 0, 4),
	clear: open(0, 0.9, 0),
	'few-clouds': open(1.5, 0.6, 2),
	'mostly-cloudy': open(3, 0.3, 3),
	overcast: open(0, 0, 4),
	'deep-shade': { shadow: { blur: 0, strength: 0 }, clouds: 0, ground: 'shaded', shelter: 'tree' },
	'snow-or-sand': { shadow: { blur: 0, strength: 0.8 }, clouds: 0, ground: 'pale', shelter: 'none' },
	'distinct-shadows': open(0, 0.9, 0),
	'soft-shadows': open(2, 0.55, 1),
	'cloudy-bright': open(0, 0, 3),
	'heavy-overcast': open(0, 0, 4),
	'open-shade': { shadow: { blur: 0, strength: 0 }, clouds: 0, ground: 'shaded', shelter: 'wall' }
};
