import { array, boolean, lazy, number, object, string, type ObjectSchema } from 'yup';
import type { Filter } from '../core/camera';
import type { NegativeLook } from '../core/develop';
import type { Light } from '../core/light';
import type { FlashFired, Outcome, Spoiler, Verdict } from '../core/match';
import { exposures } from './camera';
import { whereSchema, type Where } from './coordinates';
import {
	between,
	distance,
	exposureTime,
	fNumber,
	instant,
	label,
	longText,
	positive,
	shortText,
	stops
} from './fields';
import { filtersSchema } from './intent';
import { lightSchema } from './light';
import { frameNumber } from './loads';

export interface FrameSettings {
	f: number;
	seconds: number;
	compensation: number | null;
	iso: number | null;
	position?: string | null;
}

/** What can be wrong with a picture beside its exposure. */
export const faults = ['blur', 'focus', 'cast', 'fog', 'flare', 'dirt', 'framing'] as const;
export type Fault = (typeof faults)[number];

/** Tones that are gone. */
export const tones = ['shadows', 'highlights'] as const;
export type Tone = (typeof tones)[number];

/** How an error was told: by eye, beside simulated prints, or from a scan. */
export const judges = ['eye', 'prints', 'scan'] as const;
export type Judge = (typeof judges)[number];

/** How a frame came out. */
export interface Judgement {
	/** Stops, + = too light. */
	stops: number;
	/** Doubt of it, stops. */
	sd: number;
	by: Judge;
	judgedAt: string;
	lost?: Tone[];
	faults?: Fault[];
	/** A picture to keep, or not. */
	kept?: boolean;
	/** How its negative looks. */
	look?: NegativeLook;
}

export interface FrameRecord {
	loadId: string;
	number: number;
	takenAt: string;
	light: Light;
	settings: FrameSettings;
	filters?: Filter[];
	handheld?: boolean;
	/** Whether it fired, or with which guide number and power. */
	flash?: boolean | FlashFired;
	exposures?: number;
	predicted: Outcome;
	note?: string;
	subject?: string;
	/** To the subject, m. */
	distance?: number;
	where?: Where;
	/** How long a cine shot ran, s. */
	ran?: number;
	/** The planned shot of its load that it was taken for. */
	shot?: string;
	judged?: Judgement;
	/** A time that was counted by a person, or that an eye took: as it was to be, and as it was, s. */
	counted?: { wanted: number; held: number };
	/** The scene of an outing that it was taken for. */
	outing?: { id: string; scene: string };
}

export const verdicts: Verdict[] = ['just-enough', 'usable', 'too-dark', 'too-light'];
const spoilers: Spoiler[] = ['shake', 'motion', 'near'];
const limits: NonNullable<Outcome['clamped']>[] = ['fastest', 'slowest', 'widest', 'smallest'];

const MOST_SPOILERS = 8;

const settingFields = {
	f: fNumber().required(),
	seconds: exposureTime().required(),
	compensation: stops().nullable().defined(),
	iso: between(0.1, 1_000_000).nullable().defined()
};

const chance = () => between(0, 1).required();

const outcomeFields = {
	...settingFields,
	position: label().nullable(),
	error: between(-60, 60).required(),
	verdict: string<Verdict>().required().oneOf(verdicts),
	chances: object({ good: chance(), usable: chance() }).required(),
	clamped: string<NonNullable<Outcome['clamped']>>().oneOf(limits).nullable().defined(),
	secondsRange: array(exposureTime().required()).length(2).required(),
	spoilers: array(string<Spoiler>().required().oneOf(spoilers)).required().max(MOST_SPOILERS),
	focus: object({ distance: between(0, 100_000).nullable().defined(), label: label().nullable() })
		.nullable()
		.default(undefined),
	sharp: object({ from: between(0, 1e9).required(), to: between(0, 1e9).nullable().defined() }).required()
};
outcomeFields satisfies Record<keyof Outcome, unknown>;

/** What a setting comes to. */
export const outcomeSchema = object(outcomeFields).meta({ name: 'Outcome' });

const firedSchema = object({
	guideNumber: positive(1000).required(),
	power: between(0.0001, 1).required(),
	loss: between(0, 20),
	name: shortText(80)
})
	.nonNullable()
	.default(undefined);

const firedOrNot = boolean();

const side = () => number<-1 | 0 | 1>().oneOf([-1, 0, 1]);

const judgedFields = {
	stops: stops(10).required(),
	sd: between(0.01, 10).required(),
	by: string<Judge>().required().oneOf(judges),
	judgedAt: instant().required(),
	lost: array(string<Tone>().required().oneOf(tones)).max(tones.length),
	faults: array(string<Fault>().required().oneOf(faults)).max(faults.length),
	kept: boolean(),
	look: object({
		density: side(),
		contrast: side(),
		coarse: boolean(),
		streaks: boolean(),
		grade: shortText(60)
	}).default(undefined)
};
judgedFields satisfies Record<keyof Judgement, unknown>;

const frameFields = {
	loadId: string().required().uuid(),
	number: frameNumber().required(),
	takenAt: instant().required(),
	light: lightSchema,
	settings: object({ ...settingFields, position: shortText(40).nullable().optional() }).required(),
	filters: filtersSchema,
	handheld: boolean(),
	flash: lazy((value: unknown) => (typeof value === 'object' ? firedSchema : firedOrNot)).meta({
		anyOf: () => [firedOrNot, firedSchema]
	}),
	exposures: exposures(),
	predicted: outcomeSchema.required(),
	note: longText(),
	subject: shortText(200),
	distance: distance(),
	where: whereSchema(),
	ran: positive(86_400),
	shot: string().uuid(),
	judged: object(judgedFields).default(undefined),
	counted: object({ wanted: exposureTime().required(), held: exposureTime().required() }).default(undefined),
	outing: object({ id: string().required().uuid(), scene: string().required().uuid() }).default(undefined)
};
frameFields satisfies Record<keyof FrameRecord, unknown>;
export const frameRecordSchema = object(frameFields) as unknown as ObjectSchema<FrameRecord>;
