import { doubt, list, object, orNull, text, type Schema } from './building-blocks';

/** What learning from judged frames answers. */

const many = { maxItems: 500 };
const place = { type: 'integer' };

const stops: Schema = { type: 'number' };
const known = (names: Record<string, Schema> = {}) =>
	object({ ...names, stops, sd: doubt }, [...Object.keys(names), 'stops', 'sd']);
const wide = object({ share: { type: 'number' }, stops, sd: doubt }, ['share', 'stops', 'sd']);
const belief = object({ stops, sd: doubt, wide }, ['stops', 'sd']);

const wheel = object({ stops, sd: doubt, covariance: { type: 'number' } }, ['stops', 'sd', 'covariance']);
const together = { stops, sd: doubt, wide, limit: known(), reading: doubt, wheel, body: known() };

/** What is known of a camera with a film. */
export const learntSoFar: Schema = object({ ...together, frames: place }, [
	'stops',
	'sd',
	'limit',
	'body',
	'frames'
]);

export const learnt: Schema = object(
	{
		stops: { type: 'number', description: 'offset of the body, stops; + overexposes' },
		sd: doubt,
		bySetting: list(known({ setting: text(40), frames: place }), 0, many),
		settings: list(known({ setting: text(40) }), 0, many),
		wheel: orNull(object({ gain: { type: 'number' }, sd: doubt }, ['gain', 'sd'])),
		outliers: list(
			{
				type: 'integer',
				description: 'frames that are more likely outliers than not, by their place in the list'
			},
			0,
			many
		),
		frames: { type: 'integer', description: 'number of frames it was learnt from' },
		body: belief,
		films: list(known({ film: text(80) }), 0, many),
		ways: list(known({ way: text(80) }), 0, many),
		learnt: object(together, ['stops', 'sd', 'limit', 'body'])
	},
	['stops', 'sd', 'bySetting', 'settings', 'wheel', 'outliers', 'frames', 'body', 'films', 'ways', 'learnt']
);
