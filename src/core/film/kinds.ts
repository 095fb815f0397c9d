import type { Film } from './types';

/** A kind of film to start from: typical values, its name is the person's. */
export interface FilmKind {
	id: string;
	name: string;
	film: Omit<Film, 'name'>;
}

const TUNGSTEN = 3200;

const colour = (iso: number): FilmKind => ({
	id: `colour-${iso}`,
	name: `Colour print ${iso}`,
	film: { type: 'colour-negative', iso }
});
const blackAndWhite = (iso: number, words: string): FilmKind => ({
	id: `bw-${iso}`,
	name: `Black-and-white ${iso}, ${words}`,
	film: { type: 'bw-negative', iso }
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
	{ id: 'slide-50', name: 'Slide 50', film: { type: 'reversal', iso: 50 } },
	{ id: 'slide-100', name: 'Slide 100', film: { type: 'reversal', iso: 100 } },
	{
		id: 'slide-160-lamp',
		name: 'Slide 160, for lamplight',
		film: { type: 'reversal', iso: 160, balance: TUNGSTEN }
	},
	{
		id: 'bw-slide-100',
		name: 'Black-and-white slide 100',
		film: { type: 'bw-reversal', iso: 100 }
	},
	{ id: 'instant-160', name: 'Instant 160', film: { type: 'instant', iso: 160 } },
	{ id: 'instant-640', name: 'Instant 640', film: { type: 'instant', iso: 640 } },
	{ id: 'instant-800', name: 'Instant 800', film: { type: 'instant', iso: 800 } },
	{
		id: 'peel-apart-100',
		name: 'Peel-apart 100',
		film: { type: 'peel-apart', iso: 100 }
	},
	{ id: 'cine-40', name: 'Cine reversal 40', film: { type: 'reversal', iso: 40 } }
];
