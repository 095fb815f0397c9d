import { formatPart } from '../../units';
import { bestLit, flashOf } from '../lit';
import type { Judge, RemedyKind } from './remedy-kind';

const judge: Judge = ({ camera, film, light, bag, intent }) => {
	const best = bestLit(camera, film, light, bag, intent);
	if (!best) return null;
	const { outcome, change } = best;
	const name = change.power === 1 ? 'flash' : `flash at ${formatPart(change.power)} power`;
	return { outcome, change: { ...change, name } };
};

/** The flash of the bag, or the one that is built in; that it fires is kept beside the intent. */
export const flash: RemedyKind = {
	kind: 'flash',
	effort: 1,
	pairs: true,
	options: ({ camera, bag }) => (flashOf(camera, bag) ? [{ name: 'flash' }] : []),
	judge,
	set: (intent) => intent
};
