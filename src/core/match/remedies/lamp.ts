import { distanceFor, resolveLight, type LampReading, type Light } from '../../light';
import { formatDistance, stopsInWords } from '../../units';
import { nearestGoodLight } from './light';
import type { Option, Question, RemedyKind } from './remedy-kind';

/** A lamp nearer than this burns, blinds or stands in the picture, m. */
const NEAREST_LAMP = 0.2;

const isLamp = (light: Light): light is LampReading => 'method' in light && light.method === 'lamp';

const under = (question: Question, changes: Partial<LampReading>): Question => ({
	...question,
	light: { ...(question.light as LampReading), ...changes }
});

function moved(question: Question, light: LampReading): Option[] {
	const nearest = nearestGoodLight(question);
	if (!nearest) return [];
	const need = nearest.ev - resolveLight(light).ev;
	const to = distanceFor(light.to, need);
	if (Math.abs(need) < 1 / 6 || to < NEAREST_LAMP) return [];
	return [{ name: `lamp from ${formatDistance(light.to)} to ${formatDistance(to)}`, from: light.to, to }];
}

function bare(light: LampReading): Option[] {
	if (!light.modifierStops || light.modifierStops <= 0) return [];
	return [{ name: `modifier off, ${stopsInWords(light.modifierStops)} more light`, off: true }];
}

/** A lamp nearer or farther, or without what softens it. */
export const lamp: RemedyKind = {
	kind: 'lamp',
	effort: 1,
	pairs: true,
	options: (question) =>
		isLamp(question.light) ? [...moved(question, question.light), ...bare(question.light)] : [],
	make: (question, { to, off }) => under(question, off ? { modifierStops: 0 } : { to })
};
