import { array, boolean, object, string } from 'yup';
import { BUILT_IN } from '../core/flash';
import {
	between,
	doubtInStops,
	exposureTime,
	filmSpeed,
	fNumber,
	label,
	MOST_VALUES,
	recordId,
	stops
} from './fields';
import { held } from './held';

/**
 * What is physically on a camera, while a load is in it: what is absent is free, or not there. Things of the
 * bag are named by their ids.
 */
export interface Rig {
	position?: string;
	aperture?: number;
	/** s */
	seconds?: number;
	handTimed?: boolean;
	/** The eye is put aside. */
	manual?: boolean;
	compensation?: number;
	iso?: number;
	filters?: string[];
	/** Which fires, a record's id or BUILT_IN, and at what part of its power; null: none does. */
	flash?: {
		id: string;
		power?: number;
		/** What stands before it, stops. */
		loss?: number;
		/** It shines at a white ceiling so far above it, m. */
		ceiling?: number;
	} | null;
	closeUp?: string;
	/** On a support. */
	support?: boolean;
	/** Stops by which its eye's light is brighter than the subject's, and the doubt of that light. */
	meterDifference?: number;
	meterSd?: number;
}

const UUID = '[0-9a-fA-F]{8}(-[0-9a-fA-F]{4}){3}-[0-9a-fA-F]{12}';
const ownOrBuiltIn = () =>
	string()
		.required()
		.matches(new RegExp(`^(${UUID}|${BUILT_IN})$`), `must be a UUID or “${BUILT_IN}”`);

export const rigSchema = held<Rig>()(
	object({
		position: label().optional(),
		aperture: fNumber(),
		seconds: exposureTime(),
		handTimed: boolean(),
		manual: boolean(),
		compensation: stops(10),
		iso: filmSpeed(),
		filters: array(string().required().uuid()).max(MOST_VALUES),
		flash: object({
			id: ownOrBuiltIn(),
			power: between(0.0001, 1),
			loss: between(0, 20),
			ceiling: between(0.1, 30)
		})
			.nullable()
			.optional()
			.default(undefined),
		closeUp: recordId(),
		support: boolean(),
		meterDifference: stops(40),
		meterSd: doubtInStops()
	})
).meta({ name: 'Rig' });
