import type { Camera } from '../core/camera';
import { parallaxMattersWithin } from '../core/focus';
import { formatDistance } from '../core/units';
import { capital } from './capital';
import { listed } from './language';

/** What of a body tells where to aim. */
export interface Aiming {
	finder?: { above: number; right?: number };
	aim?: string;
}

/** Parallax that takes more than this part of a side is worth a word. */
const PART = 0.05;

const shift = (mm: number, plus: string, minus: string) =>
	Math.abs(mm) < 1 ? '' : `${formatDistance(Math.abs(mm) / 1000)} ${mm > 0 ? plus : minus}`;

/**
 * Where to aim with a finder that stands beside the lens.
 *
 * @returns an empty text where there is nothing to mind
 * @example aimInWords({ finder: { above: 50 } }, a 100 mm camera of 80 mm) // 'Nearer than 1.3 m aim 5 cm above it.'
 */
export function aimInWords({ finder, aim }: Aiming, camera: Camera): string {
	const words = aim ? [`${capital(aim)}.`] : [];
	if (!finder) return words.join('');
	const { above, right = 0 } = finder;
	const within = Math.max(
		parallaxMattersWithin(above, camera.focalLength, camera.frame.height, PART),
		parallaxMattersWithin(right, camera.focalLength, camera.frame.width, PART)
	);
	const shifts = [shift(above, 'above it', 'below it'), shift(right, 'to its right', 'to its left')].filter(
		Boolean
	);
	if (shifts.length > 0) words.push(`Nearer than ${formatDistance(within)} aim ${listed(shifts)}.`);
	return words.join(' ');
}
