import type { Priors, TaughtFrame } from './taught';
import {
	besideParts,
	bodyParts,
	nameOf,
	rowOf,
	wayParts,
	type Parts,
	type Row,
	type Unknowns
} from './unknowns';

/** A frame as a look at the unknowns. */
export interface Look {
	frame: TaughtFrame;
	/** One; near a limit what the eye would give, and what the limit gives. */
	rows: Row[];
	/** What is added to each row: what was known of the body beforehand, or where the limit is. */
	offsets: number[];
	/** Variances of what is new at this frame, stops²: of the eye, of the judge, of where a limit is met. */
	eye: number;
	judge: number;
	limit: number;
}

/** A limit farther off than this, of what a body may give, is out of reach, stops. */
const NEAR = 2.5;

/**
 * A frame as a look: by hand body + film + pack + judge − way of reading; an eye follows the light, and the way
 * is not in it, unless a limit held it.
 */
export function lookOf(unknowns: Unknowns, priors: Priors, frame: TaughtFrame): Look {
	const { camera, load, limit, gamma } = frame;
	const { stops } = priors.bodies.get(camera)!;
	const judge = frame.judgeSd ** 2;
	const fresh = frame.freshSd ** 2;
	const row = (...parts: Parts[]) => rowOf(unknowns, parts.flat(), load);
	const beside = besideParts(frame);
	const free = row(bodyParts(unknowns, frame), beside, wayParts(frame, gamma));
	const look = {
		frame,
		rows: [free],
		offsets: [stops],
		eye: frame.scatter ** 2 + gamma ** 2 * fresh,
		judge,
		limit: 0
	};
	if (frame.held) {
		return { ...look, rows: [row(beside, wayParts(frame, 1))], offsets: [0], eye: fresh };
	}
	if (!limit) return look;
	const { end, at } = limit;
	const stuck = row(beside, wayParts(frame, 1), [[nameOf.limit(camera, end), 1]]);
	if (Math.abs(at) <= NEAR) return { ...look, rows: [free, stuck], offsets: [stops, at], limit: fresh };
	const ranIntoIt = end === 'fastest' ? at > 0 : at < 0;
	return ranIntoIt ? { ...look, rows: [stuck], offsets: [at], eye: fresh } : look;
}
