import { cameraKind, type Camera } from '../core/camera';
import { standAt, type Aimed, type SharpZone } from '../core/focus';
import { formatDistance } from '../core/units';
import { counted, listed } from './language';

/**
 * Where a subject is sharp, and where it should stand.
 *
 * @param subject m; absent: not said
 * @example standInWords({ from: 1.5, to: null }, 0.8) // 'Sharp from 1.5 m on. At 0.8 m it is too near: it should stand at 1.5 m.'
 */
export function standInWords(zone: SharpZone, subject?: number): string {
	const sharp = `Sharp ${whereInWords(zone)}.`;
	if (subject === undefined) return sharp;
	const stand = standAt(zone, subject);
	if (stand === subject) return `${sharp} At ${formatDistance(subject)} it is sharp.`;
	const side = stand > subject ? 'near' : 'far';
	return `${sharp} At ${formatDistance(subject)} it’s too ${side}: ${formatDistance(stand)} is sharp.`;
}

/**
 * A stretch of distances.
 *
 * @param to m; null = infinity
 * @example whereInWords({ from: 1.2, to: null }) // 'from 1.2 m on'
 */
export function whereInWords({ from, to }: SharpZone): string {
	return to === null
		? `from ${formatDistance(from)} on`
		: `from ${formatDistance(from)} to ${formatDistance(to)}`;
}

/** Less than this part of a side is not seen. */
const UNSEEN = 0.02;
const TENTH = 10;

const side = (part: number, plus: string, minus: string) =>
	Math.abs(part) < UNSEEN
		? ''
		: `${counted(Math.max(1, Math.round(Math.abs(part) * TENTH)), '1 tenth', '# tenths')} of the frame ${part > 0 ? plus : minus}`;

/**
 * Where in the finder to put what is to stand in the middle of the picture.
 *
 * @example aimedInWords({ right: 0, below: 0.2 }) // 'Put it 2 tenths of the frame below the middle of the finder.'
 */
export function aimedInWords({ right, below }: Aimed): string {
	const parts = [side(below, 'below', 'above'), side(right, 'right of', 'left of')].filter(Boolean);
	return parts.length === 0
		? 'At this distance finder and lens agree: frame it as you see it.'
		: `Put it ${listed(parts)} the middle of the finder.`;
}

/** What to mind of a lens that flares; empty for one that does not. */
export function flareInWords({ kind }: Pick<Camera, 'kind'>): string {
	return cameraKind(kind)?.flares
		? 'This lens flares. Keep the light behind you or to the side; with a lamp or the sun near the frame, shade the lens with your hand, out of the picture.'
		: '';
}
