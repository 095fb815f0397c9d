import { besideParts, bodyParts, limitPart, wayParts, wheelMiddle, type Part, type World } from './parts';
import type { NearLimit, TaughtFrame } from './taught';
import { addRow, type Row, type Unknowns } from './unknowns';

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

/** Whether an eye ran into a limit by what was expected. */
export const ranInto = ({ end, at }: NearLimit): boolean => (end === 'fastest' ? at > 0 : at < 0);

/** Whether a limit may have held an eye at all. */
export const mayHold = (limit: NearLimit): boolean => Math.abs(limit.at) <= NEAR || ranInto(limit);

/**
 * A frame as a look: by hand body + film + pack + judge − way of reading; an eye follows the light, and the way
 * is not in it, unless a limit held it.
 */
export function lookOf(unknowns: Unknowns, world: World, frame: TaughtFrame): Look {
	const { camera, load, limit, gamma } = frame;
	const stops = world.priors.bodies.get(camera)!.stops + wheelMiddle(world, camera, frame.wheel);
	const judge = frame.judgeSd ** 2;
	const fresh = frame.freshSd ** 2;
	const beside = besideParts(world, frame);
	const stuck = [...beside, ...wayParts(world, frame, 1)];
	const row = (parts: Part[]) => addRow(unknowns, parts, load);
	const held = (parts: Part[], at: number): Look => ({
		frame,
		rows: [row(parts)],
		offsets: [at],
		eye: fresh,
		judge,
		limit: 0
	});
	if (frame.held) return held(stuck, 0);
	const atLimit = limit && [...stuck, limitPart(camera, limit.end)];
	if (limit && Math.abs(limit.at) > NEAR && ranInto(limit)) return held(atLimit!, limit.at);
	const free = row([...bodyParts(world, frame), ...beside, ...wayParts(world, frame, gamma)]);
	const look = { frame, eye: frame.scatter ** 2 + gamma ** 2 * fresh, judge };
	if (!limit || Math.abs(limit.at) > NEAR) return { ...look, rows: [free], offsets: [stops], limit: 0 };
	return { ...look, rows: [free, row(atLimit!)], offsets: [stops, limit.at], limit: fresh };
}
