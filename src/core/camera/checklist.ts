import { factsOf, type Film } from '../film';
import { roll, type Check, type PartsTold } from './checks';
import { cameraKind } from './kinds';

/** What hands forget, the most forgotten first; common practice. */
export interface Checklist {
	/** Before and while loading. */
	load: string[];
	/** At each frame. */
	frame: string[];
}

const told = (checks: readonly Check[], camera: PartsTold): string[] =>
	checks.flatMap((check) => (typeof check === 'string' ? check : check.of(camera) ? check.say : []));

/**
 * The list to start from for a camera: its kind's, less what is about things that it has not got.
 *
 * @example usualChecklist({ kind: 'cine' }).load[0] // 'In dim light'
 */
export function usualChecklist(camera: PartsTold): Checklist {
	const { load, frame } = cameraKind(camera.kind)?.checklist ?? roll;
	return { load: told(load, camera), frame: told(frame, camera) };
}

const without = (own: readonly string[], film: readonly string[]) => [
	...own,
	...film.filter((step) => !own.includes(step))
];

/**
 * What to remember of a camera with a film in it: the person's own list or the usual one, and what the type
 * of film asks whatever it is in.
 *
 * @example checklistOf({ kind: 'full-settings' }, a peel-apart film).frame.at(-1) // 'No skin on the paste'
 */
export function checklistOf(
	camera: PartsTold & { checklist?: Checklist },
	film: Pick<Film, 'type'> | null
): Checklist {
	const own = camera.checklist ?? usualChecklist(camera);
	const asked = film && factsOf(film.type).checks;
	if (!asked) return own;
	return { load: without(own.load, asked.load), frame: without(own.frame, asked.frame) };
}
