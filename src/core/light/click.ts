import { EYE_OFFSET_SD, USUAL_SCATTER } from '../camera';
import { settingsEv, speedStops } from '../units';
import type { ClickReading, WayOfReading } from './types';

/**
 * Reading light by an automatic shutter's time: what the eye chose, turned round. The settings EV
 * that it aimed for is V = log2(N²/t) = EV + log2(S/100) − w − b − filters, so EV is known from the
 * time; in doubt are the eye, the body's offset and the finger: δt / (t·ln 2).
 * Source: the exposure equation, ISO 2720:1974.
 *
 * @example click.read({ method: 'click', seconds: 1, secondsSd: 0.05, f: 8, iso: 100 }) // { ev: 6, sd: 0.64 }
 */
export const click: WayOfReading<ClickReading> = {
	read(reading) {
		const { seconds, secondsSd, f, iso, compensation = 0, filterStops = 0 } = reading;
		const { offset = { stops: 0, sd: EYE_OFFSET_SD }, scatter = USUAL_SCATTER } = reading;
		const ev = settingsEv(f, seconds) - speedStops(iso) + compensation + offset.stops + filterStops;
		return { ev, sd: Math.hypot(scatter, offset.sd, secondsSd / (seconds * Math.LN2)) };
	},
	note: () => 'the shutter’s clicks'
};
