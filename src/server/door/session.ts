import type { RequestEvent } from '@sveltejs/kit';
import { book } from './books';
import { WHOSE } from '$contract/whose';
import { entrance } from './entrance';
import { cookieName } from './keeper';
import { areMany } from './secrets';
import { Tries } from './tries';

/** How a device comes in, and goes. */

/** Who guesses is slowed down. */
export const tries = new Tries();

/** What is said of a wrong try: not which half of it was wrong. */
export const notThat = () => `That isn’t the ${entrance().people ? 'name or the ' : ''}passphrase.`;

/** Where very many try at once, who comes then waits so long, s. */
const BUSY_S = 5;
/** Browsers keep a cookie for 400 days at most; the book ends it before, where it is not used. */
const COOKIE_S = 400 * 86_400;

type Came = { id: string } | { wait: number } | { wrong: true };

/** Lets a device in: it is known by its cookie from then on. */
export function letDeviceIn(
	{ cookies, locals }: RequestEvent,
	device: string,
	person = book().owner()
): { id: string } {
	const { https } = locals.way;
	const name = device.trim() || 'Device';
	const { id, token } = book().letIn({ kind: 'device', name, access: 'write' }, person);
	const how = { path: '/', sameSite: 'strict', secure: https, maxAge: COOKIE_S } as const;
	cookies.set(cookieName(https), token, { ...how, httpOnly: true });
	// No secret: the page looks at it, so that what one person left here is never sent as another's.
	if (entrance().people) cookies.set(WHOSE, person, { ...how, httpOnly: false });
	else cookies.delete(WHOSE, { ...how, httpOnly: false });
	return { id };
}

/** Whoever says who they are: the owner, where nobody is named, or nobody else has records here. */
const personSaid = (name = '') =>
	entrance().people && name.trim() ? (book().called(name)?.id ?? null) : book().owner();

/** Lets a device in that says the passphrase. */
export async function come(
	event: RequestEvent,
	{ name, passphrase, device }: { name?: string; passphrase: string; device: string }
): Promise<Came> {
	const { from } = event.locals.way;
	const wait = areMany() ? BUSY_S : tries.wait(from);
	if (wait > 0) return { wait };
	// Counted before it is looked at: many that come at once are not all looked at.
	tries.wrong(from);
	const person = personSaid(name);
	if (!(await book().isPassphrase(passphrase, person)) || person === null) return { wrong: true };
	tries.right(from);
	return letDeviceIn(event, device, person);
}

/** Has a browser forget that it was in. */
export function leave({ cookies, locals }: RequestEvent): void {
	const { https } = locals.way;
	cookies.delete(cookieName(https), { path: '/', httpOnly: true, sameSite: 'strict', secure: https });
}

/** What a device is called that says nothing of itself. */
export const guessedName = (agent: string | null): string =>
	/Mobile|Phone/i.test(agent ?? '') ? 'Phone' : /Tablet|Pad/i.test(agent ?? '') ? 'Tablet' : 'Desk';
