import { json } from '@sveltejs/kit';
import { passphraseSchema, sessionSchema, tokenSchema, type DoorTold, type PassTold } from '$contract/door';
import type { Pass, PassKind } from '../door/book';
import { book } from '../door/books';
import { certificatesFor, fingerprint } from '../door/authority';
import { certified, entrance, machine, networkAddresses } from '../door/entrance';
import { isSafe, PAIR } from '../door/keeper';
import { wrongWith } from '../door/passphrase';
import { come, leave, notThat, tries } from '../door/session';
import { rootFolder } from '../store';
import { invalid, notFound, onlyAllow, problem } from './answers';
import { codeSvg } from './codes';
import { guarded } from './guarded';
import { personTold } from './people';
import { readChecked } from './read-json';

/** Who is let in: the API of it. */

const NOT_CLOSED =
	'Nobody has to sign in here: only this computer has access. Start it with --lan to let a phone in.';
const notClosed = () => problem(409, NOT_CLOSED);

const told = ({ id, name, access, createdAt, seenAt }: Pass): PassTold => ({
	id,
	name,
	access,
	createdAt: new Date(createdAt).toISOString(),
	seenAt: new Date(seenAt).toISOString()
});

/** What a phone has to trust first. */
async function authorityTold(): Promise<DoorTold['authority']> {
	const { lan, ownCertificate, hosts } = entrance();
	if (!lan || ownCertificate) return null;
	const { authority, until } = await certificatesFor(rootFolder(), certified(hosts), machine());
	const [address] = networkAddresses('http');
	if (!address) return null;
	return {
		address,
		code: await codeSvg(address),
		fingerprint: fingerprint(authority),
		until: until.toISOString()
	};
}

const door = guarded(async ({ locals, url }) => {
	const { closed, lan, people } = entrance();
	const mine = locals.entrant?.person;
	const all = people ? book().people() : [];
	const me = all.find(({ id }) => id === mine);
	const owner = mine === all[0]?.id;
	const listed = (kind: PassKind) => (closed ? book().passes(kind, mine).map(told) : []);
	const answer: DoorTold = {
		closed,
		lan,
		safe: isSafe(locals.way) || url.hostname === 'localhost',
		here: locals.entrant?.pass ?? null,
		addresses: networkAddresses(),
		authority: await authorityTold(),
		devices: listed('device'),
		tokens: listed('token'),
		me: me ? { name: me.name, owner } : null,
		people: owner ? all.map(personTold) : []
	};
	return json(answer);
});
export const doorHandlers = { GET: door, fallback: onlyAllow('GET') };

const later = (seconds: number) => {
	const answer = problem(429, `Too many attempts. Try again in ${seconds} s.`);
	answer.headers.set('retry-after', String(seconds));
	return answer;
};

const signIn = guarded(async (event) => {
	if (!entrance().closed) return notClosed();
	const read = await readChecked(event.request, sessionSchema);
	if ('answer' in read) return read.answer;
	const came = await come(event, read.asked);
	if ('wait' in came) return later(came.wait);
	if ('wrong' in came) return problem(401, notThat());
	return json(came, { status: 201 });
});

/** Signs out whoever asks. */
const signOut = guarded((event) => {
	const { entrant } = event.locals;
	if (entrant) book().sendAway('device', entrant.pass, entrant.person);
	leave(event);
	return new Response(null, { status: 204 });
});
export const sessionHandlers = { POST: signIn, DELETE: signOut, fallback: onlyAllow('POST', 'DELETE') };

const listOf = (kind: PassKind) =>
	guarded(({ locals }) =>
		entrance().closed ? json({ items: book().passes(kind, locals.entrant?.person).map(told) }) : notClosed()
	);

const endOf = (kind: PassKind) =>
	guarded(({ locals, params }) => {
		if (!entrance().closed) return notClosed();
		const gone = book().sendAway(kind, params.id!.toLowerCase(), locals.entrant?.person);
		return gone ? new Response(null, { status: 204 }) : notFound(kind);
	});

const makeToken = guarded(async ({ locals, request }) => {
	if (!entrance().closed) return notClosed();
	const read = await readChecked(request, tokenSchema);
	if ('answer' in read) return read.answer;
	return json(book().letIn({ kind: 'token', ...read.asked }, locals.entrant?.person), { status: 201 });
});

export const deviceHandlers = { GET: listOf('device'), fallback: onlyAllow('GET') };
export const oneDeviceHandlers = { DELETE: endOf('device'), fallback: onlyAllow('DELETE') };
export const tokenHandlers = { GET: listOf('token'), POST: makeToken, fallback: onlyAllow('GET', 'POST') };
export const oneTokenHandlers = { DELETE: endOf('token'), fallback: onlyAllow('DELETE') };

/** A code for a phone's first time. */
const pair = guarded(async ({ locals }) => {
	const [address] = networkAddresses();
	if (!entrance().lan || !address) return problem(409, 'Start it with --lan to pair a phone.');
	const { code, until } = book().newCode(locals.entrant?.person);
	const whole = `${address}${PAIR}?code=${code}`;
	return json(
		{ address: whole, code: await codeSvg(whole), until: new Date(until).toISOString() },
		{ status: 201 }
	);
});
export const pairingHandlers = { POST: pair, fallback: onlyAllow('POST') };

const wrongAt = (path: string, message: string) => invalid([{ path, message }]);

/** Change the passphrase: every other device signs in again. */
const change = guarded(async ({ locals, request }) => {
	if (!entrance().closed) return notClosed();
	const read = await readChecked(request, passphraseSchema);
	if ('answer' in read) return read.answer;
	const wait = tries.wait(locals.way.from);
	if (wait > 0) return later(wait);
	if (!(await book().isPassphrase(read.asked.old, locals.entrant?.person))) {
		tries.wrong(locals.way.from);
		return wrongAt('old', 'isn’t the passphrase');
	}
	const wrong = await wrongWith(read.asked.new);
	if (wrong) return wrongAt('new', wrong);
	await book().setPassphrase(read.asked.new, locals.entrant?.pass ?? null, locals.entrant?.person);
	return new Response(null, { status: 204 });
});
export const passphraseHandlers = { PUT: change, fallback: onlyAllow('PUT') };
