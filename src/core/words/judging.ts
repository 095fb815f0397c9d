import { factsOf, type FilmType } from '../film';
import type { MarkKind, PictureJudged, PictureWay, Thing } from '../prints';

/** How a picture of a frame is judged, in words. */

const ways: Readonly<Record<PictureWay, string>> = {
	scan: 'A scan, not corrected',
	pair: 'Your print beside a right one',
	card: 'Your print beside a grey card',
	print: 'Your print alone',
	light: 'The film on a light table'
};

/** What a picture shows, to choose from. */
export const pictureWayName = (way: PictureWay): string => ways[way];

const hints: Readonly<Record<PictureWay, string>> = {
	scan: 'Add what you know the tone of: a grey, a white shirt. Several make it surer.',
	pair: 'Both prints of the same subject on the same film, side by side in even light. Tap the corners of each picture, inside its white border.',
	card: 'A card with a white, a grey and a black patch. Tap the corners of the picture inside its white border, the three patches, and then a thing on the print that you know the tone of.',
	print:
		'Tap the corners of the picture inside its white border, and then a thing on it that you know the tone of. The phone’s own contrast stays in doubt: a right print or a card beside it is surer.',
	light: 'Tap the bare light table beside the slide, and then a thing on it that you know the tone of.'
};
const NEGATIVE =
	'A print or a scan of a negative was corrected already and tells nothing of its exposure. Put the negative itself on a light table: tap its clear base between the frames, and then a thing on it that you know the tone of.';

/** How to go about it. */
export const pictureWayHint = (way: PictureWay, type: FilmType): string =>
	factsOf(type).negative ? NEGATIVE : hints[way];

const corner = (kind: string) => kind.split('-').slice(1).join(' ');

/**
 * What a mark stands on.
 *
 * @example markName('right-top-left', 'instant') // 'Top left corner of the right one'
 */
export function markName(kind: MarkKind, type: FilmType): string {
	if (kind === 'clear') return factsOf(type).negative ? 'Clear base' : 'Bare light table';
	if (kind.startsWith('card-')) return `${corner(kind)} patch`.replace(/^./, (first) => first.toUpperCase());
	const whose = kind.startsWith('right') ? 'the right one' : 'your print';
	const where = corner(kind);
	return `${where[0].toUpperCase()}${where.slice(1)} corner of ${whose}`;
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
	corners: 'These corners make no print: go round it from the top left, clockwise.',
	'border-clipped': 'Its white border is burnt out in the picture. Take it again a little darker.',
	'border-dim':
		'Its white border is too dark in the picture. Take it again in more light, or a little lighter.',
	uneven:
		'One side of the border is over half a stop lighter than another. Take it again in even light, by a window’s shade.',
	glare: 'Something shines on the print. Turn it until no reflection is on it, and take it again.',
	card: 'These patches do not go from white through grey to black. Tap them again.'
};

/** Why a picture says nothing, and what would help. */
export const refusalInWords = (refused: Refused): string => refusals[refused];
