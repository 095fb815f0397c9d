import { doubt, flag, list, object, orNull, text, type Schema } from './building-blocks';

/** What learning from judged frames answers. */

const many = { maxItems: 500 };
const place = { type: 'integer' };

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
