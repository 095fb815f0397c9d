import type { ISchema } from 'yup';
import { eyeSchema, openingSchema } from '../bench';
import { cameraSchema, filterSchema } from '../camera';
import { giftSchema, giftTakenSchema } from '../camera-gift';
import { compareSchema } from '../compare';
import { filmSchema } from '../film';
import { framesInOrderSchema } from '../frame-order';
import { framePlacesSchema } from '../frame-places';
import { outcomeSchema, spoilerSchema, whySchema } from '../frames';
import { bagSchema, intentSchema } from '../intent';
import { learnRequestSchema, learntSchema } from '../learn';
import { lightSchema } from '../light';
import { matchRequestSchema, reachRequestSchema } from '../match-request';
import { passphraseSchema, personSchema, sessionSchema, tokenSchema } from '../door';
import { dayRequestSchema, yearRequestSchema } from '../plan';
import { recordSchemas } from '../records';
import { rigSchema } from '../rigs';
import { speedRequestSchema } from '../speed';
import { scansSchema } from '../scans';
import { togetherSchema } from '../together';
import { whatIfSchema } from '../what-if';
import { answers } from './answers';
import { doorAnswers } from './door-addresses';
import { inlined } from './walk';

const asked = {
	Camera: cameraSchema,
	Film: filmSchema,
	Filter: filterSchema,
	Light: lightSchema,
	Intent: intentSchema,
	Bag: bagSchema,
	Outcome: outcomeSchema,
	Spoiler: spoilerSchema,
	Why: whySchema,
	Rig: rigSchema,
	MatchRequest: matchRequestSchema,
	ReachRequest: reachRequestSchema,
	SpeedRequest: speedRequestSchema,
	WhatIfRequest: whatIfSchema,
	CompareRequest: compareSchema,
	PlanRequest: dayRequestSchema,
	YearRequest: yearRequestSchema,
	LearnRequest: learnRequestSchema,
	LearntTogether: learntSchema,
	Opening: openingSchema,
	EyeFirings: eyeSchema,
	FramePlaces: framePlacesSchema,
	FramesInOrder: framesInOrderSchema,
	CameraGift: giftSchema,
	CameraGiftTaken: giftTakenSchema,
	NewSession: sessionSchema,
	NewToken: tokenSchema,
	NewPerson: personSchema,
	NewPassphrase: passphraseSchema,
	Scans: scansSchema,
	Together: togetherSchema,
	CameraRecord: recordSchemas.cameras,
	FilmRecord: recordSchemas.films,
	Load: recordSchemas.loads,
	Frame: recordSchemas.frames,
	Gear: recordSchemas.gear,
	Measurement: recordSchemas.measurements,
	Outing: recordSchemas.outings,
	Exercise: recordSchemas.exercises,
	Settings: recordSchemas.settings,
	Recipe: recordSchemas.recipes,
	Place: recordSchemas.places,
	Reading: recordSchemas.readings
};

/** The same question with records of the bag by their ids: a camera and a film, or a load, which is both. */
const ofBag = (schema: ISchema<unknown>) => {
	const { properties } = inlined(schema) as { properties: object };
	const id = { type: 'string', format: 'uuid' };
	const named = (...required: string[]) => ({ required });
	return {
		type: 'object',
		properties: { ...properties, cameraId: id, filmId: id, loadId: id },
		anyOf: [
			named('loadId'),
			named('cameraId', 'filmId'),
			named('cameraId', 'film'),
			named('camera', 'filmId')
		],
		description: 'A load stands for its camera and its film as it will be developed.'
	};
};

/** JSON Schemas of what goes in, read off what checks it, and of what comes out. */
export const schemas = {
	...Object.fromEntries(Object.entries(asked).map(([name, schema]) => [name, inlined(schema as never)])),
	MatchOfBag: ofBag(matchRequestSchema as never),
	ReachOfBag: ofBag(reachRequestSchema as never),
	...answers,
	...doorAnswers
};
