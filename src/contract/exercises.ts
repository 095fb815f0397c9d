import { boolean, number, object, string, type ObjectSchema } from 'yup';
import { drillKinds, skills, type Exercise, type Guess } from '../core/practice';
import { doubtInStops, exposureValue, instant, oneOfKinds } from './fields';
import { shadowsSchema } from './light';
import { day } from './plan';

export type ExerciseRecord = Exercise;

const CLOCK = /^([01]\d|2[0-3]):[0-5]\d$/;

type ExerciseOf<K extends Exercise['kind']> = Extract<Exercise, { kind: K }>;
const common = <K extends Exercise['kind']>(kind: K) => ({
	kind: string<K>().required().oneOf([kind]),
	at: instant().required()
});
const seed = () => number().required().integer().min(0).max(Number.MAX_SAFE_INTEGER);

const seeing = (): ObjectSchema<Guess> =>
	object({
		...common('seeing'),
		day: day(),
		clock: string().required().matches(CLOCK, 'must be a time of day, such as 09:40'),
		named: shadowsSchema,
		ev: exposureValue().required(),
		read: object({
			ev: exposureValue().required(),
			sd: doubtInStops().required(),
			by: string<Guess['read']['by']>().required().oneOf(['drawn', 'meter', 'photo'])
		}).required(),
		drawn: object({
			skill: string<NonNullable<Guess['drawn']>['skill']>().required().oneOf(skills),
			seed: seed()
		})
			.optional()
			.default(undefined)
	}) as unknown as ObjectSchema<Guess>;

export const exerciseRecordSchema = oneOfKinds<Exercise>('kind', {
	seeing,
	drill: (): ObjectSchema<ExerciseOf<'drill'>> =>
		object({
			...common('drill'),
			day: day(),
			card: string<ExerciseOf<'drill'>['card']>().required().oneOf(drillKinds),
			right: boolean().required()
		}),
	doubt: (): ObjectSchema<ExerciseOf<'doubt'>> => object({ ...common('doubt'), agreed: boolean().required() })
});
