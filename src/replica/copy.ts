import type { Meta, Replica } from './database';
import { metaOf } from './keep';
import { listen } from './listen';
import { pull, type Pulled } from './pull';
import { noticesOf } from './writes';

/** How the copy stands. */
export interface Standing {
	/** How far it is the server's; null where nothing is here yet. */
	together: Meta['together'] | null;
	/** Whether anything in it waits to be sent, or to be seen by the person. */
	waits: boolean;
}

/** What follows the server: done beside the page, which has other things to do. */
export interface Copy {
	standing(): Promise<Standing>;
	/** @param came is told of each page that brought something, by the ids */
	pull(came: (ids: string[]) => void): Promise<Pulled>;
	/** @param heard is told of each sign of the server, with the ids of what is another than it was here */
	listen(heard: (news: string[]) => void): Promise<void>;
	/** Listens no longer. */
	leave(): void;
}

async function standingOf(replica: Replica): Promise<Standing> {
	const [together, writes, notices, files] = await Promise.all([
		metaOf(replica, 'together'),
		replica.writes.limit(1).count(),
		noticesOf(replica),
		replica.files.limit(1).count()
	]);
	return { together: together ?? null, waits: writes + notices.length + files > 0 };
}

/**
 * What follows the server with this copy, in this thread.
 *
 * @param whose goes with what is asked: whose records they are to be
 */
export function copyOf(replica: Replica, whose: Readonly<Record<string, string>> = {}): Copy {
	const ask: typeof fetch = (address, how) => fetch(address, { ...how, headers: { ...whose } });
	let left = new AbortController();
	return {
		standing: () => standingOf(replica),
		pull: (came) => pull(replica, ask, came),
		listen(heard) {
			left = new AbortController();
			return listen(replica, EventSource, heard, left.signal);
		},
		leave: () => left.abort()
	};
}
