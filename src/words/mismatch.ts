import {
	automaticExposure,
	dialSpeeds,
	neutralOn,
	wheelPositions,
	type Camera,
	type Filter
} from '../core/camera';
import { effectiveSpeed, pushRangeOf, type Film } from '../core/film';
import { degreesFromIso, densityOfStops, formatStops, isoFromDegrees, stopsInWords } from '../core/units';

/** The commonest mistake: a film that an eye does not expect. */

/** From here on it shows, stops. */
const SHOWS = 2 / 3;
/** A filter this near to what is wanted does, stops. */
const NEAR = 0.4;

/**
 * Stops by which a film is faster than what the eye of a camera can be told; 0 by hand, and where its dial
 * goes along.
 *
 * @example fasterThanExpected(an eye for ISO 160, a film of ISO 640) // 2
 */
export function fasterThanExpected(camera: Camera, film: Film): number {
	if (!automaticExposure(camera)) return 0;
	const iso = effectiveSpeed(film);
	return Math.log2(iso / neutralOn(dialSpeeds(camera), film));
}

const grey = (stops: number) =>
	`${stopsInWords(stops).replace(' ', '-').replace(/s$/, '')} ND (${densityOfStops(stops).toFixed(1)})`;

/**
 * That a film is not what the camera expects, and what cures it.
 *
 * @param filters of the bag
 * @returns an empty text where it is, to what does not show
 * @example mismatchInWords(an eye for ISO 160, ISO 640, []) // 'This film is 2 stops faster than the camera expects. It needs a 2-stop ND (0.6) on the pack; there’s none in your bag.'
 */
export function mismatchInWords(camera: Camera, film: Film, filters: readonly Filter[]): string {
	const stops = fasterThanExpected(camera, film);
	if (Math.abs(stops) < SHOWS) return '';
	const side = stops > 0 ? 'faster' : 'slower';
	const start = `This film is ${stopsInWords(stops)} ${side} than the camera expects.`;
	const wheel = wheelPositions(automaticExposure(camera)?.compensation);
	const place = stops > 0 ? Math.min(...wheel) : Math.max(...wheel);
	const enough = Math.abs(place) >= Math.abs(stops) - NEAR;
	const turned = `Set the wheel ${formatStops(stops)} toward ${stops > 0 ? 'darken' : 'lighten'}.`;
	if (enough) return `${start} ${turned}`;
	const pushed = pushRangeOf(film)[1] > 0 ? 'Push it in development, or load' : 'Load';
	if (stops < 0) return `${start} ${pushed} film of the speed it expects.`;
	const own = filters.find(
		(filter) => (filter.kind ?? 'neutral') === 'neutral' && Math.abs(filter.stops - stops) <= NEAR
	);
	return own
		? `${start} Put your ${own.name} on the pack.`
		: `${start} It needs a ${grey(stops)} on the pack; there’s none in your bag.`;
}

/**
 * What else would do where a film is not what the camera expects: another film, or another camera made of it.
 *
 * @returns an empty text where it is, to what does not show
 * @example otherCuresInWords(an eye for ISO 160, ISO 640) // 'Or load a film of about ISO 160, or have its eye converted to ISO 640.'
 */
export function otherCuresInWords(camera: Camera, film: Film): string {
	const stops = fasterThanExpected(camera, film);
	if (Math.abs(stops) < SHOWS) return '';
	const iso = effectiveSpeed(film);
	const expected = neutralOn(dialSpeeds(camera), film);
	return `Or load a film of about ISO ${expected}, or have its eye converted to ISO ${isoFromDegrees(degreesFromIso(iso))}.`;
}
