import type { Habit, PlaceReading, ShadowsReading } from '../light';
import type { DrillKind } from './drill';
import type { Skill } from './skills';

/** What a light is called: daylight by a school, any other by the kind of place. */
export type Named = ShadowsReading | PlaceReading;

/** One guess of a light, and what the light was. */
export interface Guess {
	kind: 'seeing';
	/** ISO 8601 with offset. */
	at: string;
	/** The person's own day, as a calendar shows it. */
	day: string;
	/** Hour of the light, as a clock showed it where it was. */
	clock: string;
	/** What it was called. */
	named: Named;
	/** EV that the person would have gone by. */
	ev: number;
	/** EV that it was, with its doubt, stops, and who says so. */
	read: { ev: number; sd: number; by: 'drawn' | 'meter' | 'photo' };
	/** Of a drawn scene: what it was to practise, and its seed. */
	drawn?: { skill: Skill; seed: number };
}

/** One card of the settings drill, and whether it was answered rightly. */
export interface Drilled {
	kind: 'drill';
	at: string;
	day: string;
	card: DrillKind;
	right: boolean;
}

/** Whether Shoot may take the person's own doubt for that of their readings by eye. */
export interface DoubtAgreed {
	kind: 'doubt';
	at: string;
	agreed: boolean;
}

/** Whether readings of a way may be moved by what judged frames say of it: by how much, or not at all. */
export interface HabitAgreed {
	kind: 'habit';
	at: string;
	/** As wayOfReading names it. */
	way: string;
	habit: Habit | null;
}

/** What is kept of practice. */
export type Exercise = Practised | DoubtAgreed | HabitAgreed;

/** What was done on a day. */
export type Practised = Guess | Drilled;
