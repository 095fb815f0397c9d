import { plainFormat } from './formats';

/** Frames on one roll or pack, by their size, mm. */
interface FrameCount {
	width: number;
	height: number;
	count: number;
}

const frames = (width: number, height: number, count: number): FrameCount => ({ width, height, count });

/** A roll 61.5 mm wide and some 82 cm long. Source: ISO 732 and the marks on backing paper, from memory. */
const ROLL = [
	frames(56, 42, 15),
	frames(56, 56, 12),
	frames(56, 70, 10),
	frames(56, 84, 8),
	frames(56, 112, 6),
	frames(56, 168, 4)
];

/** By format. Source: ISO 1007 and 1200 and the boxes of the trade, from memory. */
const counts: Readonly<Record<string, readonly FrameCount[]>> = {
	'35 mm': [frames(36, 24, 36), frames(18, 24, 72), frames(58, 24, 20)],
	'120': ROLL,
	'620': ROLL,
	'127': [frames(40, 40, 12), frames(40, 65, 8), frames(40, 30, 16)],
	'110 cartridge': [frames(17, 13, 24)],
	'126 cartridge': [frames(28, 28, 24)],
	'sheet 4 × 5': [frames(121, 95, 1)],
	'instant pack with battery': [frames(79, 79, 8)],
	'instant pack without battery': [frames(79, 79, 8)],
	'instant mini': [frames(62, 46, 10)],
	'instant square': [frames(62, 62, 10)],
	'instant wide': [frames(99, 62, 10)],
	'peel-apart pack': [frames(95, 73, 10)],
	'small peel-apart pack': [frames(83, 61, 10)]
};

/** Sides of a frame that differ by no more than this are the same, part of them. */
const SAME_SIDE = 0.12;

/**
 * How many frames of a size a roll or pack of a format holds.
 *
 * @param frame mm, either way round
 * @returns null where neither is known
 * @example framesOn('120', { width: 57, height: 83 }) // 8
 */
export function framesOn(
	format: string | undefined,
	frame: { width: number; height: number } | undefined
): number | null {
	if (format === undefined || frame === undefined) return null;
	const known = counts[plainFormat(format)] ?? [];
	const sides = ({ width, height }: { width: number; height: number }) =>
		[width, height].sort((a, b) => a - b);
	const [short, long] = sides(frame);
	const off = (each: { width: number; height: number }) => {
		const [least, most] = sides(each);
		return Math.max(Math.abs(short / least - 1), Math.abs(long / most - 1));
	};
	const fitting = known.filter((each) => off(each) <= SAME_SIDE).sort((a, b) => off(a) - off(b));
	return fitting.at(0)?.count ?? null;
}

/** Film 35 mm wide: its image between the holes, its way for a frame (8 holes of 4.75 mm), and how many of those a cassette holds. Source: ISO 1007, from memory. */
const CASSETTE = { height: 24, frame: 38, frames: 36 } as const;
/** A body for wide film, whose frames lie across the roll, mm: ISO 732, from memory. */
const ACROSS = 56;
/** What is lost between frames where turns are counted, mm; common practice. */
const BETWEEN = 6;

/** Frames of a film in a body that was made for a wider one. */
export interface AdaptedFrames {
	count: number;
	/** Of the image, mm: across the film, and along it. */
	across: number;
	along: number;
}

/**
 * How many frames 35 mm film gives in a body for roll film, where only the middle of its frame is on the film
 * and turns are counted.
 *
 * @param film its format
 * @param format that of the body
 * @param frame of the body, mm, either way round
 * @returns null for any other pair of formats, and where the frame is not known
 * @example framesAdapted('35 mm', '120', { width: 84, height: 56 }) // { count: 15, across: 24, along: 84 }
 */
export function framesAdapted(
	film: string | undefined,
	format: string | undefined,
	frame: { width: number; height: number } | undefined
): AdaptedFrames | null {
	const wide = format !== undefined && ['120', '620'].includes(plainFormat(format));
	if (!wide || !frame || film === undefined || plainFormat(film) !== '35 mm') return null;
	const sides = [frame.width, frame.height].sort((a, b) => Math.abs(a - ACROSS) - Math.abs(b - ACROSS));
	const along = sides[1];
	const count = Math.floor((CASSETTE.frames * CASSETTE.frame) / (along + BETWEEN));
	return count > 0 ? { count, across: CASSETTE.height, along } : null;
}
