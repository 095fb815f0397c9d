import { Remembered } from '$lib/timing/remembered.svelte';

/** What a reel of a tank takes, ml, as it is marked under the tank: 35 mm film, and roll film. Common practice until it is said. */
export const reels = new Remembered('reels', { small: 300, roll: 500 });

/** What goes into a tank with some films in it, ml. */
export const volumeFor = (loads: readonly { camera: { format?: string } }[]): number =>
	loads.reduce(
		(sum, { camera }) => sum + (camera.format === '35 mm' ? reels.value.small : reels.value.roll),
		0
	);
