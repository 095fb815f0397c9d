import type { Film, FilmType, Takes } from '../film';
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

/**
 * The type of film that a camera usually takes; the most common one where nothing says.
 *
 * @example usualType({ kind: 'box' }) // 'bw-negative'
 */
export const usualType = (camera: Parameters<typeof takenBy>[0]): FilmType =>
	takenBy(camera).type ?? 'colour-negative';
