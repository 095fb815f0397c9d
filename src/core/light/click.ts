import { aimWith, EYE_OFFSET_SD, leanAt, lightFor, USUAL_SCATTER } from '../camera';
import { settingsEv } from '../units';
import type { ClickReading, WayOfReading } from './types';

/**
 * Reading light by an automatic shutter's time: what the eye chose, turned round. The settings EV
 * that it aimed for is V = log2(N²/t) = EV + log2(S/100) − w − b − filters, so EV is known from the
 * time; in doubt are the eye, the body's offset and the finger: δt / (t·ln 2). A cell that leans is turned round by its
 * own line.
 * Source: the exposure equation, ISO 2720:1974.
 *
 * @example click.read({ method: 'click', seconds: 1, secondsSd: 0.05, f: 8, iso: 100 }) // { ev: 6, sd: 0.64 }
 */
export const click: WayOfReading<ClickReading> = {
	read(reading) {
		const { seconds, secondsSd, f, iso, compensation = 0, filterStops = 0 } = reading;
		const { offset = { stops: 0, sd: EYE_OFFSET_SD }, scatter = USUAL_SCATTER, response } = reading;
		const aim = aimWith(response, iso, compensation, offset.stops, filterStops);
		const ev = lightFor(aim, settingsEv(f, seconds));
		const lean = response ? leanAt(response, ev - filterStops).sd : 0;
		const sd = Math.hypot(scatter, offset.sd, secondsSd / (seconds * Math.LN2), lean) / aim.slope;
		return { ev, sd };
	},
	note: () => 'the shutter’s clicks'
};
