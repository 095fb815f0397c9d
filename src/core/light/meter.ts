import { evFromLux, settingsEv, speedStops } from '../units';
import type { MeterReading, WayOfReading } from './types';

/** Doubts of metering, stops; common practice. */
const INCIDENT_SD = 1 / 3;
const REFLECTED_SD = 1 / 2;

/**
 * Reading light with a meter: ISO with f-number and time, ISO with EV, or lux.
 * An incident reading is the light itself. A reflected one takes its spot for mid grey (18 %), so a
 * spot that is `tone` stops lighter makes the light look that much brighter than it is.
 * Source: ISO 2720:1974.
 *
 * @example meter.read({ method: 'meter', kind: 'incident', iso: 400, f: 8, seconds: 1 / 125 }) // { ev: 10.97, sd: 0.33 }
 */
export const meter: WayOfReading<MeterReading> = {
	read(reading) {
		const sd = reading.kind === 'incident' ? INCIDENT_SD : REFLECTED_SD;
		if ('lux' in reading) return { ev: evFromLux(reading.lux), sd };
		const shown = 'ev' in reading ? reading.ev : settingsEv(reading.f, reading.seconds);
		const tone = reading.kind === 'reflected' ? (reading.tone ?? 0) : 0;
		return { ev: shown - speedStops(reading.iso) - tone, sd };
	},
	note(reading) {
		return reading.kind === 'incident' ? 'incident meter' : 'reflected meter';
	}
};
