import type { RequestEvent, RequestHandler } from '@sveltejs/kit';
import { object, string, type AnySchema } from 'yup';
import { onlyAllow, problem } from '../api/answers';
import { guarded } from '../api/guarded';
import { discard, readBody } from '../api/read-body';
import { book } from './books';
import { entrance } from './entrance';
import { isSafe } from './keeper';
import { beginPage, joinPage, pageHeaders, pairPage, signInPage } from './pages';
import { wrongWith } from './passphrase';
import { come, guessedName, letDeviceIn, notThat } from './session';

/** The pages by which one comes in: forms of old, as nothing of the program is shown to who is not in. */

const FORM = /^application\/x-www-form-urlencoded\s*(;|$)/i;
/** A form brings a passphrase, a name and an address, bytes. */
const MOST_BYTES = 8 * 1024;
const MOST_NAME = 60;
/** Where a phone's devices and codes are. */
const PHONES = '/settings/phones';

const shown = (page: string, status = 200, more: Record<string, string> = {}) =>
	new Response(page, { status, headers: { ...pageHeaders, ...more } });
const sentTo = (location: string) =>
	new Response(null, { status: 303, headers: { location, 'cache-control': 'no-store' } });

/** Where somebody wanted to go: a page of this program and nothing else. */
function wayOn(to: string | null): string {
	const here = 'http://here.invalid';
	try {
		const { origin, pathname, search, hash } = new URL(to || '/', here);
		return origin === here && !pathname.startsWith('//') ? pathname + search + hash : '/';
	} catch {
		return '/';
	}
}

const device = ({ request }: RequestEvent, form?: URLSearchParams) =>
	form?.get('device')?.slice(0, MOST_NAME).trim() || guessedName(request.headers.get('user-agent'));

/** A page, where the door is closed: nobody is asked at an open one. */
const page = (show: (event: RequestEvent) => Response, schema?: AnySchema) =>
	guarded((event) => (entrance().closed ? show(event) : sentTo('/')), schema);

/** What is done with the form of a page. */
const form = (
	take: (event: RequestEvent, form: URLSearchParams) => Promise<Response>,
	schema?: AnySchema
): RequestHandler =>
	guarded(async (event) => {
		if (!entrance().closed) return sentTo('/');
		if (!FORM.test(event.request.headers.get('content-type') ?? '')) {
			discard(event.request);
			return problem(415, 'Send the form of this page');
		}
		const read = await readBody(event.request, MOST_BYTES);
		return 'answer' in read ? read.answer : take(event, new URLSearchParams(read.bytes.toString('utf8')));
	}, schema);

const fallback = onlyAllow('GET', 'POST');

interface Again {
	problem?: string;
	to?: string;
	name?: string;
	status?: number;
	more?: Record<string, string>;
}

function signIn(event: RequestEvent, { problem, to, name, status, more }: Again = {}): Response {
	const { way } = event.locals;
	const asked = to ?? event.url.searchParams.get('to') ?? '';
	const begun = book().hasPassphrase();
	const safe = isSafe(way);
	const { people } = entrance();
	const page = signInPage({ device: device(event), problem, to: asked, safe, begun, people, name });
	return shown(page, status, more);
}

async function signedIn(event: RequestEvent, said: URLSearchParams): Promise<Response> {
	const to = said.get('to') ?? '';
	const name = said.get('name') ?? '';
	const passphrase = said.get('passphrase') ?? '';
	const came = await come(event, { name, passphrase, device: device(event, said) });
	if ('wait' in came) {
		return signIn(event, {
			problem: `Too many attempts from here. Wait ${came.wait} s and try again.`,
			to,
			name,
			status: 429,
			more: { 'retry-after': String(came.wait) }
		});
	}
	return 'wrong' in came ? signIn(event, { problem: notThat(), to, name, status: 401 }) : sentTo(wayOn(to));
}

const toSchema = object({ to: string() });
export const signInHandlers = {
	GET: page((event) => signIn(event), toSchema),
	POST: form(signedIn, toSchema),
	fallback
};

const begin = (event: RequestEvent, problem?: string) =>
	shown(beginPage({ device: device(event), problem, people: entrance().people }), problem ? 422 : 200);

/** What is wrong with a passphrase that was typed twice; null where nothing is. */
async function wrongIn(said: URLSearchParams): Promise<string | null> {
	const passphrase = said.get('passphrase') ?? '';
	if (passphrase !== said.get('again')) return 'The two don’t match. Type both again.';
	return wrongWith(passphrase);
}

async function begun(event: RequestEvent, said: URLSearchParams): Promise<Response> {
	const name = (said.get('name') ?? '').slice(0, MOST_NAME).trim();
	const wrong = entrance().people && !name ? 'Enter your name.' : await wrongIn(said);
	if (wrong) return begin(event, wrong);
	if (!(await book().begin(said.get('passphrase') ?? '', name))) return sentTo('/sign-in');
	letDeviceIn(event, device(event, said));
	return sentTo(PHONES);
}

/** Whoever is let through to it sits at the desk, and there is no passphrase yet. */
export const beginHandlers = { GET: page((event) => begin(event)), POST: form(begun), fallback };

const codeSchema = object({ code: string() });

function pair(event: RequestEvent, code: string): Response {
	const good = book().whoseCode(code) !== null;
	return shown(pairPage({ device: device(event), code, good }), good ? 200 : 410);
}

async function paired(event: RequestEvent, said: URLSearchParams): Promise<Response> {
	const code = said.get('code') ?? '';
	const person = book().takeCode(code);
	if (person === null) return pair(event, code);
	letDeviceIn(event, device(event, said), person);
	return sentTo('/');
}

export const pairHandlers = {
	GET: page((event) => pair(event, event.url.searchParams.get('code') ?? ''), codeSchema),
	POST: form(paired, codeSchema),
	fallback
};

const nameOf = (person: string | null) =>
	book()
		.people()
		.find(({ id }) => id === person)?.name ?? null;

function join(event: RequestEvent, code: string, problem?: string): Response {
	const name = nameOf(book().whoseCode(code, 'person'));
	const status = problem ? 422 : 200;
	return shown(joinPage({ device: device(event), code, problem, name }), name === null ? 410 : status);
}

async function joined(event: RequestEvent, said: URLSearchParams): Promise<Response> {
	const code = said.get('code') ?? '';
	const wrong = book().whoseCode(code, 'person') ? await wrongIn(said) : null;
	if (wrong) return join(event, code, wrong);
	const person = book().takeCode(code, 'person');
	if (person === null) return join(event, code);
	await book().setPassphrase(said.get('passphrase') ?? '', null, person);
	letDeviceIn(event, device(event, said), person);
	return sentTo('/');
}

/** Somebody's first time, by the owner's invitation. */
export const joinHandlers = {
	GET: page((event) => join(event, event.url.searchParams.get('code') ?? ''), codeSchema),
	POST: form(joined, codeSchema),
	fallback
};
