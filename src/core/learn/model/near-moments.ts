import { chanceBelow } from '../../units';

/** One frame in twenty is fogged, of another film or misjudged, and then off by stops; common practice. */
export const WILD = { share: 0.05, sd: 2 } as const;

/** Two normal quantities: their means, variances and covariance. Written out, as it is done at every sweep. */
export interface Two {
	m0: number;
	m1: number;
	v0: number;
	v01: number;
	v1: number;
}

/** What is known of two quantities after a look, and its weight as a logarithm. */
interface Weighed extends Two {
	log: number;
}

/** What came of a look; how likely the frame is wild. */
export interface Looked extends Weighed {
	wild: number;
}

/** Variances of a frame near a limit, stops²: of the eye, of the judge, of where the limit is met. */
export interface NearNoise {
	eye: number;
	judge: number;
	limit: number;
}

const logNormal = (away: number, variance: number) =>
	-(away * away) / (2 * variance) - Math.log(2 * Math.PI * variance) / 2;

/** Below this Φ is taken from the first terms of its asymptotic series. */
const FAR = -30;

/** φ(z)/Φ(z), and ln Φ(z) where it is asked for with it. */
function tailOf(z: number): [ratio: number, logChance: number] {
	if (z < FAR) return [-z - 1 / z, logNormal(z, 1) - Math.log(-z)];
	const chance = chanceBelow(z);
	return [Math.exp(logNormal(z, 1)) / chance, Math.log(chance)];
}

/** What is known when a0·p0 + a1·p1 was seen as y with a variance. Source: the Kalman filter's measurement update. */
function seenAt(two: Two, a0: number, a1: number, y: number, variance: number): Weighed {
	const { m0, m1, v0, v01, v1 } = two;
	const [c0, c1] = [v0 * a0 + v01 * a1, v01 * a0 + v1 * a1];
	const total = variance + a0 * c0 + a1 * c1;
	const away = y - a0 * m0 - a1 * m1;
	return {
		m0: m0 + (c0 * away) / total,
		m1: m1 + (c1 * away) / total,
		v0: v0 - (c0 * c0) / total,
		v01: v01 - (c0 * c1) / total,
		v1: v1 - (c1 * c1) / total,
		log: logNormal(away, total)
	};
}

/** The least variance that a sum of two can have. */
const LEAST = 1e-12;

/**
 * What is known when a0·p0 + a1·p1 + c, with a variance, is above 0: the moments of a normal cut off by Φ.
 * Source: the probit step of expectation propagation (Rasmussen and Williams 2006, chapter 3.6).
 */
function above(two: Weighed, a0: number, a1: number, c: number, variance: number): Weighed {
	const { m0, m1, v0, v01, v1, log } = two;
	const [c0, c1] = [v0 * a0 + v01 * a1, v01 * a0 + v1 * a1];
	const total = Math.max(LEAST, variance + a0 * c0 + a1 * c1);
	const sd = Math.sqrt(total);
	const z = (a0 * m0 + a1 * m1 + c) / sd;
	const [ratio, logChance] = tailOf(z);
	const cut = (ratio * (z + ratio)) / total;
	return {
		m0: m0 + (c0 * ratio) / sd,
		m1: m1 + (c1 * ratio) / sd,
		v0: v0 - c0 * c0 * cut,
		v01: v01 - c0 * c1 * cut,
		v1: v1 - c1 * c1 * cut,
		log: log + logChance
	};
}

/** Two possibilities as one: the moments of their mixture. */
function mixed(a: Weighed, b: Weighed): Weighed & { share: number } {
	const most = Math.max(a.log, b.log);
	const [wa, wb] = [Math.exp(a.log - most), Math.exp(b.log - most)];
	const share = wb / (wa + wb);
	const [d0, d1] = [b.m0 - a.m0, b.m1 - a.m1];
	const apart = share * (1 - share);
	return {
		m0: a.m0 + share * d0,
		m1: a.m1 + share * d1,
		v0: a.v0 + share * (b.v0 - a.v0) + apart * d0 * d0,
		v01: a.v01 + share * (b.v01 - a.v01) + apart * d0 * d1,
		v1: a.v1 + share * (b.v1 - a.v1) + apart * d1 * d1,
		log: most + Math.log(wa + wb),
		share
	};
}

/** One of the two is the larger: a normal look at it, and the other one below where it really was, given y. */
function byFirst(before: Two, y: number, own: number, other: number, judge: number): Weighed {
	const total = own + judge;
	return above(
		seenAt(before, 1, 0, y, total),
		judge / total,
		-1,
		(own / total) * y,
		(own * judge) / total + other
	);
}

function bySecond(before: Two, y: number, own: number, other: number, judge: number): Weighed {
	const total = own + judge;
	return above(
		seenAt(before, 0, 1, y, total),
		-1,
		judge / total,
		(own / total) * y,
		(own * judge) / total + other
	);
}

/**
 * A frame near the fastest time: y = max(p0 + s, p1 + r) + j, p0 what the eye would give, p1 what the limit
 * gives, both with all that film, pack and judge add; s, r and j noise; tame or wild.
 * Source: the density of a maximum of two normal quantities, by parts.
 */
export function lookedNearFastest(before: Two, y: number, { eye, judge, limit }: NearNoise): Looked {
	const either = (noise: number, share: number): Weighed => {
		const both = mixed(byFirst(before, y, eye, limit, noise), bySecond(before, y, limit, eye, noise));
		return { ...both, log: both.log + Math.log(share) };
	};
	const { share, ...all } = mixed(either(judge, 1 - WILD.share), either(judge + WILD.sd ** 2, WILD.share));
	return { ...all, wild: share };
}

/** The same near the slowest time, where the smaller of the two counts: everything the other way round. */
export function lookedNearSlowest(before: Two, y: number, noise: NearNoise): Looked {
	const turned = lookedNearFastest({ ...before, m0: -before.m0, m1: -before.m1 }, -y, noise);
	return { ...turned, m0: -turned.m0, m1: -turned.m1 };
}
