import { DateTime } from 'luxon';
import { moonPosition, SUNRISE, sunPosition, zoneAt } from '../light';
import { changesIn } from './changes';

/** Heights of the sun that have names, geometric degrees. Source: as published in almanacs. */
const HEIGHTS = { sun: SUNRISE, civil: -6, nautical: -12, astronomical: -18 } as const;

/** When the sun passes a height upward and downward; null where it does not that day. */
export interface Passing {
	up: string | null;
	down: string | null;
}

export type SunTimes = Record<keyof typeof HEIGHTS, Passing> & {
	timeZone: string;
	/** The moon's middle as its rim comes up or goes down, and how much of it is lit at the end of the day, 0 … 1. */
	moon: Passing & { lit: number };
};

const STEP = 5 * 60_000;

/**
 * Sunrise, sunset and the twilights of a local day, and the moon's way.
 *
 * @param place degrees, + north and + east
 * @param date local, 2026-05-02
 * @returns ISO 8601 with the place's offset, to the second
 * @example sunTimes({ latitude: 54.6, longitude: -4.2 }, '2026-06-21').sun.up // early in the morning
 */
export function sunTimes(place: { latitude: number; longitude: number }, date: string): SunTimes {
	const { latitude, longitude } = place;
	const timeZone = zoneAt(latitude, longitude);
	const start = DateTime.fromISO(date, { zone: timeZone }).startOf('day');
	const end = start.plus({ days: 1 }).startOf('day').toMillis();
	const iso = (instant: number) => DateTime.fromMillis(instant, { zone: timeZone }).toISO()!;
	const passing = (height: number, positionOf: typeof sunPosition = sunPosition): Passing => {
		const above = (instant: number) => positionOf(instant, latitude, longitude).altitude >= height;
		const pieces = changesIn(start.toMillis(), end, STEP, above, String);
		const edge = (up: boolean) => {
			const piece = pieces.find(({ first }, at) => at > 0 && first === up);
			return piece ? iso(piece.from) : null;
		};
		return { up: edge(true), down: edge(false) };
	};
	return {
		timeZone,
		sun: passing(HEIGHTS.sun),
		civil: passing(HEIGHTS.civil),
		nautical: passing(HEIGHTS.nautical),
		astronomical: passing(HEIGHTS.astronomical),
		// The moon is told as it stands over this place, so its rim comes up as low as the sun's.
		moon: { ...passing(SUNRISE, moonPosition), lit: moonPosition(end, latitude, longitude).lit }
	};
}
