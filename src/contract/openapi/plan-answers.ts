import {
	doubt,
	ev,
	fNumber,
	list,
	number,
	object,
	oneOf,
	orNull,
	pair,
	seconds,
	text,
	type Schema
} from './building-blocks';

/** What the plan of a day and of a year answers. */

const instant: Schema = { type: 'string', format: 'date-time', description: 'with the offset of the place' };
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
