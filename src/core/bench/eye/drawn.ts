import { randomLcg, randomNormal } from 'd3-random';
import { UNKNOWN, type Firings } from './likely';

/** An eye as it may be by its firings: drawn many times, each as likely as the next. */

/** Draws from fixed numbers: what is asked twice is answered alike. */
const SEED = 0.1618;
/** Rounds through all unknowns; those of the first third find the way. */
const ROUNDS = 1500;
const [TUNED_EVERY, FIRST_PART] = [50, 1 / 3];
/** Part of tries that are taken, at which one gets about most quickly. Source: Gelman, Roberts and Gilks 1996. */
const TAKEN = 0.44;
const NEVER = -1e9;

/** What is usual of eyes before any firing; common practice. */
const USUAL = {
	slope: { mean: 0.95, sd: 0.2 },
	/** log2 of the light of black, part of the brightest step. */
	leak: { mean: -8, sd: 3, most: -1 },
	scatter: { mean: Math.log(0.17), sd: 0.6 },
	/** What a place of a wheel or dial does beside what is written on it, stops. */
	place: { sd: 0.35 },
	/** What an ND takes beside what is written on it, stops: cheap ones err by as much; common practice. */
	filter: { sd: 0.5 },
	/** Where nothing is written that tells, stops: what the dial stood at otherwise is not said. */
	unwritten: { mean: 0, sd: 3 }
};
/** A limit may lie so far beyond what was seen, and the two at least so far from each other, stops. */
const [BEYOND, APART] = [3, 0.5];

const normal = (value: number, { mean, sd }: { mean: number; sd: number }) =>
	-((value - mean) ** 2) / (2 * sd ** 2);

/** What is written on the wheel and the dial, and where to begin. */
function beginOf(firings: Firings): Float64Array {
	const { times, span, places, speeds, filters, all, count } = firings;
	const of = new Float64Array(count);
	const bright = times.filter(
		(_, at) => (all[at].fraction ?? 0) >= 1 / 4 && !all[at].compensation && !all[at].filter
	);
	const seen = bright.length > 0 ? bright : times;
	of[UNKNOWN.time] = seen.reduce((sum, time) => sum + time, 0) / seen.length;
	of[UNKNOWN.slope] = USUAL.slope.mean;
	of[UNKNOWN.leak] = USUAL.leak.mean;
	of[UNKNOWN.fastest] = span[0] - APART / 8;
	of[UNKNOWN.slowest] = span[1] + APART;
	of[UNKNOWN.scatter] = USUAL.scatter.mean;
	places.forEach((place, at) => (of[firings.placeAt(at)] = place));
	filters.forEach((filter, at) => (of[firings.filterAt(at)] = filter));
	const [{ iso: first }] = all;
	speeds.forEach(
		(iso, at) => (of[firings.speedAt(at)] = first ? -Math.log2(iso / first) : USUAL.unwritten.mean)
	);
	return of;
}

/** What a place of the wheel or the dial, or an ND, is to do by what is written there. */
function writtenOn(firings: Firings, unknown: number, written: Float64Array) {
	const mean = written[unknown];
	if (unknown >= firings.filterAt(0)) return { mean, sd: USUAL.filter.sd };
	return unknown >= firings.speedAt(0) && !firings.all[0].iso
		? USUAL.unwritten
		: { mean, sd: USUAL.place.sd };
}

/** How likely a value of an unknown is before any firing, its logarithm. */
function usually(of: Float64Array, unknown: number, written: Float64Array, firings: Firings): number {
	const [shortest, longest] = firings.span;
	const value = of[unknown];
	switch (unknown) {
		case UNKNOWN.time:
			return 0;
		case UNKNOWN.slope:
			return normal(value, USUAL.slope);
		case UNKNOWN.leak:
			return value > USUAL.leak.most ? NEVER : normal(value, USUAL.leak);
		case UNKNOWN.fastest:
			return value < shortest - BEYOND || value > of[UNKNOWN.slowest] - APART ? NEVER : 0;
		case UNKNOWN.slowest:
			return value > longest + BEYOND || value < of[UNKNOWN.fastest] + APART ? NEVER : 0;
		case UNKNOWN.scatter:
			return normal(value, USUAL.scatter);
		default:
			return normal(value, writtenOn(firings, unknown, written));
	}
}

/** First steps, by the order of the unknowns; then those of wheel and dial. */
const STEPS = [0.1, 0.05, 1, 0.3, 0.3, 0.3];
const PLACE_STEP = 0.15;

/** A walk through eyes as they may be, one unknown after the other. */
class Walk {
	readonly #of: Float64Array;
	readonly #written: Float64Array;
	readonly #touched: number[][];
	readonly #steps: Float64Array;
	readonly #taken: Float64Array;
	readonly #likely: Float64Array;
	readonly #tried: Float64Array;
	readonly #uniform = randomLcg(SEED);
	readonly #normal = randomNormal.source(this.#uniform)(0, 1);

	constructor(readonly firings: Firings) {
		this.#of = beginOf(firings);
		this.#written = Float64Array.from(this.#of);
		this.#touched = Array.from(this.#of, (_, unknown) => firings.touchedBy(unknown));
		this.#steps = Float64Array.from(this.#of, (_, unknown) => STEPS[unknown] ?? PLACE_STEP);
		this.#taken = new Float64Array(this.#of.length);
		firings.light(this.#of[UNKNOWN.leak]);
		this.#likely = Float64Array.from(firings.all, (_, at) => firings.likely(this.#of, at));
		this.#tried = new Float64Array(this.#likely.length);
	}

	/** One try for each unknown. */
	round(): void {
		for (let unknown = 0; unknown < this.#of.length; unknown++) this.#move(unknown);
	}

	/** Steps as large as are taken often enough. */
	tune(rounds: number): void {
		for (let unknown = 0; unknown < this.#of.length; unknown++) {
			this.#steps[unknown] *= this.#taken[unknown] / rounds > TAKEN ? 5 / 4 : 4 / 5;
			this.#taken[unknown] = 0;
		}
	}

	here = (): Float64Array => Float64Array.from(this.#of);

	#move(unknown: number): void {
		const [of, tried, likely] = [this.#of, this.#tried, this.#likely];
		const was = of[unknown];
		const before = usually(of, unknown, this.#written, this.firings);
		of[unknown] += this.#steps[unknown] * this.#normal();
		let gain = usually(of, unknown, this.#written, this.firings) - before;
		if (unknown === UNKNOWN.leak) this.firings.light(of[unknown]);
		if (gain > NEVER / 2)
			for (const at of this.#touched[unknown]) {
				tried[at] = this.firings.likely(of, at);
				gain += tried[at] - likely[at];
			}
		if (Math.log(1 - this.#uniform()) < gain) {
			this.#taken[unknown]++;
			for (const at of this.#touched[unknown]) likely[at] = tried[at];
			return;
		}
		of[unknown] = was;
		if (unknown === UNKNOWN.leak) this.firings.light(was);
	}
}

/**
 * An eye as it may be by its firings.
 * Source: the Metropolis algorithm, one unknown after the other, its steps tuned before any draw is kept.
 *
 * @returns draws, each with all unknowns in their order
 */
export function drawnFrom(firings: Firings): Float64Array[] {
	const walk = new Walk(firings);
	const kept: Float64Array[] = [];
	for (let round = 1; round <= ROUNDS; round++) {
		walk.round();
		if (round > ROUNDS * FIRST_PART) kept.push(walk.here());
		else if (round % TUNED_EVERY === 0) walk.tune(TUNED_EVERY);
	}
	return kept;
}
