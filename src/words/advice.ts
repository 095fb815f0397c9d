import { automaticExposure, type Camera, type Wheel } from '../core/camera';
import { stopsInWords } from '../core/units';
import { counted } from './language';
import { wheelInWords } from './settings';

/** Positions are whole multiples of a step, to this. */
const WHOLE = 1e-6;

/** The wheel turned from where it stood, as far as it goes. */
function turned({ darken, lighten, step }: Wheel, stops: number, from: number) {
	const wanted = Math.round((from - stops) / step) * step;
	const to = Math.max(darken, Math.min(lighten, wanted));
	return {
		to,
		clicks: Math.round(Math.abs(to - from) / step),
		rest: Math.abs(wanted - to) > WHOLE ? stops + to - from : 0
	};
}

/**
 * What to do about what a camera gives: the one change next time, as far as its wheel goes.
 *
 * @param from where the wheel stood, stops
 * @example adviceFor(a camera with a wheel of thirds, -1 / 2) // 'Set the wheel 2 clicks to lighten.'
 */
export function adviceFor(camera: Camera, stops: number, from = 0): string {
	const wheel = automaticExposure(camera)?.compensation;
	if (wheel) return wheelAdvice(wheel, stops, from);
	if (Math.abs(stops) < 1 / 6) return '';
	const side = stops < 0 ? 'more' : 'less';
	return `Give it ${stopsInWords(stops)} ${side} light than the reading says; once you use this, the program does it for you.`;
}

function wheelAdvice(wheel: Wheel, stops: number, from: number): string {
	const side = stops < 0 ? 'lighten' : 'darken';
	const { to, clicks, rest } = turned(wheel, stops, from);
	if (clicks === 0) {
		if (rest !== 0) return `Its wheel goes no further toward ${side}: ${stopsInWords(rest)} remains.`;
		return from === 0 ? 'Leave the wheel in the middle.' : `Leave the wheel ${wheelInWords(from)}.`;
	}
	const stays = rest === 0 ? '' : `; it stays ${stopsInWords(rest)} ${rest < 0 ? 'too dark' : 'too light'}`;
	if (from !== 0) return `Set the wheel ${wheelInWords(to)} instead${stays}.`;
	if (rest !== 0) return `Set the wheel all the way to ${side}${stays}.`;
	return `Set the wheel ${counted(clicks, 'one click', '# clicks')} to ${side}.`;
}
