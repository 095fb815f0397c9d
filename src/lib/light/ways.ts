import type { Component } from 'svelte';
import type { Light } from '$core/light';
import { later } from '$lib/parts/later';
import type { PanelProps } from './panel';

/** Every way of reading light, with its panel, which comes when it is picked; a new one is one file and one line here. */
export const ways = [
	{ id: 'shadows', name: 'Shadows', panel: later(() => import('./ShadowsPanel.svelte')) },
	{ id: 'meter', name: 'Meter', panel: later(() => import('./MeterPanel.svelte')) },
	{ id: 'photo', name: 'Photo', panel: later(() => import('./PhotoPanel.svelte')) },
	{ id: 'sun', name: 'Sun', panel: later(() => import('./SunPanel.svelte')) },
	{ id: 'place', name: 'Place', panel: later(() => import('./PlacePanel.svelte')) },
	{ id: 'lamp', name: 'Lamp', panel: later(() => import('./LampPanel.svelte')) },
	{ id: 'eye', name: 'Guess', panel: later(() => import('./EyePanel.svelte')) },
	{ id: 'click', name: 'Click', panel: later(() => import('./ClickPanel.svelte')) }
] as const satisfies readonly {
	id: string;
	name: string;
	panel: () => Promise<{ default: Component<PanelProps> }>;
}[];

export type WayId = (typeof ways)[number]['id'];

/** The panel in which a reading was made. */
export function wayOf(light: Light | null): WayId {
	if (!light || !('method' in light)) return 'shadows';
	if (light.method === 'combined') return wayOf(light.readings[light.readings.length - 1]);
	return light.method === 'spots' ? 'meter' : light.method;
}
