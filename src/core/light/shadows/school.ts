import type { ShadowsReading } from '../types';

/** How hard the shadows are: what a correction for the sun's side depends on. */
export type ShadowHardness = 'hard' | 'soft' | 'none';

export interface Condition {
	/** EV at ISO 100. */
	ev: number;
	/** Doubt, stops. */
	sd: number;
	shadows: ShadowHardness;
	/** What one sees, in the school's own words. */
	words: string;
	/** What the other schools could call this same light. */
	elsewhere: Partial<Record<ShadowsReading['school'], readonly ShadowsReading['condition'][]>>;
}

export interface School<C extends string = string> {
	name: string;
	conditions: Readonly<Record<C, Condition>>;
}

/** Doubts of reading daylight by eye, stops; common practice. */
export const doubt = { sharpShadows: 1 / 2, otherwise: 3 / 4, deepShade: 1 } as const;

/**
 * EV of a rule of the form "this f-number at 1/ISO seconds": log2(N²·100).
 *
 * @param stopsFromOne full stops from f/1, so that f/11 is 7 and exact
 * @returns EV at ISO 100
 * @example evOfRule(8) // f/16 → 14.64
 */
export function evOfRule(stopsFromOne: number): number {
	return stopsFromOne + Math.log2(100);
}
