import type { Component } from 'svelte';
import type { Light } from '$core/light';
import ClickPanel from './ClickPanel.svelte';
import EyePanel from './EyePanel.svelte';
import LampPanel from './LampPanel.svelte';
import MeterPanel from './MeterPanel.svelte';
import type { PanelProps } from './panel';
import PhotoPanel from './PhotoPanel.svelte';
import PlacePanel from './PlacePanel.svelte';
import ShadowsPanel from './ShadowsPanel.svelte';
import SunPanel from './SunPanel.svelte';

/** Every way of reading light, with its panel; a new one is one file and one line here. */
export const ways = [
	{ id: 'shadows', name: 'Shadows', panel: ShadowsPanel },
	{ id: 'meter', name: 'Meter', panel: MeterPanel },
	{ id: 'photo', name: 'Photo', panel: PhotoPanel },
	{ id: 'sun', name: 'Sun', panel: SunPanel },
	{ id: 'place', name: 'Place', panel: PlacePanel },
	{ id: 'lamp', name: 'Lamp', panel: LampPanel },
	{ id: 'eye', name: 'Guess', panel: EyePanel },
	{ id: 'click', name: 'Click', panel: ClickPanel }
] as const satisfies readonly { id: string; name: string; panel: Component<PanelProps> }[];

export type WayId = (typeof ways)[number]['id'];

/** The panel in which a reading was made. */
export function wayOf(light: Light | null): WayId {
	if (!light || !('method' in light)) return 'shadows';
	if (light.method === 'combined') return wayOf(light.readings[light.readings.length - 1]);
	return light.method === 'spots' ? 'meter' : light.method;
}
