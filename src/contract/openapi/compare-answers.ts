import { list, number, object, orNull, pair, text, type Schema } from './building-blocks';

/** Ways of using a camera beside each other. */

const share = number(0, 1);
const hours = number(0, 24, 'hours a day');
const money = orNull({ type: 'number', minimum: 0 });
const place: Schema = { type: 'integer', minimum: 0, description: 'place in `ways`' };
const metres: Schema = { type: 'number', minimum: 0, description: 'm' };
const seconds: Schema = { type: 'number', exclusiveMinimum: 0, description: 's' };

const works = object(
	{
		good: { ...hours, description: 'hand-held and just enough, hours a day' },
		usable: { ...hours, description: 'hand-held and usable or better' },
		tripod: { ...hours, description: 'usable or better with a tripod at hand' }
	},
	['good', 'usable', 'tripod']
);

const way = object(
	{
		hours: orNull(
			object(
				{
					handheld: hours,
					tripod: hours,
					months: list(works, 12, { maxItems: 12 }),
					clock: {
						...list(works, 24, { maxItems: 24 }),
						description: 'of each hour of the clock, from midnight, what part works'
					}
				},
				['handheld', 'tripod', 'months', 'clock']
			)
		),
		share: object(
			{
				good: share,
				usable: share,
				interval: { ...pair(share), description: 'of `good`, nine times in ten' }
			},
			['good', 'usable', 'interval']
		),
		seconds: orNull({ ...seconds, description: 'median over what works, s' }),
		typical: orNull(
			object(
				{
					f: { type: 'number' },
					seconds,
					sharp: object({ from: metres, to: orNull(metres) }, ['from', 'to']),
					lit: { type: 'boolean', description: 'by the flash' }
				},
				['f', 'seconds', 'sharp', 'lit']
			)
		),
		handheldFrom: orNull({ type: 'number', description: 'the least light for it hand-held, EV at ISO 100' }),
		flash: orNull(object({ to: metres }, ['to'])),
		cost: object(
			{
				once: { type: 'number' },
				frame: { type: 'number' },
				keeper: { ...money, description: 'a good frame, without what is paid once; null: none in 300' },
				interval: pair(money)
			},
			['once', 'frame', 'keeper', 'interval']
		)
	},
	['hours', 'share', 'seconds', 'typical', 'handheldFrom', 'flash', 'cost']
);

export const compared: Schema = object(
	{
		ways: list(way, 1, { maxItems: 6 }),
		alike: { ...list(place, 1, { maxItems: 6 }), description: 'the best, and those as good, best first' },
		payback: orNull(
			object(
				{
					way: place,
					beside: place,
					frames: orNull({ type: 'integer', minimum: 1, description: 'median; null: it may never be' }),
					within: { ...share, description: 'how likely it is within 300 frames' }
				},
				['way', 'beside', 'frames', 'within']
			)
		),
		sentence: text(2000)
	},
	['ways', 'alike', 'payback', 'sentence']
);
