import { chanceBelow } from '../../units';
import { medianOf } from '../shutter/pieces';
import type { EyeFiring, Timing } from './types';

/** How likely firings are, by what an eye would do. */

/** What is unknown of an eye, in this order; then its wheel's places, then its dial's. */
export const UNKNOWN = { time: 0, slope: 1, leak: 2, fastest: 3, slowest: 4, scatter: 5 } as const;
const FIRST_PLACE = 6;

/** Part of firings that go with nothing: a double click, a door; and within how many stops they lie. */
const [WILD, WILD_RANGE] = [0.03, 12];
/** A shutter's own scatter, stops; common practice. */
const SHUTTER = 0.03;
/** Beyond so many deviations a limit is as good as surely met, or surely not. */
const SURE = 5;
/** So many times the screen's period is believed. */
const PERIODS = 2;

/** The chance that lies below a deviation; what is as good as sure costs nothing. */
const below = (away: number): number => (away > SURE ? 1 : away < -SURE ? 0 : chanceBelow(away));

const density = (away: number, sd: number): number =>
	Math.exp(-(away * away) / (2 * sd * sd)) / (sd * Math.sqrt(2 * Math.PI));

/** Doubt of a time as it was taken, stops: the clock's, the shutter's own, and where the flicker was cut. */
const timedWithin = (seconds: number, { sd, period = 0 }: Timing): number =>
	Math.hypot(sd / seconds / Math.LN2, SHUTTER, period / (4 * seconds));

/** Whether a time is long enough beside a screen's flicker. */
export const isBelieved = ({ fraction, seconds }: EyeFiring, { period = 0 }: Timing): boolean =>
	fraction === undefined || seconds >= PERIODS * period;

/** What light is before an eye: a step of the screen, through an ND or not. */
export const lightOf = ({ fraction, filter = 0 }: EyeFiring): string => `${fraction} ${filter}`;
const alikeOf = (firing: EyeFiring) => [lightOf(firing), firing.compensation ?? 0, firing.iso].join(' ');

/**
 * The firings at which an eye that sets both left its aperture wide open: told by all that were fired alike, because
 * of one light some are longer by chance.
 */
export function firedWideOpen(all: readonly EyeFiring[], { wideOpen = 0 }: Timing): boolean[] {
	const alike = new Map<string, number[]>();
	for (const each of all) alike.set(alikeOf(each), [...(alike.get(alikeOf(each)) ?? []), each.seconds]);
	return all.map((each) => each.fraction === undefined || medianOf(alike.get(alikeOf(each))!) >= wideOpen);
}

/** Firings, told apart by what they say something of. */
export class Firings {
	/** Stops: log2 of the time in seconds. */
	readonly times: Float64Array;
	/** The first and the last of them. */
	readonly span: readonly [shortest: number, longest: number];
	readonly places: number[];
	readonly speeds: number[];
	readonly filters: number[];
	readonly count: number;
	/** Doubt of each time, stops. */
	readonly #within: Float64Array;
	readonly #fractions: number[];
	/** Places in those lists; −1: none. */
	readonly #fraction: number[];
	readonly #place: number[];
	readonly #speed: number[];
	readonly #filter: number[];
	readonly #lights: Float64Array;

	constructor(
		readonly all: readonly EyeFiring[],
		timing: Timing
	) {
		this.times = Float64Array.from(all, ({ seconds }) => Math.log2(seconds));
		this.span = [Math.min(...this.times), Math.max(...this.times)];
		this.#within = Float64Array.from(all, ({ seconds, sd = timing.sd }) =>
			timedWithin(seconds, { ...timing, sd })
		);
		const [first] = all;
		this.places = [...new Set(all.map(({ compensation = 0 }) => compensation))]
			.filter((place) => place !== 0)
			.sort((a, b) => a - b);
		this.speeds = [...new Set(all.flatMap(({ iso }) => iso ?? []))].filter((iso) => iso !== first.iso);
		this.filters = [...new Set(all.flatMap(({ filter }) => filter ?? []))];
		this.#fractions = [...new Set(all.flatMap(({ fraction }) => fraction ?? []))];
		this.#fraction = all.map(({ fraction }) =>
			fraction === undefined ? -1 : this.#fractions.indexOf(fraction)
		);
		this.#place = all.map(({ compensation = 0 }) => this.places.indexOf(compensation));
		this.#speed = all.map(({ iso }) => (iso === undefined ? -1 : this.speeds.indexOf(iso)));
		this.#filter = all.map(({ filter }) => (filter === undefined ? -1 : this.filters.indexOf(filter)));
		this.#lights = new Float64Array(this.#fractions.length);
		this.count = this.filterAt(this.filters.length);
	}

	/** Where the unknown of a place of the wheel, of the dial, or of an ND stands. */
	placeAt = (at: number): number => FIRST_PLACE + at;
	speedAt = (at: number): number => FIRST_PLACE + this.places.length + at;
	filterAt = (at: number): number => this.speedAt(this.speeds.length) + at;

	/** The firings that say something of an unknown. */
	touchedBy(unknown: number): number[] {
		return this.all.flatMap((_, at) =>
			unknown < FIRST_PLACE ||
			this.placeAt(this.#place[at]) === unknown ||
			(this.#speed[at] >= 0 && this.speedAt(this.#speed[at]) === unknown) ||
			(this.#filter[at] >= 0 && this.filterAt(this.#filter[at]) === unknown)
				? [at]
				: []
		);
	}

	/** Takes the light of each step, stops about half of the brightest, with what the black gives. */
	light(leak: number): void {
		const black = 2 ** leak;
		const middle = Math.log2(1 / 2 + black);
		for (const [at, fraction] of this.#fractions.entries())
			this.#lights[at] = Math.log2(fraction + black) - middle;
	}

	/** The time that all of the brightest step asks for before any limit, log2 s. */
	full(of: Float64Array): number {
		const black = 2 ** of[UNKNOWN.leak];
		return of[UNKNOWN.time] - of[UNKNOWN.slope] * Math.log2((1 + black) / (1 / 2 + black));
	}

	/** The time that an eye asks for before any limit, log2 s; for what is far too bright, none is short enough. */
	asked(of: Float64Array, at: number): number {
		if (this.#fraction[at] < 0) return -Infinity;
		const over = this.#filter[at] < 0 ? 0 : of[this.filterAt(this.#filter[at])];
		let time = of[UNKNOWN.time] - of[UNKNOWN.slope] * (this.#lights[this.#fraction[at]] - over);
		if (this.#place[at] >= 0) time += of[this.placeAt(this.#place[at])];
		if (this.#speed[at] >= 0) time += of[this.speedAt(this.#speed[at])];
		return time;
	}

	/** The logarithm of how likely a firing is: its scatter before the limits, the doubt of its time after them. */
	likely(of: Float64Array, at: number): number {
		return Math.log((1 - WILD) * this.#tame(of, at) + WILD / WILD_RANGE);
	}

	/** How likely it is that a firing went with no others, 0 … 1. */
	wildness(of: Float64Array, at: number): number {
		const wild = WILD / WILD_RANGE;
		return wild / (wild + (1 - WILD) * this.#tame(of, at));
	}

	#tame(of: Float64Array, at: number): number {
		const time = this.times[at];
		const within = this.#within[at];
		const scatter = Math.exp(of[UNKNOWN.scatter]);
		const fastest = of[UNKNOWN.fastest];
		const slowest = of[UNKNOWN.slowest];
		const asked = this.asked(of, at);
		const short = (fastest - asked) / scatter;
		const long = (asked - slowest) / scatter;
		const both = Math.sqrt(scatter * scatter + within * within);
		if (short < -SURE && long < -SURE) return density(time - asked, both);
		if (short > SURE) return density(time - fastest, within);
		if (long > SURE) return density(time - slowest, within);
		// What is between the limits: the product of two normal densities is one, cut off at both.
		const middle = (asked * within * within + time * scatter * scatter) / (both * both);
		const width = (scatter * within) / both;
		const free = below((slowest - middle) / width) - below((fastest - middle) / width);
		return (
			below(short) * density(time - fastest, within) +
			below(long) * density(time - slowest, within) +
			Math.max(0, free) * density(time - asked, both)
		);
	}
}
