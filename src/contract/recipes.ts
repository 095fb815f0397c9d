import { array, boolean, mixed, number, object, string } from 'yup';
import {
	isPack,
	type Agitation,
	type BathKind,
	type Part,
	type Powder,
	type Recipe,
	type RecipeTime,
	type TimePoint
} from '../core/develop';
import { between, eachOnce, longText, name, positive, stops } from './fields';
import { held } from './held';
import { isDay } from './plan';

export type RecipeRecord = Recipe;

export const bathKinds: BathKind[] = [
	'general-developer',
	'fine-grain-developer',
	'staining-developer',
	'reversal-developer',
	'stop',
	'fixer',
	'instant-pack',
	'peel-apart-pack'
];

const MOST = 20;
/** Inversions that a minute has room for. */
const MOST_TURNS = 24;
const LONGEST = 86_400;

const part = held<Part>()(object({ name: name(), parts: positive(10_000).required() }));
const powder = held<Powder>()(
	object({ name: name(), grams: positive(2000), millilitres: positive(1000), percent: positive(100) })
).test('weighed-or-poured', 'needs its grams, or its millilitres where it is poured', (value, context) => {
	if (!value || (value.grams === undefined) !== (value.millilitres === undefined)) return true;
	return context.createError({ path: `${context.path}.grams` });
});
const agitation = held<Agitation>()(
	object({
		first: between(0, LONGEST).required(),
		inversions: number().required().integer().min(0).max(MOST_TURNS),
		every: between(5, 3600),
		within: between(1, 3600).test(
			'within',
			'must be no longer than from one time to the next',
			(value, { parent }) => value === undefined || value <= ((parent as Agitation).every ?? 60)
		),
		gentle: boolean()
	})
);

const aTime = (value: unknown) => typeof value === 'number' && value > 0 && value <= LONGEST;
const aTimeOf = { type: 'number', exclusiveMinimum: 0, maximum: LONGEST };
const seconds = mixed<TimePoint['seconds']>()
	.meta({ json: { anyOf: [aTimeOf, { type: 'array', items: aTimeOf, minItems: 2, maxItems: 2 }] } })
	.required()
	.test('time', 'must be a time in seconds, or two of them, the shorter first', (value: unknown) => {
		if (!Array.isArray(value)) return aTime(value);
		return value.length === 2 && value.every(aTime) && value[0] <= value[1];
	});
/** The most water that stock is thinned with; what is thinner is called water. */
const MOST_WATER = 1000;
export const waterSchema = () => between(0, MOST_WATER);
const atCelsius = { celsius: between(0, 60).required(), seconds };
const printTime = held<TimePoint>()(object(atCelsius));
const time = held<RecipeTime>()(object({ ...atCelsius, water: waterSchema() }));

/** A table of times of a picture that develops by itself, each temperature once. */
export const timesSchema = () =>
	array(printTime.required())
		.max(MOST)
		.test(eachOnce<{ celsius?: unknown }>(({ celsius }) => celsius, 'must list each temperature once'));

/** A recipe's table: each temperature once at each dilution. */
const recipeTimes = () =>
	array(time.required())
		.max(MOST)
		.test(
			eachOnce<{ celsius?: unknown; water?: unknown }>(
				({ celsius, water }) => JSON.stringify([celsius, water]),
				'must list each temperature once, at each dilution'
			)
		);

export const recipeRecordSchema = held<RecipeRecord>()(
	object({
		name: name(),
		kind: string<BathKind>().required().oneOf(bathKinds),
		parts: array(part.required()).max(MOST),
		powders: array(powder.required()).max(MOST),
		rollsPerLitre: positive(1000),
		rollsDone: between(0, 1000),
		stockLeft: between(0, 100_000),
		replenish: positive(10_000),
		replenisherLeft: between(0, 100_000),
		agitation: agitation.optional().default(undefined),
		mixedOn: string().test(
			'day',
			'must be a date, such as 2026-05-02',
			(value) => value === undefined || isDay(value)
		),
		keepsDays: positive(10_000),
		speedStops: stops(10),
		times: recipeTimes(),
		notes: longText()
	})
).test('made-of', 'needs parts or powders', (value, context) =>
	!value || isPack(value.kind) || (value.parts ?? []).length > 0 || (value.powders ?? []).length > 0
		? true
		: context.createError({ path: 'parts', message: 'needs parts or powders' })
);
