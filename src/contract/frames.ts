import { array, boolean, mixed, number, object, string, type TestContext } from 'yup';
import type { Filter } from '../core/camera';
import type { NegativeLook } from '../core/develop';
import type { Light } from '../core/light';
import type { Film } from '../core/film';
import type { FlashFired, Outcome, Spoiler, SpoilerKind, Verdict, Why } from '../core/match';
import { exposures } from './camera';
import { whereSchema, type Where } from './coordinates';
import {
	between,
	distance,
	exposureTime,
	filmSpeed,
	fNumber,
	instant,
	label,
	longText,
	name,
	positive,
	recordId,
	shortText,
	stops,
	zone
} from './fields';
import { choice, held } from './held';
import { filtersSchema } from './intent';
import { lightSchema } from './light';
import { frameNumber } from './loads';

export interface FrameSettings {
	/** null only where the light is: an eye's choice, or one that nobody noted. */
	f: number | null;
	seconds: number | null;
	compensation: number | null;
	iso: number | null;
	position?: string | null;
	/** The hand opened and closed the shutter. */
	handTimed?: boolean;
	/** The eye was put aside. */
	manual?: boolean;
}

/** What of its film counted for a frame: kept with it, whatever becomes of the film's record. */
export type FilmOfFrame = Pick<Film, 'name' | 'iso' | 'processStops'> & { id: string };

/** What can be wrong with a picture beside its exposure. */
export const faults = ['blur', 'focus', 'cast', 'fog', 'flare', 'dirt', 'framing'] as const;
export type Fault = (typeof faults)[number];

/** Tones that are gone. */
export const tones = ['shadows', 'highlights'] as const;
export type Tone = (typeof tones)[number];

/** How an error was told: by eye, beside simulated prints, from a scan, or from a picture of it. */
export const judges = ['eye', 'prints', 'scan', 'picture'] as const;
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

/** A close-up lens as it was on the camera: a copy of what counted. */
export interface CloseUpOn {
	id?: string;
	name: string;
	/** 1/m */
	dioptres: number;
}

export interface FrameRecord {
	loadId: string;
	number: number;
	takenAt: string;
	/** The time zone of where it was taken, by its name; absent: as `takenAt` says its offset. */
	zone?: string;
	/** null: taken without a reading. */
	light: Light | null;
	settings: FrameSettings;
	film?: FilmOfFrame;
	filters?: Filter[];
	closeUp?: CloseUpOn;
	handheld?: boolean;
	/** Whether it fired, or with which guide number and power. */
	flash?: boolean | FlashFired;
	exposures?: number;
	/** null where the light is not known. */
	predicted: Outcome | null;
	note?: string;
	subject?: string;
	/** What is to be printed with it. */
	caption?: string;
	/** Who has the print now. */
	givenTo?: string;
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
const spoilerKinds: SpoilerKind[] = ['shake', 'motion', 'near', 'far'];
const limits: NonNullable<Outcome['clamped']>[] = ['fastest', 'slowest', 'widest', 'smallest'];

const MOST_SPOILERS = 8;

const madeFields = {
	f: fNumber().required(),
	seconds: exposureTime().required()
};
const toldFields = {
	compensation: stops().nullable().defined(),
	iso: between(0.1, 1_000_000).nullable().defined()
};

const chance = () => between(0, 1).required();
const part = () => stops(60);

export const whySchema = held<Why>()(
	object({
		settings: part(),
		filmVersusEye: part(),
		wheel: part(),
		clamp: part(),
		meterElsewhere: part(),
		filters: part(),
		closeUp: part(),
		reciprocity: part(),
		flash: part(),
		exposures: part(),
		lean: part(),
		offset: part()
	})
).meta({ name: 'Why' });

export const spoilerSchema = held<Spoiler>()(
	object({
		kind: string<SpoilerKind>().required().oneOf(spoilerKinds),
		by: between(-1e6, 1e6).nullable().defined()
	})
).meta({ name: 'Spoiler' });

const oneTime = exposureTime().required();
const timesBetween = mixed<[number, number]>()
	.required()
	.meta({
		json: {
			type: 'array',
			items: { type: 'number', minimum: 1e-6, maximum: 86_400 },
			minItems: 2,
			maxItems: 2
		}
	})
	.test(
		'times',
		'must be two times in seconds',
		(value: unknown) =>
			Array.isArray(value) &&
			value.length === 2 &&
			value.every((each) => oneTime.isValidSync(each, { strict: true }))
	);

/** What a setting comes to. */
export const outcomeSchema = held<Outcome>()(
	object({
		...madeFields,
		...toldFields,
		position: label().nullable(),
		handTimed: boolean().required(),
		manual: boolean(),
		error: between(-60, 60).required(),
		why: whySchema.optional().default(undefined),
		verdict: string<Verdict>().required().oneOf(verdicts),
		chances: object({ good: chance(), usable: chance() }).required(),
		clamped: string<NonNullable<Outcome['clamped']>>().oneOf(limits).nullable().defined(),
		secondsRange: timesBetween,
		spoilers: array(spoilerSchema.required()).required().max(MOST_SPOILERS),
		focus: object({ distance: between(0, 100_000).nullable().defined(), label: label().nullable() })
			.nullable()
			.defined()
			.default(undefined),
		sharp: object({ from: between(0, 1e9).required(), to: between(0, 1e9).nullable().defined() }).required()
	})
).meta({ name: 'Outcome' });

const firedSchema = held<FlashFired>()(
	object({
		guideNumber: positive(1000).required(),
		power: between(0.0001, 1).required(),
		loss: between(0, 20),
		id: recordId(),
		name: shortText(80)
	})
).nonNullable();

const firedOrNot = boolean();
const fired = choice<typeof firedOrNot | typeof firedSchema>(
	() => [firedOrNot, firedSchema],
	(value) => (typeof value === 'object' ? firedSchema : firedOrNot)
);

const side = () => number<-1 | 0 | 1>().oneOf([-1, 0, 1]);

const judged = held<Judgement>()(
	object({
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
			grade: shortText(60),
			strip: shortText(60)
		})
			.optional()
			.default(undefined)
	})
);

const filmOfFrame = held<FilmOfFrame>()(
	object({
		id: string().uuid().required(),
		name: name(),
		iso: filmSpeed().required(),
		processStops: stops(10)
	})
);

const noLight = mixed((given): given is never => given === null)
	.nullable()
	.defined()
	.meta({ json: { type: 'null' } });
/** A light, or null where nobody read it. */
const lightOrNone = choice<typeof noLight | typeof lightSchema>(
	() => [lightSchema, noLight],
	(value) => (value === null ? noLight : lightSchema)
);

/** Fields that a frame has where its light was read, and only there. */
const ofReading = (path: string, has: (frame: FrameRecord) => boolean, or: string) => ({
	name: `read-${path}`,
	test: (value: unknown, { path: at, createError }: TestContext) => {
		const frame = value as FrameRecord;
		if (!frame?.settings || frame.light === undefined || has(frame)) return true;
		return createError({ path: at ? `${at}.${path}` : path, message: or });
	}
});
const NEEDED = 'is needed when the light was read';

/** A frame as it is kept. */
export const frameRecordSchema = held<FrameRecord>()(
	object({
		loadId: string().required().uuid(),
		number: frameNumber().required(),
		takenAt: instant().required(),
		zone: zone(),
		light: lightOrNone,
		settings: held<FrameSettings>()(
			object({
				f: fNumber().nullable().defined(),
				seconds: exposureTime().nullable().defined(),
				...toldFields,
				position: shortText(40).nullable().optional(),
				handTimed: boolean(),
				manual: boolean()
			})
		).required(),
		film: filmOfFrame.optional().default(undefined),
		filters: filtersSchema,
		closeUp: held<CloseUpOn>()(
			object({ id: recordId(), name: name(), dioptres: between(0.1, 30).required() })
		)
			.optional()
			.default(undefined),
		handheld: boolean(),
		flash: fired,
		exposures: exposures(),
		predicted: outcomeSchema.nullable().defined().default(undefined),
		note: longText(),
		subject: shortText(200),
		caption: shortText(200),
		givenTo: shortText(),
		distance: distance(),
		where: whereSchema(),
		ran: positive(86_400),
		shot: string().uuid(),
		judged: judged.optional().default(undefined),
		counted: object({ wanted: exposureTime().required(), held: exposureTime().required() })
			.optional()
			.default(undefined),
		outing: object({ id: string().required().uuid(), scene: string().required().uuid() })
			.optional()
			.default(undefined)
	})
)
	.test(ofReading('settings.f', ({ light, settings }) => light === null || settings.f !== null, NEEDED))
	.test(
		ofReading(
			'settings.seconds',
			({ light, settings }) => light === null || settings.seconds !== null,
			NEEDED
		)
	)
	.test(
		ofReading(
			'predicted',
			({ light, predicted }) => predicted === undefined || (light === null) === (predicted === null),
			'goes with a light reading: null without one'
		)
	);
