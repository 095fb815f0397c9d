import { boolean, number, object, string } from 'yup';
import { drillKinds, skills, type DrillKind, type Exercise, type Guess } from '../core/practice';
import { doubtInStops, exposureValue, instant, shortText } from './fields';
import { is, tagged } from './held';
import { habitSchema, namedSchema } from './light';
import { day } from './plan';

export type ExerciseRecord = Exercise;

const CLOCK = /^([01]\d|2[0-3]):[0-5]\d$/;

const common = <K extends Exercise['kind']>(kind: K) => ({ kind: is(kind), at: instant().required() });
const seed = () => number().required().integer().min(0).max(Number.MAX_SAFE_INTEGER);

const seeing = () =>
	object({
		...common('seeing'),
		day: day(),
		clock: string().required().matches(CLOCK, 'must be a time of day, such as 09:40'),
		named: namedSchema,
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
	});

export const exerciseRecordSchema = tagged<Exercise>()('kind', {
	seeing,
	drill: () =>
		object({
			...common('drill'),
			day: day(),
			card: string<DrillKind>().required().oneOf(drillKinds),
			right: boolean().required()
		}),
	doubt: () => object({ ...common('doubt'), agreed: boolean().required() }),
	habit: () =>
		object({
			...common('habit'),
			way: shortText(80).required(),
			habit: habitSchema.nullable().defined()
		})
});
