import type { Camera } from '../camera';
import type { Film } from '../film';
import { blurOnFilm } from '../match';
import { heldBehind, bareTime } from './countable';

/** A light that is carried across the view. */
export interface Moving {
	/** m/s */
	speed: number;
	/** m */
	distance: number;
}

/**
 * Length of the trail that a moving light draws.
 *
 * @param seconds s
 * @returns parts of the frame's width; more than 1: it leaves the frame
 * @example trailLength(40 mm on 36 mm, { speed: 1.5, distance: 10 }, 6) // 1
 */
export function trailLength(
	{ focalLength, frame }: Camera,
	{ speed, distance }: Moving,
	seconds: number
): number {
	return blurOnFilm(focalLength, speed, seconds, distance) / frame.width;
}

/**
 * The time that draws a trail of a length; the inverse of trailLength.
 *
 * @param part of the frame's width
 * @returns s
 * @example trailTime(40 mm on 36 mm, { speed: 1.5, distance: 10 }, 0.5) // 3
 */
export function trailTime(camera: Camera, moving: Moving, part: number): number {
	return part / trailLength(camera, moving, 1);
}

/** What a film makes of one light: the time that it needs, and the trail of that time. */
export interface FilmTrail<F extends Film> {
	film: F;
	/** s */
	seconds: number;
	/** Parts of the frame's width. */
	part: number;
}

/**
 * Films beside each other in one light: a slow one is open longer and draws a longer trail.
 *
 * @param ev EV at ISO 100
 * @param f f-number
 * @returns longest trail first
 */
export function filmTrails<F extends Film>(
	camera: Camera,
	films: readonly F[],
	moving: Moving,
	ev: number,
	f: number
): FilmTrail<F>[] {
	return films
		.map((film) => {
			const seconds = heldBehind(film, bareTime(camera, film, ev, f), 0);
			return { film, seconds, part: trailLength(camera, moving, seconds) };
		})
		.sort((a, b) => b.seconds - a.seconds);
}
