import {
	FARTHEST_LAMP,
	lampDistanceFor,
	nearestOf,
	resolveLight,
	type LampReading,
	type Light
} from '../../light';
import { formatDistance, stopsInWords } from '../../units';
import { nearestGoodLight } from './light';
import type { Option, Question, RemedyKind } from './remedy-kind';

const isLamp = (light: Light): light is LampReading => 'method' in light && light.method === 'lamp';

const under = (question: Question, changes: Partial<LampReading>): Question => ({
	...question,
	light: { ...(question.light as LampReading), ...changes }
});

function moved(question: Question, light: LampReading): Option[] {
	const nearest = nearestGoodLight(question);
	if (!nearest) return [];
	const need = nearest.ev - resolveLight(light).ev;
	const to = lampDistanceFor(light, nearest.ev);
	if (Math.abs(need) < 1 / 6 || to < nearestOf(light.source) || to > FARTHEST_LAMP) return [];
	return [{ name: `lamp from ${formatDistance(light.to)} to ${formatDistance(to)}`, from: light.to, to }];
}

/** Nothing before it: what takes light comes off; what it was metered behind is in its reading as it is. */
const bareOf = ({ modifierStops = 0 }: LampReading): Partial<LampReading> => ({
	modifierStops: Math.min(0, modifierStops),
	modifiers: []
});

function bare(light: LampReading): Option[] {
	const more = resolveLight({ ...light, ...bareOf(light) }).ev - resolveLight(light).ev;
	if (more <= 0) return [];
	const what = (light.modifiers ?? []).map(({ name }) => name).join(' and ') || 'modifier';
	return [{ name: `${what} off, ${stopsInWords(more)} more light`, off: true }];
}

/** A lamp nearer or farther, or without what softens it. */
export const lamp: RemedyKind = {
	kind: 'lamp',
	effort: 1,
	pairs: true,
	options: (question) =>
		isLamp(question.light) ? [...moved(question, question.light), ...bare(question.light)] : [],
	make: (question, { to, off }) => under(question, off ? bareOf(question.light as LampReading) : { to })
};
