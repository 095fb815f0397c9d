import { framesAsked, ON_PAGE, searchIn } from '$views/frames-list';
import type { ReadTables } from './database/tables';
import { everything } from './everything';

/** A page of all frames, as an address asks for it. */
export function framesPage({ cameras, films, loads, search }: ReadTables, query: string) {
	const asked = searchIn(query);
	const { items, total } = search.page(asked, ON_PAGE, (asked.page - 1) * ON_PAGE);
	const of = [...new Set(items.map(({ loadId }) => loadId))];
	return framesAsked(asked, {
		items,
		total,
		loads: new Map(of.map((id) => [id, loads.get(id)!])),
		cameras: everything(cameras),
		films: everything(films)
	});
}
