import type { Changes } from '$contract/changes';
import type { Replica } from './database';
import { metaOf, newsIn, takeIn } from './keep';

/** The server gives a sign more often, ms: where none comes, nobody is there. */
const SILENCE_MS = 40_000;

/** What listens to a server: the browser's own. */
export type Ear = new (
	address: string
) => Pick<EventSource, 'close' | 'addEventListener' | 'onerror' | 'onmessage'>;

/**
 * Takes in what changes as it does, as long as the server can be heard.
 *
 * @param came is told of each change once it is here, and of each sign of the server; with the ids of what is another now
 * @param left ends it
 */
export async function listen(
	replica: Replica,
	ear: Ear,
	came: (news: string[]) => void,
	left: AbortSignal
): Promise<void> {
	const together = await metaOf(replica, 'together');
	if (!together || left.aborted) return;
	const query = new URLSearchParams({ since: String(together.since), of: together.of });
	const source = new ear(`/api/changes?${query}`);
	await new Promise<void>((resolve) => {
		let silence = setTimeout(resolve, SILENCE_MS);
		// One after the other: what came later must not be overtaken.
		let taken: Promise<unknown> = Promise.resolve();
		const heard = () => {
			clearTimeout(silence);
			silence = setTimeout(resolve, SILENCE_MS);
		};
		source.onmessage = ({ data }: MessageEvent<string>) => {
			heard();
			const changes = JSON.parse(data) as Changes;
			taken = taken
				.then(async () => {
					const news = await newsIn(replica, changes);
					await takeIn(replica, changes, Date.now());
					came(news);
				})
				.catch(() => resolve());
		};
		source.addEventListener('sign', () => {
			heard();
			came([]);
		});
		source.onerror = () => resolve();
		left.addEventListener('abort', () => resolve(), { once: true });
	});
	source.close();
}
