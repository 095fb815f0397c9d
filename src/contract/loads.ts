import { array, number, object, string } from 'yup';
import type { PlannedShot } from '../core/cine';
import { movements, type Movement, type StepDone } from '../core/develop';
import type { Aged, CineSpool, Process } from '../core/film';
import { between, instant, longText, name, positive, shortText, stops } from './fields';
import { held } from './held';
import { waterSchema } from './recipes';
import { rigSchema, type Rig } from './rigs';

/** A pack, a roll or a spool in a camera. */
export interface LoadRecord {
	cameraId: string;
	filmId: string;
	/** Frames that the load holds; of a spool, shots. */
	frames: number;
	loadedAt: string;
	/** When it was taken out; absent while it is in the camera. */
	unloadedAt?: string;
	note?: string;
	/** The photographer's own running number of its first frame; the others count on from it. */
	countsFrom?: number;
	/** What it cost, in the person's own money, with its development. */
	price?: number;
	/** How the camera counts: the frames taken, or those that are left. */
	counter?: 'up' | 'down';
	/** Frames that were taken and not noted. */
	unknown?: number[];
	/** What of the camera's list was ticked when it was loaded. */
	checked?: string[];
	/** Of cine film. */
	spool?: CineSpool;
	/** How it is to be developed. */
	process?: Process;
	/** What age has done to its pack or roll, where that is counted on. */
	aged?: Aged;
	/** How it was developed. */
	developed?: Developed;
	/** Shots that are planned on it. */
	shots?: PlannedShot[];
	/** s that had run on the first side when the spool was flipped; absent: it was not, or at its end. */
	flippedAfter?: number;
	/** What is on its camera; written by its own address, and not by replacing the load. */
	rig?: Rig;
}

/**
 * The photographer's own number of a frame, where its load counts on.
 *
 * @example runningNumber({ countsFrom: 80 }, 3) // 82
 */
export const runningNumber = ({ countsFrom }: Pick<LoadRecord, 'countsFrom'>, number: number) =>
	countsFrom === undefined ? undefined : countsFrom + number - 1;

/** A development as it was done. */
export interface Developed {
	at: string;
	/** The recipe's name. */
	recipe: string;
	/** Its id, where it was one of the shelf. */
	recipeId?: string;
	/** Parts of water to one of all its stock together; absent: as the recipe is mixed. */
	water?: number;
	/** °C at its beginning, and as it was measured on the way. */
	celsius: number[];
	steps: StepDone[];
	/** How its tank was moved; absent: as usual for the developer. */
	movement?: Movement;
}

const MOST_STEPS = 40;
const MOST_UNKNOWN = 1000;
const MOST_COUNTED = 10_000_000;

export const frameNumber = () => number().integer().min(1).max(9999);

const spool = held<CineSpool>()(
	object({
		feet: positive(4000).required(),
		sides: number().integer().min(1).max(2).required(),
		framesPerSecond: between(1, 120).required(),
		framesPerFoot: between(1, 200)
	})
);

const MOST_SHOTS = 200;
const LONGEST_SHOT = 3600;
const shot = held<PlannedShot>()(
	object({
		id: string().required().uuid(),
		title: name(),
		seconds: between(0.1, LONGEST_SHOT).required()
	})
);

const LONGEST_STEP = 604_800;
const step = held<StepDone>()(
	object({
		name: name(),
		wanted: between(0, LONGEST_STEP).required(),
		took: between(0, LONGEST_STEP).required()
	})
);
const developed = held<Developed>()(
	object({
		at: instant().required(),
		recipe: name(),
		recipeId: string().uuid(),
		water: waterSchema(),
		celsius: array(between(-10, 80).required()).required().max(MOST_STEPS),
		steps: array(step.required()).required().max(MOST_STEPS),
		movement: string<Movement>().oneOf(movements.map(({ id }) => id))
	})
);

const process = held<Process>()(
	object({
		name: name(),
		recipeId: string().uuid(),
		stops: stops(10).required(),
		push: stops(5)
	})
);

const aged = held<Aged>()(object({ stops: between(-10, 0).required(), sd: between(0, 10).required() }));

export const loadRecordSchema = held<LoadRecord>()(
	object({
		cameraId: string().required().uuid(),
		filmId: string().required().uuid(),
		frames: frameNumber().required(),
		loadedAt: instant().required(),
		unloadedAt: instant(),
		note: longText(),
		countsFrom: number().integer().min(1).max(MOST_COUNTED),
		price: between(0, 1_000_000),
		counter: string<'up' | 'down'>().oneOf(['up', 'down']),
		unknown: array(frameNumber().required()).max(MOST_UNKNOWN),
		checked: array(shortText(200).required()).max(MOST_STEPS),
		spool: spool.optional().default(undefined),
		process: process.optional().default(undefined),
		aged: aged.optional().default(undefined),
		developed: developed.optional().default(undefined),
		shots: array(shot.required()).max(MOST_SHOTS),
		flippedAfter: between(0, 86_400),
		rig: rigSchema.optional().default(undefined)
	})
);
