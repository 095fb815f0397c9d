import { automaticExposure, cameraKinds, filterKinds } from '../../camera';
import { filmKinds } from '../../film';
import type { Extra, OneMore, PackQuestion, TwoMore } from './types';
import { usesOf } from './uses';

/** A usual roll or pack; how many frames it has does not matter to whether it covers. */
const FRAMES = 10;

/** Something that one could add, and what of a question takes its place: it is tried alone of its kind. */
interface Addition {
	extra: Extra;
	instead: Partial<PackQuestion>;
}

type Kind = Extra['kind'];

/** What could be added of each kind; the kinds with the least trouble first. */
const additions: { readonly [K in Kind]: (question: PackQuestion) => Addition[] } = {
	support: ({ tripod }) => (tripod ? [] : [{ extra: { kind: 'support' }, instead: { tripod: true } }]),
	filter: ({ filters, cameras }) => {
		const eyes = cameras.some(({ camera }) => automaticExposure(camera));
		return filterKinds
			.filter(({ kind, stops }) => {
				const carried = filters.some((each) => each.kind === kind && Math.abs(each.stops - stops) < 0.1);
				return kind === 'neutral' && !carried;
			})
			.flatMap((filter): Addition[] => {
				const { name } = filter;
				const plain: Addition = { extra: { kind: 'filter', name }, instead: { filters: [filter] } };
				const over = { ...filter, overMeter: true };
				return eyes
					? [plain, { extra: { kind: 'filter', name, overMeter: true }, instead: { filters: [over] } }]
					: [plain];
			});
	},
	film: () =>
		filmKinds.map(({ name, film }) => ({
			extra: { kind: 'film', name },
			instead: { films: [{ film: { name, ...film }, frames: FRAMES }] }
		})),
	camera: () =>
		cameraKinds.map(({ name, camera, film }) => ({
			extra: { kind: 'camera', name },
			instead: { cameras: [{ camera: { name, ...camera }, takes: { format: camera.format, type: film } }] }
		}))
};

const kinds = Object.keys(additions) as Kind[];

/** Scenes that a question covers with something put in the place of its own, and with no other filter. */
function coveredBy(
	question: PackQuestion,
	scenes: readonly number[],
	instead: Partial<PackQuestion>
): number[] {
	// A support is carried with the filters that there are; a film or a camera is tried without.
	const alone = instead.films || instead.cameras ? { ...question, filters: [] } : question;
	const extended = { ...alone, ...instead };
	return scenes.filter((at) => usesOf(extended, question.scenes[at]).length > 0);
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
	return kinds.flatMap((kind) => {
		let best: OneMore | null = null;
		for (const { extra, instead } of additions[kind](question)) {
			const covered = coveredBy(question, scenes, instead);
			if (covered.length > (best?.scenes.length ?? 0)) best = { extra, scenes: covered };
		}
		return best ? [best] : [];
	});
}

/** Every two different kinds, those with the least trouble first. */
const pairs = kinds.flatMap((first, at) =>
	kinds.slice(at + 1).map((second): [Kind, Kind] => [first, second])
);

/** The two things of two kinds that cover the most of some scenes. */
function bestPair(
	question: PackQuestion,
	scenes: readonly number[],
	[first, second]: [Kind, Kind]
): TwoMore | null {
	let best: TwoMore | null = null;
	for (const one of additions[first](question)) {
		for (const other of additions[second](question)) {
			const covered = coveredBy(question, scenes, { ...one.instead, ...other.instead });
			if (covered.length > (best?.scenes.length ?? 0))
				best = { extras: [one.extra, other.extra], scenes: covered };
			if (covered.length === scenes.length) return best;
		}
	}
	return best;
}

/**
 * What two things more would cover scenes that no single one does.
 *
 * @param scenes places of scenes in the question that nothing of it covers, and no one thing more
 * @returns pairs of things, the least trouble first; each scene once
 * @example twoMoreFor(question, [2])[0].extras // [{ kind: 'support' }, { kind: 'filter', name: 'ND 0.6' }]
 */
export function twoMoreFor(question: PackQuestion, scenes: readonly number[]): TwoMore[] {
	const found: TwoMore[] = [];
	let open = [...scenes];
	for (const pair of pairs) {
		if (open.length === 0) break;
		const best = bestPair(question, open, pair);
		if (!best) continue;
		found.push(best);
		open = open.filter((at) => !best.scenes.includes(at));
	}
	return found;
}
