import type { Film } from './types';

/** A kind of film to start from: typical values, its name is the person's. */
export interface FilmKind {
	id: string;
	name: string;
	film: Omit<Film, 'name'>;
}

/** Reciprocity: common practice by type; a film's own sheet is better. */
const negative = { from: 1, exponent: 1.3 };
const slide = { from: 1, exponent: 1.15 };
const instant = { from: 1, exponent: 1.2 };
const TUNGSTEN = 3200;

const colour = (iso: number): FilmKind => ({
	id: `colour-${iso}`,
	name: `Colour print ${iso}`,
	film: { type: 'colour-negative', iso, reciprocity: negative }
});
const blackAndWhite = (iso: number, words: string): FilmKind => ({
	id: `bw-${iso}`,
	name: `Black-and-white ${iso}, ${words}`,
	film: { type: 'bw-negative', iso, reciprocity: negative }
});

/** Every kind of film to start from. Speeds and balances: common practice. */
export const filmKinds: readonly FilmKind[] = [
	colour(100),
	colour(200),
	colour(400),
	colour(800),
	blackAndWhite(50, 'slow'),
	blackAndWhite(100, 'medium'),
	blackAndWhite(400, 'fast'),
	{ id: 'slide-50', name: 'Slide 50', film: { type: 'reversal', iso: 50, reciprocity: slide } },
	{ id: 'slide-100', name: 'Slide 100', film: { type: 'reversal', iso: 100, reciprocity: slide } },
	{
		id: 'slide-160-lamp',
		name: 'Slide 160, for lamplight',
		film: { type: 'reversal', iso: 160, reciprocity: slide, balance: TUNGSTEN }
	},
	{ id: 'instant-160', name: 'Instant 160', film: { type: 'instant', iso: 160, reciprocity: instant } },
	{ id: 'instant-640', name: 'Instant 640', film: { type: 'instant', iso: 640, reciprocity: instant } },
	{ id: 'instant-800', name: 'Instant 800', film: { type: 'instant', iso: 800, reciprocity: instant } },
	{
		id: 'peel-apart-100',
		name: 'Peel-apart 100',
		film: { type: 'peel-apart', iso: 100, reciprocity: instant }
	},
	{ id: 'cine-40', name: 'Cine reversal 40', film: { type: 'reversal', iso: 40, reciprocity: slide } }
];
