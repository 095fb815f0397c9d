import type { Camera } from '../core/camera';
import { formatAperture, formatDistance, formatTime } from '../core/units';

/** What a camera can do, in one line. */
export function cameraInShort({ aperture, shutter, bulb, focus, exposure }: Camera): string {
	return [
		...(exposure.mode === 'auto' ? [eyeSets[exposure.sets]] : []),
		describeAperture(aperture),
		describeTimes({ shutter, bulb }),
		describeFocus(focus)
	].join(' · ');
}

const eyeSets = {
	time: 'its eye sets the time',
	aperture: 'its eye sets the aperture',
	both: 'its eye sets both'
} as const;

export function describeAperture(aperture: Camera['aperture']): string {
	if (aperture.kind === 'fixed') return formatAperture(aperture.f);
	if (aperture.kind === 'stops') return aperture.f.map(formatAperture).join(', ');
	return `${formatAperture(aperture.widest)} to ${formatAperture(aperture.smallest)}`;
}

export function describeShutter(shutter: Camera['shutter']): string {
	if (shutter.kind === 'fixed') return formatTime(shutter.seconds);
	if (shutter.kind === 'range') return `${formatTime(shutter.fastest)} to ${formatTime(shutter.slowest)}`;
	const [first, last] = [shutter.seconds[0], shutter.seconds[shutter.seconds.length - 1]];
	return shutter.seconds.length === 1 ? formatTime(first) : `${formatTime(first)} to ${formatTime(last)}`;
}

/** The times that a camera has, bulb among them. */
export const describeTimes = ({ shutter, bulb }: Pick<Camera, 'shutter' | 'bulb'>): string =>
	`${describeShutter(shutter)}${bulb ? ' and bulb' : ''}`;

export function describeFocus(focus: Camera['focus']): string {
	if (focus.kind === 'fixed') return `focus fixed at ${formatDistance(focus.distance)}`;
	if (focus.kind === 'zones') return `${focus.distances.length} focus marks`;
	return `focus from ${formatDistance(focus.nearest)}`;
}
