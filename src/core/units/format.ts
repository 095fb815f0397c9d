import { formatStops } from './stops';

/**
 * Writes an f-number as it stands on lenses.
 *
 * @param f f-number
 * @example formatAperture(5.6) // 'f/5.6'
 */
export function formatAperture(f: number): string {
	return `f/${f < 10 ? Number(f.toFixed(1)) : Number(f.toPrecision(f < 100 ? 3 : 4))}`;
}

/** From here on nobody says a time as a part of a second, s. */
const SHORT = 0.36;

/**
 * Writes an exposure time as people say it: a fraction up to a third of a second, seconds above, minutes
 * from one minute on.
 *
 * @param seconds exposure time, s
 * @example formatTime(1 / 125) // '1/125 s'
 */
export function formatTime(seconds: number): string {
	if (seconds < SHORT) return `1/${roundToMark(1 / seconds)} s`;
	if (Math.abs(seconds - 0.5) < 0.02) return '½ s';
	if (seconds < 60) return `${Number(seconds.toPrecision(2))} s`;
	const whole = Math.round(seconds);
	const [minutes, rest] = [Math.floor(whole / 60), whole % 60];
	return rest === 0 || minutes >= 10 ? `${Math.round(seconds / 60)} min` : `${minutes} min ${rest} s`;
}

function roundToMark(part: number): number {
	return part < 100 ? Math.round(part) : Number(part.toPrecision(3));
}

/**
 * Writes a part of a whole as people say it.
 *
 * @param part 0 … 1
 * @example formatPart(1 / 8) // '1/8'
 */
export function formatPart(part: number): string {
	return part >= 1 ? 'full' : `1/${Math.round(1 / part)}`;
}

/**
 * Writes an amount of stops with its word.
 *
 * @param stops stops; the sign is dropped
 * @example stopsInWords(1.33) // '1⅓ stops'
 */
export function stopsInWords(stops: number): string {
	return `${formatStops(stops)} ${Math.abs(Math.round(stops * 3)) > 3 ? 'stops' : 'stop'}`;
}
