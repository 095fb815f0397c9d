import { keepHere, keptHere } from '$lib/records/kept-here';

const KEY = 'just-enough-in-hand';

/** The camera in hand on this device, by its load; null where none was taken yet. */
export const inHandLast = (): string | null => keptHere<string | null>(KEY, null);

/** Takes a camera in hand: Shoot opens with it. */
export const takeInHand = (loadId: string): boolean => keepHere(KEY, loadId);
