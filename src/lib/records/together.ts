import type { TogetherAsked } from '$contract/together';
import { ask } from './ask';

/** Takes records away: all of them, or none; an empty text, or why not. */
export async function removeTogether(records: TogetherAsked['records']): Promise<string> {
	const done = await ask('/api/records/remove', { records });
	return done.ok ? '' : `${done.message}. All of it stays.`;
}
