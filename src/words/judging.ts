import { factsOf, type FilmType } from '../core/film';
import type { MarkKind, PictureJudged, PictureWay, Thing } from '../core/prints';
import { capital } from './capital';

/** How a picture of a frame is judged, in words. */

const ways: Readonly<Record<PictureWay, string>> = {
	scan: 'An uncorrected scan',
	pair: 'Your print beside a good one',
	card: 'Your print beside a grey card',
	print: 'Your print alone',
	light: 'The film on a light table'
};

/** What a picture shows, to choose from. */
export const pictureWayName = (way: PictureWay): string => ways[way];

const hints: Readonly<Record<PictureWay, string>> = {
	scan: 'Add anything whose tone you know: a grey card, a white shirt. More make it surer.',
	pair: 'Both prints of the same subject on the same film, side by side in even light. Tap the corners of each picture, inside its white border.',
	card: 'A card with a white, a grey and a black patch. Tap the corners of the picture inside its white border, the three patches, then something on the print whose tone you know.',
	print:
		'Tap the corners of the picture inside its white border, then something on it whose tone you know. The phone’s own contrast is unknown: a good print or a card beside it is surer.',
	light: 'Tap the bare light table beside the slide, then something on the slide whose tone you know.'
};
const NEGATIVE =
	'A print or scan of a negative has already been corrected, so it says nothing about exposure. Put the negative on a light table: tap the clear base between frames, then something on it whose tone you know.';

/** How to go about it. */
export const pictureWayHint = (way: PictureWay, type: FilmType): string =>
	factsOf(type).negative ? NEGATIVE : hints[way];

const corner = (kind: string) => kind.split('-').slice(1).join(' ');

/**
 * What a mark stands on.
 *
 * @example markName('right-top-left', 'instant') // 'Top left corner of the good one'
 */
export function markName(kind: MarkKind, type: FilmType): string {
	if (kind === 'clear') return factsOf(type).negative ? 'Clear base' : 'Bare light table';
	if (kind.startsWith('card-')) return `${corner(kind)} patch`.replace(/^./, (first) => first.toUpperCase());
	const whose = kind.startsWith('right') ? 'the good one' : 'your print';
	const where = corner(kind);
	return `${capital(where)} corner of ${whose}`;
}

const things: Readonly<Record<Thing, string>> = {
	grey: 'a grey card, weathered wood, wet stone',
	skin: 'pale skin in the light',
	white: 'a white shirt in the light',
	shadow: 'a shadow with detail in it'
};

/** What a spot was. */
export const thingName = (thing: Thing): string => things[thing];

type Refused = Extract<PictureJudged, { refused: unknown }>['refused'];

const refusals: Readonly<Record<Refused, string>> = {
	corners: 'These corners don’t make a print. Go clockwise from the top left.',
	'border-clipped': 'Its white border is blown out in the picture. Take it again a little darker.',
	'border-dim':
		'Its white border is too dark in the picture. Take it again in more light, or a little lighter.',
	uneven:
		'One side of the border is over half a stop lighter than another. Take it again in even light, by a window’s shade.',
	glare: 'There’s a reflection on the print. Turn it until the reflection is gone, and take it again.',
	card: 'These patches don’t go from white through grey to black. Tap them again.'
};

/** Why a picture says nothing, and what would help. */
export const refusalInWords = (refused: Refused): string => refusals[refused];
