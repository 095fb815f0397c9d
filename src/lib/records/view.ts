import { error } from '@sveltejs/kit';
import { parse } from 'devalue';
import type { ViewName, Views } from '$views/views';
import { SERVER_IN_TROUBLE } from './api';
import { carried } from './carried';
import { isNotFetched } from './not-fetched';
import { changes } from './changes.svelte';
import { later, nextTry, NOT_IN, server, signInFor, SOON } from './reach.svelte';
import { forWhom } from './whose';

type Shown<Name extends ViewName> = Awaited<ReturnType<Views[Name]>>;
type Asked = Readonly<Record<string, string>> | URLSearchParams;

/** A server that takes longer is not waited for where the records are here, too, ms. */
const PATIENCE_MS = 5000;

/** What an answer says in words; what is no answer of ours says nothing. */
function messageIn(text: string): string {
	try {
		return String((JSON.parse(text) as { message?: string }).message);
	} catch {
		return 'Something went wrong here. Your records are unchanged.';
	}
}

/** What came of asking the server. */
type Answered = { shown: unknown } | { status: number; message: string } | 'away' | 'not in';

/** What an answer holds. What is not ours to read, such as the sign-in page of a network, is no answer. */
function readAnswer(ok: boolean, status: number, text: string): Answered {
	if (status === NOT_IN) return 'not in';
	if (!ok) return { status, message: messageIn(text) };
	try {
		return { shown: parse(text) as unknown };
	} catch {
		return 'away';
	}
}

async function asked(fetch: typeof window.fetch, address: string): Promise<Answered> {
	try {
		const response = await fetch(address, { headers: forWhom });
		return readAnswer(response.ok, response.status, await response.text());
	} catch {
		return 'away';
	}
}

/** Whether an answer says nothing of what a view shows: none came, to somebody else, or of a server in trouble. */
const isOfNoServer = (answer: Exclude<Answered, { shown: unknown }>) =>
	typeof answer === 'string' || answer.status >= SERVER_IN_TROUBLE;

/** What the server says, as long as it is waited for: no longer than a while where the records are here, too. */
async function inTime(answer: Promise<Answered>): Promise<Answered> {
	let timer: ReturnType<typeof setTimeout> | undefined;
	const late = new Promise<Answered>((resolve) => {
		timer = setTimeout(() => void carried.records().then((here) => here && resolve('away')), PATIENCE_MS);
	});
	try {
		return await Promise.race([answer, late]);
	} finally {
		clearTimeout(timer);
	}
}

/** What a view shows of what was carried here; null where that is not all. */
async function shownHere<Name extends ViewName>(name: Name, query: string) {
	try {
		const records = await carried.records();
		return records && { shown: await carried.shown(records, name, query) };
	} catch (error) {
		// What reads them was never fetched, and cannot be now: they are as good as not here.
		if (isNotFetched(error)) return null;
		throw error;
	}
}

const addressOf = (name: ViewName, query: string) => `/api/views/${name}${query && `?${query}`}`;

/** Leaves for the page where one signs in: nothing more is shown here. */
function signIn(): Promise<never> {
	location.assign(signInFor(location));
	return new Promise(() => {});
}

/**
 * What a view shows: as the server has it now; where it does not answer, as it was carried here; where that is not all
 * of it, as soon as it answers again. Who is not in, and carries nothing, is sent to sign in.
 *
 * @throws an error of SvelteKit where there is no such thing, with the word for it
 */
export async function viewOf<Name extends ViewName>(
	fetch: typeof window.fetch,
	name: Name,
	given: Asked = {}
): Promise<Shown<Name>> {
	const query = new URLSearchParams(given).toString();
	const address = addressOf(name, query);
	for (let pause = SOON; ; pause = later(pause)) {
		const known = server.away || changes.waits ? await shownHere(name, query) : null;
		if (known) return known.shown;
		const answer = await inTime(asked(fetch, address));
		server.set(answer === 'away', answer === 'not in');
		if (typeof answer === 'object' && 'shown' in answer) return answer.shown as Shown<Name>;
		const here = isOfNoServer(answer) ? await shownHere(name, query) : null;
		if (here) return here.shown;
		if (answer === 'not in') return signIn();
		if (answer !== 'away') error(answer.status, answer.message);
		await nextTry(pause);
	}
}
