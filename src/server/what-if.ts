import type { Bag } from '$core/match';
import type { WhatIfRequest } from '$contract/what-if';
import type { Issue } from '$contract/validate';
import { inUse } from '$views/in-use';
import { everything } from './everything';
import { inThread } from './heavy/pool';
import { dataFolder, store } from './store';

/** What of the bag might have been used. */
function bagNow(): Bag {
	const { films, gear } = store();
	return {
		films: inUse(everything(films)),
		filters: everything(gear).flatMap((piece) => (piece.type === 'filter' ? [piece] : []))
	};
}

/** What is asked for that is not there. */
export function missingOf({ loadId, frameIds = [] }: Pick<WhatIfRequest, 'loadId' | 'frameIds'>): Issue[] {
	const { loads, frames } = store();
	const issues: Issue[] = [];
	if (loadId !== undefined && !loads.get(loadId.toLowerCase()))
		issues.push({ path: 'loadId', message: 'there is no such load' });
	frameIds.forEach((id, at) => {
		if (!frames.get(id.toLowerCase()))
			issues.push({ path: `frameIds.${at}`, message: 'there is no such frame' });
	});
	return issues;
}

/** Frames of the log replayed with one thing changed. */
export const whatIf = ({ loadId, frameIds, change }: WhatIfRequest) =>
	inThread(
		'whatIf',
		dataFolder(),
		{ loadId: loadId?.toLowerCase(), frameIds: frameIds?.map((id) => id.toLowerCase()), change },
		bagNow()
	);
