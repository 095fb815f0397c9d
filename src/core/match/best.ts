import { controlsOf, type Axis, type Camera } from '../camera';
import { latitudeOf, type Film } from '../film';
import type { Outcome } from './types';
import { distanceOutside } from './verdict';

/** An outcome with what its rank depends on. */
export interface Candidate {
	outcome: Outcome;
	handTimed: boolean;
}

const WORTH_WINDOW = 0.1;
const TIE_WINDOW = 0.02;
const SAME_DISTANCE = 1e-9;

/**
 * Worth of an outcome: ½ (good + usable).
 *
 * @returns 0 … 1
 */
export function worth(outcome: Outcome): number {
	return (outcome.chances.good + outcome.chances.usable) / 2;
}

/** 0 just enough, 1 usable, beyond that 1 + the distance outside usable. */
function tier(film: Film, outcome: Outcome): number {
	if (outcome.verdict === 'just-enough') return 0;
	return 1 + distanceOutside(latitudeOf(film).usable, outcome.error);
}

const endsOf = (axis: Axis): number[] => (axis.kind === 'listed' ? [...axis.values] : [axis.from, axis.to]);

/** Middle of all apertures that a camera has, log2. */
function middleAperture(camera: Camera): number {
	const logs = controlsOf(camera).flatMap((control) => endsOf(control.aperture).map(Math.log2));
	return (Math.min(...logs) + Math.max(...logs)) / 2;
}

function preferred(candidates: Candidate[], keep: (candidate: Candidate) => boolean): Candidate[] {
	const kept = candidates.filter(keep);
	return kept.length > 0 ? kept : candidates;
}

function withinWorth(candidates: Candidate[], window: number): Candidate[] {
	const highest = Math.max(...candidates.map(({ outcome }) => worth(outcome)));
	return candidates.filter(({ outcome }) => worth(outcome) >= highest - window);
}

/** Fewest steps from the wheel's middle, then from the middle aperture, then the smaller error. */
function quieter(middle: number) {
	return (a: Candidate, b: Candidate): number =>
		Math.abs(a.outcome.compensation ?? 0) - Math.abs(b.outcome.compensation ?? 0) ||
		apart(a, middle) - apart(b, middle) ||
		Math.abs(a.outcome.error) - Math.abs(b.outcome.error);
}

/** Rounded, so that two marks equally far from the middle tie in spite of floating point. */
const apart = ({ outcome }: Candidate, middle: number) =>
	Math.round(Math.abs(Math.log2(outcome.f) - middle) * 1e6);

function bestOfTier(candidates: Candidate[], middle: number): Candidate {
	let left = withinWorth(candidates, WORTH_WINDOW);
	left = preferred(left, ({ outcome }) => outcome.spoilers.length === 0);
	left = preferred(left, ({ handTimed }) => !handTimed);
	left = withinWorth(left, TIE_WINDOW);
	return left.sort(quieter(middle))[0];
}

function tiersOf(film: Film, candidates: Candidate[]): Candidate[][] {
	const ranked = candidates
		.map((candidate) => ({ candidate, tier: tier(film, candidate.outcome) }))
		.sort((a, b) => a.tier - b.tier);
	const tiers: Candidate[][] = [];
	let last = -Infinity;
	for (const { candidate, tier: at } of ranked) {
		if (at - last > SAME_DISTANCE) tiers.push([]);
		tiers[tiers.length - 1].push(candidate);
		last = at;
	}
	return tiers;
}

/**
 * Which setting to take, in this order: the best verdict (or the least distance outside usable);
 * within 0.1 of the highest worth, without spoilers and not timed by hand if any is; within 0.02 of
 * the highest worth left; then the wheel nearest its middle, the middle aperture, the smaller error.
 *
 * @param candidates at least one
 */
export function bestOf(camera: Camera, film: Film, candidates: Candidate[]): Outcome {
	return bestOfTier(tiersOf(film, candidates)[0], middleAperture(camera)).outcome;
}

/** All candidates in the order in which they would be taken if the better ones were not there. */
export function ranked(camera: Camera, film: Film, candidates: Candidate[]): Outcome[] {
	const middle = middleAperture(camera);
	return tiersOf(film, candidates).flatMap((members) => {
		const left = new Set(members);
		const order: Outcome[] = [];
		while (left.size > 0) {
			const next = bestOfTier([...left], middle);
			order.push(next.outcome);
			left.delete(next);
		}
		return order;
	});
}
