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
	ref,
	seconds,
	text,
	type Schema
} from './building-blocks';

/** What a day's plan is asked, and what it answers. */

const sky = oneOf('clear', 'hazy', 'partly', 'overcast', 'heavy');
const instant: Schema = { type: 'string', format: 'date-time', description: 'with the offset of the place' };

export const planRequest: Schema = object(
	{
		camera: ref('Camera'),
		film: ref('Film'),
		bag: ref('Bag'),
		place: object({ latitude: number(-90, 90, '+ north'), longitude: number(-180, 180, '+ east') }, [
			'latitude',
			'longitude'
		]),
		date: { type: 'string', format: 'date', description: 'of the place; 1900 to 2100' },
		sky: kinds(
			sky,
			list(
				object({ from: { type: 'string', pattern: '^([01]\\d|2[0-3]):[0-5]\\d$' }, sky }, ['from', 'sky']),
				1,
				{
					maxItems: 24
				}
			)
		),
		subject: oneOf('facing', 'side', 'back', 'open-shade', 'deep-shade'),
		stepMinutes: { type: 'integer', minimum: 1, maximum: 120, default: 10 },
		intent: ref('Intent')
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
						{ f: fNumber, compensation: stop, iso: stop, position: orNull(text(40)), seconds: pair(seconds) },
						['f', 'compensation', 'iso', 'position', 'seconds']
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
