import { addPrecision, addRight, solved, systemOf, type Known } from './blocks';
import type { Look } from './looks';
import { lookedAtTwo, type Pair } from './near-limit';
import { lookedAtOne, type Single } from './one-row';
import { USUAL } from './taught';
import type { Unknowns } from './unknowns';

/** What a frame says, as a normal look at its row, or near a limit at its two. */
type Site = Single | Pair;

/** What came of all frames together. */
export interface Solved {
	known: Known;
	sites: readonly Site[];
	/** Natural logarithm of how likely the frames are. */
	logEvidence: number;
	/** By camera: how many times larger the variance of a frame is than it was taken to be. */
	noise: ReadonlyMap<string, number>;
}

const MOST_SWEEPS = 25;
/** Frames that move by less than so much of their doubt stand still. */
const SETTLED = 5e-3;
/** Part of the way that frames are moved at first and later on, as all are moved at once. */
const [FIRST_PART, LATER_PART] = [1, 0.7];
const FIRST_SWEEPS = 6;
/** Steps are halved so often where all sites at once leave nothing sound. */
const MOST_HALVINGS = 6;
/** What was taken for a camera's noise weighs as much as so many frames. */
const NOISE_WEIGHT = 10;

/** A frame that is taken for tame, to begin with; one near a limit says nothing yet. */
function tame({ frame, rows, offsets, eye, judge }: Look): Site {
	if (rows.length > 1) return { precision: [0, 0, 0], right: [0, 0], wild: 0, log: 0 };
	const precision = 1 / (eye + judge);
	return {
		precision,
		right: precision * (frame.beyond - offsets[0]),
		wild: 0,
		log: 0,
		square: 1 / precision
	};
}

const isPair = (site: Site): site is Pair => typeof site.right !== 'number';
const towards = (from: number, to: number, part: number) => from + part * (to - from);

/** A site on its way to another one. */
function between(from: Site, to: Site, part: number): Site {
	if (!isPair(from) || !isPair(to)) {
		const [a, b] = [from as Single, to as Single];
		return {
			...b,
			precision: towards(a.precision, b.precision, part),
			right: towards(a.right, b.right, part)
		};
	}
	return {
		...to,
		precision: from.precision.map((each, at) => towards(each, to.precision[at], part)) as Pair['precision'],
		right: from.right.map((each, at) => towards(each, to.right[at], part)) as Pair['right']
	};
}

/** How far a site moves, in doubts of its row. */
function distance(from: Site, to: Site, variance: number): number {
	const by = (a: number, b: number, scale: number) => Math.abs(b - a) * scale;
	const sd = Math.sqrt(variance);
	if (!isPair(from) || !isPair(to)) {
		const [a, b] = [from as Single, to as Single];
		return Math.max(by(a.precision, b.precision, variance), by(a.right, b.right, sd));
	}
	return Math.max(
		...from.precision.map((each, at) => by(each, to.precision[at], variance)),
		...from.right.map((each, at) => by(each, to.right[at], sd))
	);
}

function solvedWith(
	unknowns: Unknowns,
	sds: readonly number[],
	looks: readonly Look[],
	sites: readonly Site[]
): Known | null {
	const system = systemOf(sds, unknowns.loads.size, USUAL.load);
	sites.forEach((site, at) => {
		const { rows } = looks[at];
		if (!isPair(site)) {
			addPrecision(system, rows[0], rows[0], site.precision);
			addRight(system, rows[0], site.right);
			return;
		}
		const [a, b, d] = site.precision;
		addPrecision(system, rows[0], rows[0], a);
		addPrecision(system, rows[0], rows[1], b);
		addPrecision(system, rows[1], rows[0], b);
		addPrecision(system, rows[1], rows[1], d);
		rows.forEach((row, place) => addRight(system, row, site.right[place]));
	});
	return solved(system);
}

/** By look: mean and variance of its first row. */
type Standing = readonly { mean: number; variance: number }[];

const standingOf = (looks: readonly Look[], known: Known): Standing =>
	looks.map(({ rows: [row] }) => ({ mean: known.mean(row), variance: known.covariance(row, row) }));

/**
 * By camera: how many times larger the variance of its frames is than was taken for it; wild frames do not count.
 * Source: the step of expectation maximisation for a variance with a scaled inverse χ² prior about 1.
 */
function noiseOf(looks: readonly Look[], sites: readonly Site[]): Map<string, number> {
	const sums = new Map<string, [squares: number, frames: number]>();
	looks.forEach(({ frame, eye, judge }, at) => {
		const site = sites[at];
		if (isPair(site)) return;
		const tame = 1 - site.wild;
		const [squares, frames] = sums.get(frame.camera) ?? [NOISE_WEIGHT, NOISE_WEIGHT];
		sums.set(frame.camera, [squares + (tame * site.square) / (eye + judge), frames + tame]);
	});
	return new Map([...sums].map(([camera, [squares, frames]]) => [camera, squares / frames]));
}

/**
 * How well a noise fits what was taken for it, as a logarithm: a scaled inverse χ² about 1.
 * Its largest value with the frames' own is what `noiseOf` takes.
 */
const logNoise = (noise: ReadonlyMap<string, number>): number =>
	[...noise.values()].reduce((sum, each) => sum - (NOISE_WEIGHT / 2) * (1 / each - 1 + Math.log(each)), 0);

/** A frame's site by what the others say of it; as it was where they say nothing sound. */
function siteOf(
	look: Look,
	known: Known,
	{ mean, variance }: Standing[number],
	was: Site,
	noise: number
): Site {
	const { frame, rows, offsets, eye, judge, limit } = look;
	if (!isPair(was))
		return lookedAtOne(mean, variance, was, frame.beyond - offsets[0], (eye + judge) * noise) ?? was;
	const [free, stuck] = rows;
	const noises = { eye: eye * noise, judge: judge * noise, limit };
	return (
		lookedAtTwo(
			[mean, known.mean(stuck)],
			[variance, known.covariance(free, stuck), known.covariance(stuck, stuck)],
			was,
			offsets,
			{ y: frame.beyond, end: frame.limit!.end, noise: noises }
		) ?? was
	);
}

/**
 * Everything that the frames say of the unknowns, by expectation propagation: each frame is taken for the normal
 * look at its rows that leaves the same mean and variance as what it really is, given all the others.
 * Source: Minka 2001; the robust frame (a mixture of two normals) is his clutter problem.
 *
 * @param sds what is known of each unknown beforehand, stops
 * @param start what the frames were taken for before, where that is near
 */
export function solve(
	unknowns: Unknowns,
	sds: readonly number[],
	looks: readonly Look[],
	start: readonly Site[] = looks.map(tame)
): Solved {
	const prior = solvedWith(unknowns, sds, [], [])!;
	// What frames were taken for beside another prior may leave nothing sound beside this one.
	const begun = solvedWith(unknowns, sds, looks, start);
	let sites = begun ? start : looks.map(tame);
	let known = begun ?? solvedWith(unknowns, sds, looks, sites)!;
	let standing = standingOf(looks, known);
	let noise = noiseOf(looks, sites);
	for (let sweep = 0; sweep < MOST_SWEEPS; sweep++) {
		const next = looks.map((look, at) =>
			siteOf(look, known, standing[at], sites[at], noise.get(look.frame.camera) ?? 1)
		);
		const moved = next.reduce(
			(most, site, at) => Math.max(most, distance(sites[at], site, standing[at].variance)),
			0
		);
		let part = sweep < FIRST_SWEEPS ? FIRST_PART : LATER_PART;
		let found: Known | null = null;
		for (let halving = 0; halving < MOST_HALVINGS && !found; halving++, part /= 2) {
			const tried = next.map((site, at) => between(sites[at], site, part));
			found = solvedWith(unknowns, sds, looks, tried);
			if (found) sites = tried;
		}
		if (!found) break;
		known = found;
		standing = standingOf(looks, known);
		noise = noiseOf(looks, sites);
		if (moved < SETTLED) break;
	}
	const logSites = sites.reduce((sum, { log }) => sum + log, 0);
	const logEvidence =
		logSites + known.said + (prior.logDeterminant - known.logDeterminant) / 2 + logNoise(noise);
	return { known, sites, logEvidence, noise };
}
