import { asRead } from '../habit';
import { resolveLight } from '../resolve';
import { schools } from '../shadows';
import type { Light, ShadowsReading } from '../types';
import type { Face, FaceMark } from './face';

/** Nearer than this to a picture, the light is that picture's, stops: half of a third. */
const SAME = 1 / 6 + 1e-9;

/** Pictures of the school that was read by, under the same corrections. */
export function shadowsFace(reading: ShadowsReading): Face {
	const { conditions } = schools[reading.school];
	const ids = Object.keys(conditions) as ShadowsReading['condition'][];
	// How another condition runs is another habit.
	const called = (condition: ShadowsReading['condition']) =>
		({ ...(condition === reading.condition ? reading : asRead(reading)), condition }) as ShadowsReading;
	const marks = ids.map((condition): FaceMark & { condition: ShadowsReading['condition'] } => ({
		ev: resolveLight(called(condition)).ev,
		words: conditions[condition].words.toLowerCase(),
		condition
	}));
	const nearest = (ev: number) => marks.reduce((a, b) => (Math.abs(b.ev - ev) < Math.abs(a.ev - ev) ? b : a));
	return {
		drags: 'the sky',
		quantity: false,
		marks,
		lightAt(ev): Light {
			const mark = nearest(ev);
			if (Math.abs(mark.ev - ev) <= SAME) return called(mark.condition);
			const { sd } = resolveLight(reading);
			return { method: 'eye', ev, sd };
		},
		wordsAt: (ev) => nearest(ev).words
	};
}
