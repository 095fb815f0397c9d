import type { Sky } from '../types';
import type { Illuminance } from './illuminance';

/** Colour of the direct light by the height of sun or moon, degrees and K; common practice. */
const directColours: readonly (readonly [altitude: number, kelvin: number])[] = [
	[0, 2300],
	[5, 3500],
	[10, 4300],
	[20, 5000],
	[45, 5500],
	[90, 5800]
];

/** Colour of what comes from the sky alone, K; common practice. */
export const skyColours: Readonly<Record<Sky, number>> = {
	clear: 8000,
	hazy: 7000,
	partly: 7000,
	overcast: 6500,
	heavy: 6500
};

/** Colour of what comes straight from the sun, K. */
export function directColour(altitude: number): number {
	const above = directColours.findIndex(([at]) => at >= altitude);
	if (above <= 0) return directColours[above === 0 ? 0 : directColours.length - 1][1];
	const [[from, warm], [to, cold]] = [directColours[above - 1], directColours[above]];
	return warm + ((altitude - from) / (to - from)) * (cold - warm);
}

/** The colour of direct light and sky together: shares mix in mired. */
export function daylightColour({ lux, direct }: Illuminance, altitude: number, sky: Sky): number {
	const share = direct / lux;
	const mired = (share * 1e6) / directColour(altitude) + ((1 - share) * 1e6) / skyColours[sky];
	return 1e6 / mired;
}
