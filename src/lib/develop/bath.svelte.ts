import { Remembered } from '$lib/timing/remembered.svelte';

/** How warm the baths are, as it was measured last: one darkroom, whichever recipe is looked at. */
export const bath = new Remembered('bath', { celsius: 20 });
