import {
	doubt,
	ev,
	fNumber,
	kinds,
	list,
	number,
	object,
	oneOf,
	orNull,
	pair,
	placeOnEarth,
	ref,
	seconds,
	text,
	type Schema
} from './building-blocks';

/** What the plan of a day and of a year is asked, and what it answers. */

export const sky = oneOf('clear', 'hazy', 'partly', 'overcast', 'heavy');
const instant: Schema = { type: 'string', format: 'date-time', description: 'with the offset of the place' };

export const exposed = oneOf('facing', 'side', 'back', 'open-shade', 'deep-shade');
export const clock: Schema = { type: 'string', pattern: '^([01]\\d|2[0-3]):[0-5]\\d$' };
export const date: Schema = {
	type: 'string',
	format: 'date',
	description: 'of the place; 1900 to 2100'
};

const common = {
	camera: ref('Camera'),
	film: ref('Film'),
	bag: ref('Bag'),
	place: object(placeOnEarth, ['latitude', 'longitude']),
	subject: exposed,
	intent: ref('Intent')
};
const stepOf = (minutes: number): Schema => ({
	type: 'integer',
	minimum: 1,
	maximum: 120,
	default: minutes
});

export const planRequest: Schema = object(
	{
		...common,
		date,
		facing: number(0, 360, 'where the subject looks, degrees from north through east'),
		sky: kinds(
			sky,
			list(object({ from: clock, sky }, ['from', 'sky']), 1, {
				maxItems: 24
			})
		),
		stepMinutes: stepOf(10)
	},
	['camera', 'film', 'place', 'date', 'sky', 'subject']
);

const stop: Schema = orNull({ type: 'number' });
const many = { maxItems: 2000 };

export const dayPlan: Schema = object(
	{
		timeZone: { type: 'string', description: 'IANA name' },
		samples: list(
			object({ at: instant, ev, sd: doubt, sunAltitude: number(-90, 90, 'geometric, degrees') }, [
				'at',
				'ev',
				'sd',
				'sunAltitude'
			]),
			0,
			many
		),
		windows: list(
			object(
				{
					from: instant,
					to: instant,
					verdict: oneOf('just-enough', 'usable'),
					settings: object(
						{
							f: fNumber,
							compensation: stop,
							iso: stop,
							position: orNull(text(40)),
							fRange: pair(fNumber),
							seconds: pair(seconds)
						},
						['f', 'compensation', 'iso', 'position', 'fRange', 'seconds']
					),
					steady: oneOf('hand', 'support')
				},
				['from', 'to', 'verdict', 'settings', 'steady']
			),
			0,
			many
		)
	},
	['timeZone', 'samples', 'windows']
);

export const yearRequest: Schema = object(
	{
		...common,
		year: { type: 'integer', minimum: 1900, maximum: 2100 },
		sky,
		stepMinutes: stepOf(5)
	},
	['camera', 'film', 'place', 'year', 'sky', 'subject']
);

const share = number(0, 1, 'part of the hour, over the month');

export const yearPlan: Schema = object(
	{
		timeZone: { type: 'string', description: 'IANA name' },
		months: list(
			object(
				{
					month: { type: 'integer', minimum: 1, maximum: 12 },
					hours: list(object({ good: share, usable: share }, ['good', 'usable']), 24, { maxItems: 24 })
				},
				['month', 'hours']
			),
			12,
			{ maxItems: 12 }
		)
	},
	['timeZone', 'months']
);
