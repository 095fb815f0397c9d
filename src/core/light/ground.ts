/** What lies around a subject and throws light back at it. */
export type Ground = 'sand' | 'snow' | 'water' | 'woods';

export const grounds: readonly Ground[] = ['sand', 'snow', 'water', 'woods'];

/** Part of the light that is thrown back; common practice. */
export const albedoOf: Readonly<Record<Ground, number>> = { sand: 0.35, snow: 0.8, water: 0.08, woods: 0.08 };
/** Grass, earth, stone and streets. */
export const PLAIN_ALBEDO = 0.2;
