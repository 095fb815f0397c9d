import type { Interval } from '$core/match';

/** The whole line: moonlight to sun on snow, with room at both ends. */
export const wholeLine: Interval = [-4, 18];
