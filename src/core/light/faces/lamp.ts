import { FOOT, formatDistance, measures } from '../../units';
import { nearestOf } from '../lamp';
import { lampDistanceFor } from '../lamp-moved';
import { resolveLight } from '../resolve';
import type { LampReading } from '../types';
import type { Face } from './face';

/** m, and ft: the most telling first. */
const MARKS = {
	m: [1, 2, 0.5, 4, 1.4, 2.8, 0.7, 5.6, 0.35, 8],
	ft: [3, 6, 1.5, 12, 4, 8, 2, 16, 1, 24].map((feet) => feet * FOOT)
};
const FARTHEST = 100;

/** Metres from the lamp to the subject. */
export function lampFace(reading: LampReading): Face {
	const distanceAt = (ev: number) =>
		Math.min(FARTHEST, Math.max(nearestOf(reading.source), lampDistanceFor(reading, ev)));
	const lightAt = (ev: number) => ({ ...reading, to: distanceAt(ev) });
	return {
		drags: 'the lamp',
		quantity: true,
		marks: MARKS[measures().length].map((to) => ({
			ev: resolveLight({ ...reading, to }).ev,
			words: formatDistance(to)
		})),
		lightAt,
		wordsAt: (ev) => formatDistance(distanceAt(ev))
	};
}
