import type { Film, Takes } from '../film';
import { cameraKind } from './kinds';
import type { Camera } from './types';

/**
 * What goes into a camera: of its format where that is known, else of the type that is in it or that its
 * kind takes.
 *
 * @example takenBy({ kind: 'box' }) // { format: undefined, type: 'bw-negative' }
 */
export const takenBy = (
	{ kind, format }: Pick<Camera, 'kind' | 'format'>,
	inside?: Pick<Film, 'type'>
): Takes => ({ format, type: inside?.type ?? cameraKind(kind)?.film });
