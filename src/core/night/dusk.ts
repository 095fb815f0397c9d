import type { Camera } from '../camera';
import type { Film } from '../film';
import { resolveLight, sunDrift, type Coordinates, type Light } from '../light';
import { bestOutcome, type Intent, type Interval, type Outcome } from '../match';

const MINUTE = 60_000;

/** A light that was read, and the sun by which it changes. */
export interface DuskLight {
	/** As it stands at `now`. */
	light: Light;
	/** ms since 1970 */
	now: number;
	where: Coordinates;
}

/**
 * A light as it will be, or was: as it stands now, with the sun's change here on this day.
 *
 * @param at ms since 1970
 * @returns EV at ISO 100
 */
export function evAt({ light, now, where }: DuskLight, at: number): number {
	return resolveLight(light).ev + sunDrift(now, at, where);
}

/** One of the next frames, by the falling light. */
export interface NextFrame {
	/** ms since 1970 */
	at: number;
	ev: number;
	outcome: Outcome;
}

const SIX = 6;

/**
 * What the next six frames will need, as the light falls or rises.
 *
 * @param everyMinutes between frames
 */
export function nextFrames(
	camera: Camera,
	film: Film,
	dusk: DuskLight,
	everyMinutes: number,
	intent: Intent = {}
): NextFrame[] {
	const { sd } = resolveLight(dusk.light);
	return Array.from({ length: SIX }, (_, frame) => {
		const at = dusk.now + frame * everyMinutes * MINUTE;
		const ev = evAt(dusk, at);
		return { at, ev, outcome: bestOutcome(camera, film, { ev, sd }, intent) };
	});
}

/** How far it is looked back and ahead, minutes: an evening. */
const LOOK = 6 * 60;

/** Whether it is too dark, and since when or from when on. */
export interface TooDark {
	now: boolean;
	/** ms since 1970: when it became so, or when it will; null = not within six hours. */
	at: number | null;
	/** Stops that the light is above what the camera needs at least; less than 0: below. */
	spare: number;
}

/**
 * Whether it is too dark to go on, and with when it became so, or when it will.
 *
 * @param usable light in which the camera is usable, EV
 * @returns null where the camera has no darkest light
 */
export function tooDark(dusk: DuskLight, usable: readonly Interval[]): TooDark | null {
	const darkest = Math.min(...usable.map(([from]) => from));
	if (!Number.isFinite(darkest)) return null;
	const spare = evAt(dusk, dusk.now) - darkest;
	const now = spare < 0;
	const step = now ? -MINUTE : MINUTE;
	const passed = Array.from({ length: LOOK }, (_, minute) => dusk.now + (minute + 1) * step).find(
		(at) => evAt(dusk, at) < darkest !== now
	);
	return { now, at: passed ?? null, spare };
}

/** A sun that changes the light by less than this is no dusk, stops a minute; common practice. */
export const FALLS = 0.02;

/**
 * How fast the light falls, stops a minute; less than 0: it rises.
 *
 * @example fallOf(…at noon) // about 0
 */
export function fallOf({ now, where }: Pick<DuskLight, 'now' | 'where'>): number {
	const AHEAD = 5;
	return -sunDrift(now, now + AHEAD * MINUTE, where) / AHEAD;
}
