import type { Camera } from './types';

/**
 * Whether a lens moves forward as a whole to focus near and nothing makes up for the light that this costs.
 * Where nobody said, a lens that focuses anywhere does, and one with a few marks turns its front cell;
 * common practice.
 *
 * @example movesOut(a twin-lens that focuses from 0.5 m on) // true
 */
export function movesOut({ focus, exposure }: Camera): boolean {
	if (exposure.compensatesCloseUp || focus.kind === 'fixed') return false;
	return (focus.by ?? (focus.kind === 'continuous' ? 'unit' : 'front-cell')) === 'unit';
}
