import { heldAgainst, type CompareRequest, type ElsewhereThanLight } from '$contract/compare';
import type { Issue } from '$contract/validate';
import { compareInWords } from '$words';
import { formatMoney } from '$core/units';
import { inThread } from './heavy/pool';
import { dataFolder } from './store';
import { missingOf } from './what-if';

/** Frames of the log that are asked for. */
const framesAsked = (asked: CompareRequest): Pick<ElsewhereThanLight, 'loadId' | 'frameIds'> =>
	'light' in asked ? {} : asked;

/** What is asked for that is not there. */
export const missingOfCompare = (asked: CompareRequest): Issue[] => missingOf(framesAsked(asked));

/** Ways of using a camera beside each other, with the sentence that decides between them. */
export async function compared(asked: CompareRequest) {
	const { loadId, frameIds } = framesAsked(asked);
	const log =
		loadId || frameIds
			? { load: loadId?.toLowerCase(), frames: frameIds?.map((id) => id.toLowerCase()) }
			: null;
	const { comparison, frames } = await inThread('compare', dataFolder(), asked.ways, heldAgainst(asked), log);
	const { ways, alike, payback } = comparison;
	const sentence = compareInWords(comparison, {
		names: asked.ways.map(({ name }) => name),
		own: frames > 0,
		perYear: asked.perYear,
		money: (amount) => formatMoney(amount, 'en-GB')
	});
	return { ways, alike, payback, sentence };
}
