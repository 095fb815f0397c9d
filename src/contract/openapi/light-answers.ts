import { ev, list, object, pair } from './building-blocks';

const rival = object({ school: { type: 'string' }, condition: { type: 'string' }, ev }, [
	'school',
	'condition',
	'ev'
]);

/** What a reading comes to. */
export const lightAnswer = object(
	{
		ev: { type: 'number', description: 'EV at ISO 100' },
		sd: { type: 'number', minimum: 0, description: 'one standard deviation, stops' },
		kelvin: { type: 'number' },
		range: pair({ type: 'number' }),
		method: { type: 'string' },
		note: { type: 'string' },
		rivals: list(rival)
	},
	['ev', 'sd', 'method', 'note']
);
