import { factsOf, type FilmType } from '../film';
import { levelled, luminanceAbout, type LevelledPrint, type Pixels, type Refusal } from './levelled';
import { onPrint, type Point, type Quad } from './quad';
import { curveByCard, errorByBorder, errorByPair, errorBySpotsOf, errorByWhole } from './references';
import { errorBySpots, LEAST_JUDGED, type Thing, type Told } from './spots';
import { errorThrough } from './through-light';

/*
 * How a frame came out, by a picture of it and by marks that a person sets on that picture.
 */

/** What a picture shows: a scan; a print beside a right one, beside a card, alone; film against light. */
export type PictureWay = 'scan' | 'pair' | 'card' | 'print' | 'light';

/** What a mark stands on. */
export type MarkKind =
	| `${'print' | 'right'}-${'top' | 'bottom'}-${'left' | 'right'}`
	| `card-${'white' | 'grey' | 'black'}`
	| 'clear';

const cornersOf = <P extends 'print' | 'right'>(print: P) =>
	[`${print}-top-left`, `${print}-top-right`, `${print}-bottom-right`, `${print}-bottom-left`] as const;

/** Marks that a way needs before it says anything, in the order in which they are set. */
export const marksOf: Readonly<Record<PictureWay, readonly MarkKind[]>> = {
	scan: [],
	pair: [...cornersOf('print'), ...cornersOf('right')],
	card: [...cornersOf('print'), 'card-white', 'card-grey', 'card-black'],
	print: cornersOf('print'),
	light: ['clear']
};

/** Ways that are told by things of which it is known what they were. */
export const hasSpots = (way: PictureWay): boolean => way !== 'pair';

/**
 * What a picture of a film can show; a phone's picture by what lies beside the print, the surest first. A print or a scan of a negative was corrected already, and a
 * slide has no border.
 *
 * @example waysToJudge('bw-negative') // ['light']
 */
export function waysToJudge(type: FilmType): PictureWay[] {
	const { negative, holder } = factsOf(type);
	if (negative) return ['light'];
	return holder === 'spool' ? ['light', 'scan'] : ['pair', 'card', 'print', 'scan'];
}

/** Marks as far as they are set, and spots with what they were. */
export interface Marked {
	marks: Partial<Record<MarkKind, Point>>;
	spots: readonly { thing: Thing; at: Point }[];
}

/** What a picture says. */
export type PictureJudged =
	| { told: Told; counts: boolean }
	/** It says nothing, and why; a card whose patches are not white, grey and black. */
	| { refused: Refusal | 'card' }
	/** Marks or spots are missing. */
	| null;

/** Where a whole picture is looked at. */
const ACROSS = 16;
const PLACES: readonly Point[] = Array.from({ length: ACROSS ** 2 }, (_, at) => ({
	x: ((at % ACROSS) + 0.5) / ACROSS,
	y: (Math.floor(at / ACROSS) + 0.5) / ACROSS
}));

/** A spot is looked at over this part of the picture's width. */
const SPOT = 0.015;

/** A judgement as it weighs: never as more than one beside simulated prints. */
const asJudged = (told: Told | null, counts = true): PictureJudged =>
	told && { told: { ...told, sd: Math.max(LEAST_JUDGED, told.sd) }, counts };

function quadOf(marks: Marked['marks'], print: 'print' | 'right'): Quad | null {
	const corners = cornersOf(print).map((corner) => marks[corner]);
	return corners.every((corner) => corner !== undefined) ? (corners as unknown as Quad) : null;
}

/**
 * How a frame came out by a picture of it.
 *
 * @returns null until all is marked that the way needs
 */
export function judgedByPicture(
	way: PictureWay,
	type: FilmType,
	pixels: Pixels,
	{ marks, spots }: Marked
): PictureJudged {
	const radius = Math.max(1, Math.round((SPOT * pixels.width) / 2));
	const about = (place: Point) => luminanceAbout(pixels, place, radius);
	if (way === 'scan') {
		const seen = spots.map(({ thing, at }) => ({ thing, reflectance: about(at) }));
		return seen.length > 0
			? asJudged(errorBySpots(type, seen))
			: asJudged(errorByWhole(type, PLACES.map(about)), false);
	}
	if (way === 'light') {
		const { clear } = marks;
		if (!clear) return null;
		const base = about(clear);
		return asJudged(
			errorThrough(
				type,
				spots.map(({ thing, at }) => ({ thing, through: about(at) / base }))
			)
		);
	}
	return judgedPrint(way, type, pixels, { marks, spots }, about);
}

function judgedPrint(
	way: 'pair' | 'card' | 'print',
	type: FilmType,
	pixels: Pixels,
	{ marks, spots }: Marked,
	about: (place: Point) => number
): PictureJudged {
	const quad = quadOf(marks, 'print');
	if (!quad) return null;
	const print = levelled(pixels, quad);
	if ('refused' in print) return print;
	if (way === 'pair') return judgedPair(type, pixels, print, quadOf(marks, 'right'));
	const tones = tonesOf(print, quad, spots);
	if (way === 'print')
		return tones.length > 0
			? asJudged(errorBySpotsOf(type, tones))
			: asJudged(errorByBorder(type, print), false);
	const { 'card-white': white, 'card-grey': grey, 'card-black': black } = marks;
	if (!white || !grey || !black) return null;
	const curve = curveByCard({ white: about(white), grey: about(grey), black: about(black) });
	return curve ? asJudged(errorBySpotsOf(type, tones, curve)) : { refused: 'card' };
}

function judgedPair(type: FilmType, pixels: Pixels, print: LevelledPrint, quad: Quad | null): PictureJudged {
	if (!quad) return null;
	const right = levelled(pixels, quad);
	return 'refused' in right ? right : asJudged(errorByPair(type, print, right));
}

function tonesOf(print: LevelledPrint, quad: Quad, spots: Marked['spots']) {
	const back = onPrint(quad);
	return spots.map(({ thing, at }) => {
		const { u, v } = back(at);
		return { thing, tone: print.at(u, v) };
	});
}
