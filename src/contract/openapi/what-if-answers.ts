import { doubt, list, object, oneOf, orNull, text, type Schema } from './building-blocks';

/** What frames would have been, made otherwise. */

const share: Schema = { type: 'number', minimum: 0, maximum: 1 };
const whole: Schema = { type: 'integer', minimum: 0 };
const many = { maxItems: 1000 };

const fate = object(
	{
		error: { type: 'number', description: 'stops, + = too much light' },
		sd: doubt,
		good: { ...share, description: 'how likely its exposure is good' },
		usable: share
	},
	['error', 'sd', 'good', 'usable']
);
const likely = (description: string): Schema => ({
	...object({ mean: { type: 'number' }, from: { type: 'number' }, to: { type: 'number' } }, [
		'mean',
		'from',
		'to'
	]),
	description
});
const sums = {
	then: likely('good frames as they were, nine times in ten'),
	now: likely('good frames with the change'),
	difference: likely('how many more are good with the change')
};

const frame = object(
	{
		id: { type: 'string', format: 'uuid' },
		then: fate,
		now: fate,
		both: { ...share, description: 'how likely it is good both ways; the four add up to 1' },
		onlyThen: share,
		onlyNow: share,
		neither: share
	},
	['id', 'then', 'now', 'both', 'onlyThen', 'onlyNow', 'neither']
);

const saved = object(
	{
		change: object(
			{ kind: text(20), name: text(120), stops: { type: 'number' }, missing: { type: 'boolean' } },
			['kind', 'name', 'stops']
		),
		and: {
			...object({ kind: text(20), name: text(120), missing: { type: 'boolean' } }, ['kind', 'name']),
			description: 'what is done beside it, where no single change of what is there saves these frames'
		},
		effort: whole,
		lost: { ...whole, description: 'lost frames for which this is the least that saves them' },
		ids: list({ type: 'string', format: 'uuid' }, 0, many),
		spoils: { ...whole, description: 'good frames that it would lose, done to all' }
	},
	['change', 'effort', 'lost', 'ids', 'spoils']
);

const counts = object({ frames: whole, lost: whole }, ['frames', 'lost']);
const habit = object(
	{
		trait: object(
			{
				kind: oneOf(
					'at-limit',
					'eye-elsewhere',
					'hand-timed',
					'shake',
					'out-of-focus',
					'against-odds',
					'close',
					'way'
				),
				way: text(80)
			},
			['kind']
		),
		with: counts,
		without: counts,
		cost: { type: 'number', description: 'frames lost beyond what is lost without it' }
	},
	['trait', 'with', 'without', 'cost']
);

export const whatIf: Schema = object(
	{
		frames: list(frame, 0, many),
		...sums,
		usable: object(sums, ['then', 'now', 'difference']),
		unchanged: { ...whole, description: 'frames on which the change cannot be made' },
		saved: list(saved, 0, { maxItems: 6 }),
		lost: { ...whole, description: 'frames lost by their exposure' },
		open: { ...whole, description: 'lost frames that neither one change nor two together save' },
		habit: orNull(habit)
	},
	['frames', 'then', 'now', 'difference', 'usable', 'unchanged', 'saved', 'lost', 'open', 'habit']
);
