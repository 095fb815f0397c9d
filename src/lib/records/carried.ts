import { browser } from '$app/environment';
import type { Stored } from '$contract/records';
import type { ChangedKind } from '$contract/changes';
import type { Replica } from '$replica/database';
import type { ViewName, Views } from '$views/views';
import type { ViewRecords } from '$views/records';
import { later } from '$lib/parts/later';
import { beside, endBeside } from './beside';
import { keepHere, keptHere } from './kept-here';
import { space } from './whose';

/** What is carried in this browser, opened when it is first asked for: a view that needs nothing of it does not load it. */

interface Opened {
	replica: Replica;
	records: ViewRecords;
}

const copy = later(() =>
	Promise.all([import('$replica/database'), import('$replica/records'), import('$replica/remembered')])
);
const allViews = later(() => import('$views/views'));

let opening: Promise<Opened | null> | null = null;
/** Whether anything is to be carried in this browser. */
const KEY = 'just-enough-carry';

async function open(): Promise<Opened | null> {
	try {
		const [{ NAME, openReplica }, { replicaRecords }, { remembered }] = await copy();
		const replica = openReplica(NAME + space);
		await replica.open();
		return {
			replica,
			records: replicaRecords(replica, {
				framesAsked: (query) => beside().framesAsked(query),
				judgedCameras: () => beside().judgedCameras(),
				lesson: (camera) => beside().lesson(camera),
				ways: () => beside().ways(),
				flashes: () => beside().flashes(),
				honesty: (asked) => beside().honesty(asked),
				log: (asked) => beside().log(asked),
				soFar: (camera, asked, without) =>
					remembered(replica, JSON.stringify([camera, asked, without]), () =>
						beside().soFar(camera, asked, without)
					)
			})
		};
	} catch {
		// A browser that keeps nothing carries nothing.
		return null;
	}
}

export const carried = {
	/** Whether all is to be carried here: it is, until somebody says otherwise. */
	get wanted(): boolean {
		return browser && keptHere(KEY, true);
	},

	/** Opens what is carried; null where nothing is, or the browser keeps nothing. */
	open(): Promise<Opened | null> {
		if (!this.wanted) return Promise.resolve(null);
		return (opening ??= open());
	},

	/** Carries all of it from now on, or forgets it. */
	async want(wanted: boolean): Promise<void> {
		const before = await this.open();
		keepHere(KEY, wanted ? null : false);
		if (wanted) return;
		opening = null;
		endBeside();
		await before?.replica.delete();
	},

	/** The records that are carried, where that is all of them; null where it is not. */
	async records(): Promise<ViewRecords | null> {
		const opened = await this.open();
		if (!opened) return null;
		const { metaOf } = await import('$replica/keep');
		const together = await metaOf(opened.replica, 'together').catch(() => undefined);
		return together?.whole ? opened.records : null;
	},

	/** What a view shows of them. */
	async shown<Name extends ViewName>(
		records: ViewRecords,
		name: Name,
		query: string
	): Promise<Awaited<ReturnType<Views[Name]>>> {
		const { views } = await allViews();
		return (await views[name](records, new URLSearchParams(query))) as Awaited<ReturnType<Views[Name]>>;
	},

	/** Puts a record of this device among those that are carried, or takes it away. */
	async keepOwn(kind: ChangedKind, id: string, record: (object & Stored) | null): Promise<void> {
		const opened = await this.open();
		if (!opened) return;
		const { keepOwn } = await import('$replica/keep');
		// What could not be put there is in the outbox still, and comes from the server later.
		await keepOwn(opened.replica, kind, id, record).catch(() => {});
	}
};
