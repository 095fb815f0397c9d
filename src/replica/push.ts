import type { RecordKind } from '$contract/records';
import type { Issue } from '$contract/validate';
import type { Replica } from './database';
import { putRow } from './keep';
import { merge } from './merge';
import { noticesOf, waitingWrites, type AnyRecord, type Notice, type Write } from './writes';

/** What the server says to a change. */
export type Said =
	| { result: 'saved'; record: AnyRecord | undefined }
	| { result: 'invalid'; issues: Issue[] }
	| { result: 'stale'; current: AnyRecord }
	| { result: 'refused'; message: string; status: number }
	| { result: 'unreachable'; answered: boolean };

/** How changes reach the server. */
export interface Way {
	create(kind: RecordKind, id: string, record: AnyRecord): Promise<Said>;
	replace(kind: RecordKind, record: AnyRecord): Promise<Said>;
	remove(kind: RecordKind, id: string, version: number | undefined): Promise<Said>;
	read(kind: RecordKind, id: string): Promise<Said>;
}

const MISSING = 404;
/** How often a record is merged again that changes elsewhere all the time. */
const MOST_MERGES = 5;

const nameOf = (record: AnyRecord | null): string => {
	const { name, number } = (record ?? {}) as { name?: string; number?: number };
	return name ?? (number === undefined ? '' : `frame ${number}`);
};

async function tell(
	replica: Replica,
	{ kind, id, base, record }: Write,
	what: Notice['what']
): Promise<void> {
	const notice: Notice = { id, kind, name: nameOf(record ?? base), what, at: Date.now() };
	const value = [...(await noticesOf(replica)).filter((each) => each.id !== id), notice];
	await replica.meta.put({ key: 'notices', value });
}

/** Whether an entry is still the one that was sent. */
const current = (replica: Replica, { n }: Write) => replica.writes.get(n);

/** The server has it: what was changed here meanwhile goes on from there. */
function settled(replica: Replica, sent: Write, there: AnyRecord | null): Promise<void> {
	return replica.transaction('rw', replica.tables, async () => {
		const now = await current(replica, sent);
		if (!now) return;
		if (now.turn === sent.turn) {
			await replica.writes.delete(now.n);
			return putRow(replica, now.kind, now.id, there);
		}
		const next = there
			? now.act === 'remove'
				? { ...now, base: there }
				: { ...now, act: 'replace', base: there, record: { ...now.record, version: there.version } }
			: { ...now, act: now.act === 'remove' ? 'remove' : 'create', base: null };
		await replica.writes.put(next as Write);
		if (next.record) await putRow(replica, now.kind, now.id, next.record);
	});
}

/** It is as the server has it after all, and the person is told why. */
function givenUp(
	replica: Replica,
	sent: Write,
	there: AnyRecord | null,
	what: Notice['what']
): Promise<void> {
	return replica.transaction('rw', replica.tables, async () => {
		const now = await current(replica, sent);
		if (!now || now.turn !== sent.turn) return;
		await replica.writes.delete(now.n);
		await putRow(replica, now.kind, now.id, there);
		await tell(replica, now, what);
	});
}

/** Notes at an entry what became of it, unless it was changed meanwhile; says whether it was not. */
function noted(replica: Replica, sent: Write, change: Partial<Write>): Promise<boolean> {
	return replica.transaction('rw', replica.tables, async () => {
		const now = await current(replica, sent);
		if (!now || now.turn !== sent.turn) return false;
		const next = { ...now, ...change } as Write;
		await replica.writes.put(next);
		if (next.record) await putRow(replica, next.kind, next.id, next.record);
		return true;
	});
}

const inWords = (said: Said): string => {
	if (said.result === 'invalid')
		return said.issues.map(({ path, message }) => `${path}: ${message}`).join(', ');
	return said.result === 'refused' ? said.message : 'not accepted';
};

/** Whether to go on with the next: not where nothing answers. */
type GoOn = boolean;

async function pushRemoval(replica: Replica, way: Way, write: Write): Promise<GoOn> {
	const said = await way.remove(write.kind, write.id, write.base?.version);
	if (said.result === 'unreachable') return said.answered;
	if (said.result === 'saved' || (said.result === 'refused' && said.status === MISSING))
		await settled(replica, write, null);
	else if (said.result === 'stale') await givenUp(replica, write, said.current, 'stayed');
	else {
		const there = await way.read(write.kind, write.id);
		if (there.result === 'saved') await givenUp(replica, write, there.record ?? null, 'in use');
		else await noted(replica, write, { problem: inWords(said) });
	}
	return true;
}

async function pushNew(replica: Replica, way: Way, write: Write, back = false): Promise<GoOn> {
	const said = await way.create(write.kind, write.id, write.record!);
	if (said.result === 'unreachable') return said.answered;
	if (said.result === 'saved') {
		await settled(replica, write, said.record ?? null);
		if (back) await tell(replica, write, 'came back');
	} else if (said.result === 'stale') {
		// It arrived before, and was changed there since: what is here was begun from nothing.
		const { record, both } = merge({ id: write.id, version: 0 }, write.record!, said.current);
		const next = both.length > 0 ? { conflict: { theirs: said.current, both } } : { record };
		await noted(replica, write, { act: 'replace', base: said.current, ...next } as Partial<Write>);
	} else await noted(replica, write, { problem: inWords(said) });
	return true;
}

async function pushChange(replica: Replica, way: Way, write: Write): Promise<GoOn> {
	let [base, record] = [write.base!, write.record!];
	for (let times = 0; times < MOST_MERGES; times++) {
		const said = await way.replace(write.kind, record);
		if (said.result === 'unreachable') return said.answered;
		if (said.result === 'saved') {
			await settled(replica, write, said.record!);
			return true;
		}
		if (said.result === 'refused' && said.status === MISSING) return pushNew(replica, way, write, true);
		if (said.result !== 'stale') {
			await noted(replica, write, { problem: inWords(said) });
			return true;
		}
		const merged = merge(base, record, said.current);
		if (merged.both.length > 0) {
			await noted(replica, write, { conflict: { theirs: said.current, both: merged.both } });
			return true;
		}
		[base, record] = [said.current, merged.record];
		if (!(await noted(replica, write, { base, record }))) return true;
	}
	return true;
}

/**
 * Sends what waits, in the order in which it was begun. What is asked of a person is left out until they answer; what the
 * server would not have, until they ask for it.
 *
 * @param again whether to send those again, too, that the server would not have
 * @returns whether the server answered to the end
 */
export async function push(replica: Replica, way: Way, again = false): Promise<boolean> {
	for (const write of await waitingWrites(replica)) {
		if (write.conflict || (write.problem && !again)) continue;
		const { act } = write;
		const send = act === 'create' ? pushNew : act === 'remove' ? pushRemoval : pushChange;
		if (!(await send(replica, way, write))) return false;
	}
	return true;
}

/** Whose version of a record is right, of those that were changed on both sides. */
export function decide(replica: Replica, n: number, whose: 'mine' | 'theirs'): Promise<void> {
	return replica.transaction('rw', replica.tables, async () => {
		const write = await replica.writes.get(n);
		if (!write?.conflict || write.act !== 'replace') return;
		const { theirs } = write.conflict;
		const { conflict: _, ...rest } = write;
		if (whose === 'theirs') {
			await replica.writes.delete(n);
			return putRow(replica, write.kind, write.id, theirs);
		}
		const { record } = merge(write.base, write.record, theirs);
		await replica.writes.put({ ...rest, base: theirs, record, turn: write.turn + 1 });
		await putRow(replica, write.kind, write.id, record);
	});
}

/** Lets go of a change: the record is as the server has it, where that is known. */
export function letGo(replica: Replica, n: number): Promise<void> {
	return replica.transaction('rw', replica.tables, async () => {
		const write = await replica.writes.get(n);
		if (!write) return;
		await replica.writes.delete(n);
		await putRow(replica, write.kind, write.id, write.conflict?.theirs ?? write.base);
	});
}
