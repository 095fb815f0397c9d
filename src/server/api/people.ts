import { json, type RequestEvent } from '@sveltejs/kit';
import { personSchema, type PersonTold } from '$contract/door';
import type { Person } from '../door/book';
import { book } from '../door/books';
import { addressFor, entrance } from '../door/entrance';
import { JOIN } from '../door/keeper';
import { invalid, notFound, onlyAllow, problem } from './answers';
import { codeSvg } from './codes';
import { guarded } from './guarded';
import { readChecked } from './read-json';

/** Who has records here: the owner lets others in, and sees nothing of what they keep. */

/** Why a request about people is not answered; null where it is. */
function refusal({ locals }: RequestEvent): Response | null {
	if (!entrance().people)
		return problem(409, 'This server keeps one person’s records. Start it with --people for more.');
	return locals.entrant?.person === book().owner() ? null : problem(403, 'Only the owner can invite people.');
}
const owners = (handler: (event: RequestEvent) => Response | Promise<Response>) =>
	guarded((event) => refusal(event) ?? handler(event));

/** Somebody, as the owner sees them. */
export const personTold = ({ id, name, begun, seenAt }: Person): PersonTold => ({
	id,
	name,
	owner: id === book().owner(),
	begun,
	seenAt: seenAt === null ? null : new Date(seenAt).toISOString()
});

const isTaken = () => invalid([{ path: 'name', message: 'is already taken' }]);

async function invitation(event: RequestEvent, id: string): Promise<Response> {
	const { code, until } = book().newCode(id, 'person');
	const address = `${addressFor(event.url)}${JOIN}?code=${code}`;
	const picture = await codeSvg(address);
	return json({ id, address, code: picture, until: new Date(until).toISOString() }, { status: 201 });
}

const list = owners(() => json({ items: book().people().map(personTold) }));

const add = owners(async (event) => {
	const read = await readChecked(event.request, personSchema);
	if ('answer' in read) return read.answer;
	const id = book().addPerson(read.asked.name);
	return id === null ? isTaken() : invitation(event, id);
});
export const peopleHandlers = { GET: list, POST: add, fallback: onlyAllow('GET', 'POST') };

const known = (id: string | undefined) =>
	book()
		.people()
		.find((person) => person.id === id?.toLowerCase());

const rename = owners(async ({ params, request }) => {
	const read = await readChecked(request, personSchema);
	if ('answer' in read) return read.answer;
	const person = known(params.id);
	if (!person) return notFound('person');
	return book().rename(person.id, read.asked.name) ? json(personTold(known(person.id)!)) : isTaken();
});

const remove = owners(({ params }) => {
	const person = known(params.id);
	if (!person) return notFound('person');
	if (!book().removePerson(person.id)) return problem(409, 'The owner can’t be removed.');
	return new Response(null, { status: 204 });
});
export const onePersonHandlers = { PUT: rename, DELETE: remove, fallback: onlyAllow('PUT', 'DELETE') };

/** A new one, for who forgot the passphrase or came too late. */
const invite = owners((event) => {
	const person = known(event.params.id);
	return person ? invitation(event, person.id) : notFound('person');
});
export const invitationHandlers = { POST: invite, fallback: onlyAllow('POST') };
