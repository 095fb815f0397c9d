import type { Replica } from './database';
import { metaOf } from './keep';

/** In that time a body wanders by less than can be seen. */
const DAY_MS = 86_400_000;

/** What it is made of, as a text: another one once something changed. */
export const madeOf = async (replica: Replica): Promise<string> =>
	`${(await metaOf(replica, 'taught')) ?? 0} ${Math.floor(Date.now() / DAY_MS)}`;

/**
 * What Shoot asks is kept in the copy itself, until something changes that it is made of: it is there at once when the
 * program is opened again, before anything runs beside the page.
 */
export async function remembered<T>(replica: Replica, key: string, work: () => Promise<T>): Promise<T> {
	const of = await madeOf(replica);
	const worked = await metaOf(replica, 'worked');
	if (worked?.of === of && Object.hasOwn(worked.known, key)) return worked.known[key] as T;
	const value = await work();
	await replica
		.transaction('rw', replica.meta, async () => {
			const now = await metaOf(replica, 'worked');
			const known = now?.of === of ? now.known : {};
			await replica.meta.put({ key: 'worked', value: { of, known: { ...known, [key]: value } } });
		})
		// Where there is no room for it, it is worked out again.
		.catch(() => {});
	return value;
}
