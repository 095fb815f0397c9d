import { array, boolean, number, object, string } from 'yup';
import type { Camera } from '../core/camera';
import type { Held, Way } from '../core/compare';
import type { Film } from '../core/film';
import { grounds, type Exposed, type Ground, type Light, type Sky } from '../core/light';
import { wishProblems, type Intent } from '../core/match';
import { typicalSkies, type SkyShares } from '../core/plan';
import { cameraSchema } from './camera';
import { coordinates } from './coordinates';
import { between, name, recordId, stops } from './fields';
import { filmSchema } from './film';
import { choice, held } from './held';
import { filtersSchema, flashPower, intentSchema } from './intent';
import { exposed, lightSchema, skies } from './light';
import { yearOfSun } from './plan';
import { skiesOfPlace } from './skies';
import { check, type Checked, type Issue } from './validate';
import { MOST_REPLAYED } from './what-if';

/** Ways that are compared at once, at most. */
export const MOST_WAYS = 6;

/** A way as it is sent: what has the same name as a camera or a film of the log is that. */
type SentWay = Omit<Way, 'camera' | 'film'> & { camera: Camera; film: Film };

/** What is asked beside what the ways are held against. */
interface Common {
	ways: SentWay[];
	/** What is wanted of frames in a light or a year. */
	intent?: Intent;
	/** Frames a year, to say when a way has earned its price. */
	perYear?: number;
}

/** A year at a place, frames of the log, or both: then hours are of the year and shares of the frames. */
export interface ElsewhereThanLight {
	place?: { latitude: number; longitude: number };
	year?: number;
	/** Absent: typical of the latitude. */
	sky?: Sky | SkyShares[];
	/** Default facing the sun. */
	subject?: Exposed;
	ground?: Ground;
	loadId?: string;
	frameIds?: string[];
}

/** Ways of using a camera, and what they are held against. */
export type CompareRequest = Common & ({ light: Light } | ElsewhereThanLight);

/** In the person's own money. */
const money = () => between(0, 1_000_000).required();

const waySchema = held<SentWay>()(
	object({
		name: name(),
		camera: cameraSchema.required(),
		film: filmSchema.required(),
		filters: filtersSchema,
		removable: boolean(),
		compensation: stops(10),
		flash: object({ ...flashPower, loss: between(0, 20) })
			.optional()
			.default(undefined),
		cost: object({ once: money(), frame: money() }).required()
	})
).required();

const common = {
	ways: array(waySchema).required().min(1).max(MOST_WAYS),
	intent: intentSchema.optional().default(undefined),
	perYear: number().integer().min(1).max(100_000)
};

const inLight = held<Common & { light: Light }>()(object({ ...common, light: lightSchema })).required();

const oneSky = string<Sky>().oneOf(skies);
const skiesOfYear = skiesOfPlace.optional();
const elsewhere = held<Common & ElsewhereThanLight>()(
	object({
		...common,
		place: object(coordinates).optional().default(undefined),
		year: yearOfSun(),
		sky: choice<typeof oneSky | typeof skiesOfYear>(
			() => [oneSky, skiesOfYear],
			(value) => (Array.isArray(value) ? skiesOfYear : oneSky)
		),
		subject: string<Exposed>().oneOf(exposed),
		ground: string<Ground>().oneOf(grounds),
		loadId: recordId(),
		frameIds: array(string().required().uuid()).min(1).max(MOST_REPLAYED)
	})
).required();

const isOfLight = (value: unknown) => typeof value === 'object' && value !== null && 'light' in value;

export const compareSchema = choice<typeof inLight | typeof elsewhere>(
	() => [inLight, elsewhere],
	(value) => (isOfLight(value) ? inLight : elsewhere)
);

/** What of a year or a log is missing, or said twice. */
function problemsOf(asked: CompareRequest): Issue[] {
	if ('light' in asked) return [];
	const { place, year, loadId, frameIds } = asked;
	const issues: Issue[] = [];
	if (loadId !== undefined && frameIds !== undefined)
		issues.push({ path: 'frameIds', message: 'give either loadId or frameIds' });
	if (place && year === undefined) issues.push({ path: 'year', message: 'is needed beside a place' });
	if (year !== undefined && !place) issues.push({ path: 'place', message: 'is needed beside a year' });
	if (!place && year === undefined && loadId === undefined && frameIds === undefined)
		issues.push({ path: 'light', message: 'give a light, a place with a year, a loadId or frameIds' });
	return issues;
}

/** What the cameras of some ways do not have. */
const wishesOf = ({ ways, intent = {} }: CompareRequest): Issue[] =>
	ways.flatMap(({ camera, compensation }, at) =>
		wishProblems(camera, { ...intent, ...(compensation !== undefined && { compensation }) }).map(
			({ path, message }) => ({
				path: path === 'intent.compensation' ? `ways.${at}.compensation` : path,
				message
			})
		)
	);

/** Checks what is asked of ways: their shape, what they are held against, and whether each camera has what is wished. */
export function checkCompare(body: unknown): Checked<CompareRequest> {
	const checked = check(compareSchema, body);
	if (!checked.ok) return checked;
	const issues = [...problemsOf(checked.value), ...wishesOf(checked.value)];
	return issues.length === 0 ? checked : { ok: false, issues };
}

/** What the ways are held against, as the computation takes it; frames of the log are brought by whoever has it. */
export function heldAgainst(asked: CompareRequest): Omit<Held, 'log'> {
	const { intent } = asked;
	if ('light' in asked) return { light: asked.light, intent };
	const { place, year, sky, subject = 'facing', ground } = asked;
	if (!place || year === undefined) return { intent };
	return {
		intent,
		year: { place, year, sky: sky ?? typicalSkies(place.latitude), subject, ...(ground && { ground }) }
	};
}
