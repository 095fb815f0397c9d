import type { ShadowsReading } from '../types';
import type { Light } from '../types';

/** A mark on the line of light, in the unit of the way in which it was read. */
export interface FaceMark {
	ev: number;
	words: string;
	/** The condition whose picture says the same. */
	condition?: ShadowsReading['condition'];
}

/** How the line of light looks for one way of reading, and what dragging it drags. */
export interface Face {
	/** What is dragged: "the lamp", "the clock", "the sky". */
	drags: string;
	/** Whether its words are a quantity, to be read beside the EV. */
	quantity: boolean;
	/** The most telling first. */
	marks: FaceMark[];
	/** The light when the line is dragged to an EV; it may stop before that. */
	lightAt: (ev: number) => Light;
	/** The place of an EV in this unit. */
	wordsAt: (ev: number) => string;
}
