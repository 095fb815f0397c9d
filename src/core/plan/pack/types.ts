import type { Camera, Filter } from '../../camera';
import type { Film, Takes } from '../../film';
import type { Light } from '../../light';
import type { Intent, Outcome } from '../../match';

/** What a picture is wanted on. */
export type FilmWish = 'colour' | 'black-and-white' | 'instant';

/** A picture or some that an outing is made for. */
export interface PackScene {
	name: string;
	light: Light;
	/** What is wanted; by hand or on a support is free where it does not say. */
	intent?: Intent;
	/** Wanted on; absent: on anything. */
	on?: FilmWish;
	/** At least this f-number, for depth. */
	depth?: number;
	/** How many frames it may take. */
	frames: number;
}

export interface PackCamera {
	camera: Camera;
	/** What goes into it; absent: every film does. */
	takes?: Takes;
}

export interface PackFilm {
	film: Film;
	/** Frames of a pack or roll. */
	frames: number;
	/** Of a pack or roll, in the person's own money. */
	price?: number;
	/** Packs or rolls that there are; absent: nobody counts them. */
	left?: number;
	/** What is of it in cameras now, by their place in the question. */
	inside?: { camera: number; frames: number }[];
}

/** What there is, and what for. */
export interface PackQuestion {
	cameras: PackCamera[];
	films: PackFilm[];
	filters: Filter[];
	/** Whether there is a support to carry. */
	tripod: boolean;
	scenes: PackScene[];
}

/** How a scene is taken; cameras, films and filters by their place in the question. */
export interface Use {
	camera: number;
	film: number;
	filters: number[];
	support: boolean;
	outcome: Outcome;
}

/** A film that is carried. */
export interface CarriedFilm {
	film: number;
	/** Packs or rolls beside what is in the camera. */
	loads: number;
	/** Cameras that it is in already, with frames enough or some of them. */
	inside: number[];
	/** How many of those packs are not there; null where nobody counts them. */
	buy: number | null;
	/** null where its price is not known. */
	cost: number | null;
}

/** The least that is carried for the scenes. */
export interface Packing {
	cameras: number[];
	films: CarriedFilm[];
	filters: number[];
	support: boolean;
	/** Cameras, films, filters and a support, each as one. */
	things: number;
	/** Of all films; null where one has no price. */
	cost: number | null;
	/** Of what is not there; null where a price is not known. */
	purchase: number | null;
	/** What each scene gets; null where nothing that there is covers it. */
	uses: (Use | null)[];
}

/** One thing that is not there. */
export type Extra =
	| { kind: 'support' }
	| { kind: 'filter'; name: string; /** It covers the eye as well. */ overMeter?: true }
	| { kind: 'film'; name: string }
	| { kind: 'camera'; name: string };

/** One thing more, and the scenes that it would cover. */
export interface OneMore {
	extra: Extra;
	scenes: number[];
}

/** Two things more, and the scenes that they would cover together. */
export interface TwoMore {
	extras: [Extra, Extra];
	scenes: number[];
}
