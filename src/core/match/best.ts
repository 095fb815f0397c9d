import TinyQueue from 'tinyqueue';
import {
	automaticExposure,
	controlsOf,
	dialSpeeds,
	neutralOn,
	slowestByHand,
	type Axis,
	type Camera
} from '../camera';
import { chancesOf } from './chance';
import { focusedAt, outcomeOf } from './outcome';
import type { Scene } from './scene';
import type { Placed } from './settings';
import { spoilersOf } from './spoilers';
import type { Outcome, Spoiler } from './types';
import { distanceOutside, verdictOf } from './verdict';

const WORTH_WINDOW = 0.1;
const TIE_WINDOW = 0.02;
const SAME_DISTANCE = 1e-9;

/**
 * Worth of an outcome: ½ (good + usable).
 *
 * @returns 0 … 1
 */
export function worth({ chances }: Pick<Outcome, 'chances'>): number {
	return (chances.good + chances.usable) / 2;
}

/** Less than this spoils as little as nothing, stops: what is spoiled at all is told from what is not. */
const LEAST_HARM = 1e-3;

/** What spoils a frame, in all: stops of time too long, and of blur beyond a circle of confusion. */
function harm(spoilers: readonly Spoiler[]): number {
	return spoilers.reduce((sum, { kind, by }) => {
		const stops = kind === 'near' || kind === 'far' ? Math.log2(by ?? 1) : (by ?? 0);
		return sum + Math.max(LEAST_HARM, stops);
	}, 0);
}

/** A setting with what its rank depends on; its chance is worked out only if it comes to that. */
class Candidate {
	#chances: Outcome['chances'] | undefined;
	#spoiled: number | undefined;
	#tier: number | undefined;

	constructor(
		readonly scene: Scene,
		readonly placed: Placed
	) {}

	get chances(): Outcome['chances'] {
		return (this.#chances ??= chancesOf(this.scene, this.placed));
	}

	get worth(): number {
		return worth(this);
	}

	/** How badly it is spoiled, in all, stops; 0 where nothing spoils it. */
	get spoiled(): number {
		const { scene, placed } = this;
		const { answered } = placed;
		return (this.#spoiled ??= harm(
			spoilersOf(scene.camera, scene.intent, answered, focusedAt(scene, answered.f))
		));
	}

	/** 0 neither spoiled nor timed by hand, 1 timed by hand, 2 spoiled, 3 both. */
	get flaw(): number {
		return (this.spoiled > 0 ? 2 : 0) + (this.placed.setting.handTimed ? 1 : 0);
	}

	/** 0 just enough, 1 usable, beyond that 1 + the distance outside usable. */
	get tier(): number {
		return (this.#tier ??= this.#tierOf());
	}

	#tierOf(): number {
		const { latitude } = this.scene;
		if (verdictOf(latitude, this.placed.error) === 'just-enough') return 0;
		return 1 + distanceOutside(latitude.usable, this.placed.error);
	}

	get outcome(): Outcome {
		return outcomeOf(this.scene, this.placed, this.chances);
	}
}

const endsOf = (axis: Axis): number[] => (axis.kind === 'listed' ? [...axis.values] : [axis.from, axis.to]);

/** Middle of all apertures that a camera has, log2. */
function middleAperture(camera: Camera): number {
	const logs = controlsOf(camera).flatMap((control) => endsOf(control.aperture).map(Math.log2));
	return (Math.min(...logs) + Math.max(...logs)) / 2;
}

const turned = ({ placed }: Candidate) => Math.abs(placed.setting.compensation ?? 0);

/** Stops by which a dial stands beside the film's speed; null where there is none to turn. */
function dialOf({ camera, film }: Scene): ((candidate: Candidate) => number) | null {
	const speeds = automaticExposure(camera) ? dialSpeeds(camera) : [];
	if (speeds.length < 2) return null;
	const neutral = neutralOn(speeds, film);
	return ({ placed }) => Math.abs(Math.log2((placed.setting.iso ?? neutral) / neutral));
}

/** Held with a stop to spare is held; what is slower is worse by so many stops. */
const TO_SPARE = 2;

function unsteady({ camera, intent }: Scene): (candidate: Candidate) => number {
	const slowest = slowestByHand(camera) / TO_SPARE;
	if (intent.handheld === false || slowest === Infinity) return () => 0;
	return ({ placed }) => Math.max(0, Math.log2(placed.answered.seconds / slowest));
}

/** Nobody said where the subject stands: most stand here or beyond, m; common practice. */
const USUAL_SUBJECT = 2;

/** How much of where subjects stand lies before the sharp zone or beyond it, 1/m; 0 where it holds all of that. */
function unsharp(scene: Scene): (candidate: Candidate) => number {
	const { subjectDistance } = scene.intent;
	const [near, far] =
		subjectDistance === undefined ? [USUAL_SUBJECT, Infinity] : [subjectDistance, subjectDistance];
	return ({ placed }) => {
		const { from, to } = focusedAt(scene, placed.answered.f).sharp;
		return Math.max(0, 1 / near - 1 / from) + Math.max(0, 1 / (to ?? Infinity) - 1 / far);
	};
}

/** Worked out once for each, and only where nothing before it tells two apart. */
function once(key: (candidate: Candidate) => number): (candidate: Candidate) => number {
	const told = new Map<Candidate, number>();
	return (candidate) => {
		const before = told.get(candidate);
		if (before !== undefined) return before;
		const value = key(candidate);
		told.set(candidate, value);
		return value;
	};
}

const ROUNDING = 1e6;

/**
 * The dial nearest the film's speed, the wheel nearest its middle; then what can be held with a stop to spare, what is sharp where subjects stand, the middle aperture, and the
 * smaller error. Rounded, so that what ties in the trade's terms ties in spite of floating point.
 */
function quieter(scene: Scene) {
	const middle = middleAperture(scene.camera);
	const keys = [
		...[dialOf(scene) ?? []].flat(),
		turned,
		unsteady(scene),
		once(unsharp(scene)),
		({ placed }: Candidate) => Math.abs(Math.log2(placed.answered.f) - middle)
	];
	return (a: Candidate, b: Candidate): number => {
		for (const key of keys) {
			const apart = Math.round((key(a) - key(b)) * ROUNDING);
			if (apart !== 0) return apart;
		}
		return Math.abs(a.placed.error) - Math.abs(b.placed.error);
	};
}

/** Candidates by how well they expose: each tier is as good as it is in itself. */
function tiersOf(candidates: readonly Candidate[]): Candidate[][] {
	const rising = candidates
		.map((candidate) => ({ candidate, tier: candidate.tier }))
		.sort((a, b) => a.tier - b.tier);
	const tiers: Candidate[][] = [];
	let last = -Infinity;
	for (const { candidate, tier } of rising) {
		if (tier - last > SAME_DISTANCE) tiers.push([]);
		tiers[tiers.length - 1].push(candidate);
		last = tier;
	}
	return tiers;
}

/** Candidates with one and the same flaw: the worthiest first, and those within the window by quietness. */
class Flawed {
	#rising: Candidate[];
	#next = 0;
	#first = 0;
	#taken = new Set<Candidate>();
	#within: TinyQueue<Candidate>;

	constructor(
		candidates: Candidate[],
		quiet: (a: Candidate, b: Candidate) => number,
		readonly spoiled: boolean
	) {
		this.#rising = candidates.sort((a, b) => b.worth - a.worth);
		this.#within = new TinyQueue<Candidate>([], quiet);
	}

	/** Highest worth that is left, or below everything. */
	get highest(): number {
		while (this.#first < this.#rising.length && this.#taken.has(this.#rising[this.#first])) this.#first += 1;
		return this.#rising[this.#first]?.worth ?? -Infinity;
	}

	/** Takes the quietest of those worth a threshold, which never rises from one call to the next. */
	take(threshold: number): Candidate {
		while (this.#next < this.#rising.length && this.#rising[this.#next].worth >= threshold) {
			this.#within.push(this.#rising[this.#next]);
			this.#next += 1;
		}
		const taken = this.#within.pop()!;
		this.#taken.add(taken);
		return taken;
	}
}

/** A tier in the order in which its settings would be taken if the better ones were not there. */
function* orderOf(tier: Candidate[], quiet: (a: Candidate, b: Candidate) => number): Generator<Candidate> {
	const harmless = (a: Candidate, b: Candidate) => a.spoiled - b.spoiled || quiet(a, b);
	const flaws = [0, 1, 2, 3].map((flaw) => {
		const those = tier.filter((each) => each.flaw === flaw);
		return new Flawed(those, flaw >= 2 ? harmless : quiet, flaw >= 2);
	});
	for (let left = tier.length; left > 0; left--) {
		const window = Math.max(...flaws.map(({ highest }) => highest)) - WORTH_WINDOW;
		const least = flaws.find(({ highest }) => highest >= window)!;
		// Of what is spoiled in any case, the least spoiled is taken of all that are worth nearly as much.
		yield least.take(least.spoiled ? window : Math.max(window, least.highest - TIE_WINDOW));
	}
}

/**
 * What is wanted behind the subject: of what the apertures at their best are worth nearly as much as the
 * best of all, and no more spoiled, the one that is opened or stopped down farthest comes first.
 */
function depthFirst({ intent }: Scene, ordered: Candidate[]): Candidate[] {
	if (intent.depth === undefined) return ordered;
	const [first] = ordered;
	const heads = new Map<number, Candidate>();
	for (const each of ordered) {
		const aperture = Math.round(Math.log2(each.placed.answered.f) * ROUNDING);
		if (!heads.has(aperture)) heads.set(aperture, each);
	}
	const sign = intent.depth === 'deep' ? 1 : -1;
	const wished = [...heads.values()]
		.filter(({ flaw, worth: own }) => flaw <= first.flaw && own >= first.worth - WORTH_WINDOW)
		.reduce((a, b) => ((b.placed.answered.f - a.placed.answered.f) * sign > 0 ? b : a));
	return [wished, ...ordered.filter((each) => each !== wished)];
}

/**
 * Which setting to take, in this order: the best verdict (or the least distance outside usable);
 * within 0.1 of the highest worth, without spoilers and not timed by hand if any is; within 0.02 of
 * the highest worth left; then the dial nearest the film's speed, the wheel nearest its middle, what can
 * be held with a stop to spare, the sharp zone that holds the subject (2 m and beyond, where nobody said),
 * the middle aperture, the smaller error. Where all are spoiled, the least spoiled of those within 0.1.
 * A depth that is wanted comes before what is within 0.1.
 *
 * @param placed at least one
 */
export function bestOf(scene: Scene, placed: readonly Placed[]): Outcome {
	const candidates = placed.map((each) => new Candidate(scene, each));
	const least = candidates.reduce((tier, candidate) => Math.min(tier, candidate.tier), Infinity);
	const foremost = candidates.filter(({ tier }) => tier - least <= SAME_DISTANCE);
	const order = orderOf(foremost, quieter(scene));
	const [best] = scene.intent.depth === undefined ? order : depthFirst(scene, [...order]);
	return best.outcome;
}

/** All settings in the order in which they would be taken if the better ones were not there. */
export function ranked(scene: Scene, placed: readonly Placed[]): Outcome[] {
	const quiet = quieter(scene);
	const tiers = tiersOf(placed.map((each) => new Candidate(scene, each)));
	return tiers.flatMap((tier) => depthFirst(scene, [...orderOf(tier, quiet)]).map(({ outcome }) => outcome));
}
