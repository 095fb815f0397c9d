import { cameraKinds, filterKinds } from '../../camera';
import { filmKinds } from '../../film';
import type { Extra, OneMore, PackQuestion } from './types';
import { usesOf } from './uses';

/** A usual roll or pack; how many frames it has does not matter to whether it covers. */
const FRAMES = 10;

/** Everything that one could add, what is the least trouble first. */
function* extras(question: PackQuestion): Generator<{ extra: Extra; with: PackQuestion }> {
	const { filters, tripod } = question;
	if (!tripod) yield { extra: { kind: 'support' }, with: { ...question, tripod: true } };
	for (const filter of filterKinds) {
		const carried = filters.some(
			({ stops, kind }) => kind === filter.kind && Math.abs(stops - filter.stops) < 0.1
		);
		if (carried || filter.kind !== 'neutral') continue;
		// One filter more, alone: what two could do together is another question.
		yield { extra: { kind: 'filter', name: filter.name }, with: { ...question, filters: [filter] } };
	}
	for (const { name, film } of filmKinds) {
		yield {
			extra: { kind: 'film', name },
			with: { ...question, filters: [], films: [{ film: { name, ...film }, frames: FRAMES }] }
		};
	}
	for (const { name, camera, film } of cameraKinds) {
		yield {
			extra: { kind: 'camera', name },
			with: {
				...question,
				filters: [],
				cameras: [{ camera: { name, ...camera }, takes: { format: camera.format, type: film } }]
			}
		};
	}
}

/**
 * What one thing more would cover scenes that nothing covers: a support, a filter, a film or a camera of
 * a usual kind.
 *
 * @param scenes places of scenes in the question that nothing of it covers
 * @returns for each kind of thing, the one that covers the most; the least trouble first
 * @example oneMoreFor(question, [2])[0].extra // { kind: 'support' }
 */
export function oneMoreFor(question: PackQuestion, scenes: readonly number[]): OneMore[] {
	const best = new Map<Extra['kind'], OneMore>();
	for (const { extra, with: extended } of extras(question)) {
		const covered = scenes.filter((at) => usesOf(extended, question.scenes[at]).length > 0);
		const before = best.get(extra.kind)?.scenes.length ?? 0;
		if (covered.length > before) best.set(extra.kind, { extra, scenes: covered });
	}
	return [...best.values()];
}
