import { doubt, flag, list, number, object, orNull, stops, text, type Schema } from './building-blocks';

/** What learning from judged frames is asked, and what it answers. */

const sd = number(0.01, 10, 'one standard deviation, stops');
const many = { maxItems: 500 };
const place = { type: 'integer' };

export const learnRequest: Schema = object(
	{
		prior: object({ stops: stops(10), sd }, ['stops', 'sd']),
		frames: list(
			object(
				{
					predicted: number(-20, 20, 'error of a body without any offset, stops'),
					judged: number(-20, 20, 'error as the picture shows it, stops; + is too much light'),
					sd,
					setting: text(40),
					compensation: number(-10, 10, 'wheel, stops'),
					pack: text(80),
					clamped: flag
				},
				['predicted', 'judged', 'sd']
			),
			0,
			many
		)
	},
	['prior', 'frames']
);

export const learnt: Schema = object(
	{
		stops: { type: 'number', description: 'offset of the body, stops; + gives more than it should' },
		sd: doubt,
		bySetting: list(
			object({ setting: text(40), stops: { type: 'number' }, sd: doubt, frames: place }, [
				'setting',
				'stops',
				'sd',
				'frames'
			]),
			0,
			many
		),
		wheel: orNull(object({ gain: { type: 'number' }, sd: doubt }, ['gain', 'sd'])),
		outliers: list({ type: 'integer', description: 'places of frames that do not belong' }, 0, many),
		frames: { type: 'integer', description: 'frames that it was learnt from' },
		contradict: flag
	},
	['stops', 'sd', 'bySetting', 'wheel', 'outliers', 'frames', 'contradict']
);
