import Database from 'better-sqlite3';
import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { assert, property, array, constantFrom, integer } from 'fast-check';
import { expect, test } from 'vitest';
import { draws } from '../../../tests/fixtures/few';
import { Book, BOOK_FILE, CODE_MS, DEVICE_MS, INVITATION_MS } from './book';

const MINUTE_MS = 60_000;
const desk = { kind: 'device', name: 'Desk', access: 'write' } as const;

/** A book with a clock that is set. */
function anew() {
	const folder = mkdtempSync(join(tmpdir(), 'just-enough-book-'));
	let now = Date.parse('2026-05-02T10:00:00Z');
	const opened = () => new Book(folder, () => now);
	return { folder, opened, book: opened(), pass: (ms: number) => (now += ms) };
}

test('a passphrase is known again, however its letters are composed, and no other one is', async () => {
	const { book } = anew();
	expect(book.hasPassphrase()).toBe(false);
	expect(await book.isPassphrase('')).toBe(false);
	await book.setPassphrase('caf\u00e9 at low water');
	expect(book.hasPassphrase()).toBe(true);
	expect(await book.isPassphrase('cafe\u0301 at low water')).toBe(true);
	for (const other of ['Caf\u00e9 at low water', 'cafe at low water', 'caf\u00e9 at low water ', ''])
		expect(await book.isPassphrase(other), other).toBe(false);
});

test('only the first one can begin', async () => {
	const { book } = anew();
	const begun = await Promise.all([book.begin('one of two at once'), book.begin('two of two at once')]);
	expect(begun.filter(Boolean)).toHaveLength(1);
	expect(await book.begin('a third one later')).toBe(false);
});

test('no secret stands in the file', async () => {
	const { book, folder } = anew();
	await book.setPassphrase('caf\u00e9 at low water');
	const [device, token] = [book.letIn(desk), book.letIn({ ...desk, kind: 'token', name: 'Backup' })];
	const { code } = book.newCode();
	book.close();
	const file = readFileSync(join(folder, BOOK_FILE)).toString('latin1');
	for (const secret of ['low water', device.token, token.token, code]) expect(file).not.toContain(secret);
	// Two of the same are kept differently: each has a salt of its own.
	const { passphrase } = new Database(join(folder, BOOK_FILE))
		.prepare('SELECT passphrase FROM person')
		.get() as { passphrase: string };
	const { book: other, folder: elsewhere } = anew();
	await other.setPassphrase('caf\u00e9 at low water');
	other.close();
	expect(readFileSync(join(elsewhere, BOOK_FILE)).toString('latin1')).not.toContain(passphrase);
});

test('a device is in by its secret, a token by its own, and neither by the other’s', () => {
	const { book } = anew();
	const device = book.letIn(desk);
	const token = book.letIn({ kind: 'token', name: 'Backup', access: 'read' });
	expect(book.entrant(device.token, 'device')).toMatchObject({ pass: device.id, access: 'write' });
	expect(book.entrant(token.token, 'token')).toMatchObject({ pass: token.id, access: 'read' });
	expect(book.entrant(device.token, 'token')).toBeNull();
	expect(book.entrant(token.token, 'device')).toBeNull();
	expect(book.entrant(device.id, 'device')).toBeNull();
});

test('who is sent away is out, also after it is opened again', () => {
	const { book, opened } = anew();
	const [one, other] = [book.letIn(desk), book.letIn({ ...desk, name: 'Phone' })];
	expect(book.sendAway('token', one.id)).toBe(false);
	expect(book.sendAway('device', one.id)).toBe(true);
	expect(book.sendAway('device', one.id)).toBe(false);
	book.close();
	const again = opened();
	expect(again.entrant(one.token, 'device')).toBeNull();
	expect(again.entrant(other.token, 'device')).not.toBeNull();
	expect([again.knows(one.id), again.knows(other.id)]).toEqual([false, true]);
});

test('another passphrase leaves in who set it, and tokens; other devices sign in again', async () => {
	const { book } = anew();
	const [here, there] = [book.letIn(desk), book.letIn({ ...desk, name: 'Phone' })];
	const token = book.letIn({ kind: 'token', name: 'Backup', access: 'read' });
	await book.setPassphrase('another one by now', here.id);
	expect(book.entrant(here.token, 'device')).not.toBeNull();
	expect(book.entrant(there.token, 'device')).toBeNull();
	expect(book.entrant(token.token, 'token')).not.toBeNull();
});

test('a device that is used stays in; after 30 days without, it signs in again', () => {
	const { book, pass } = anew();
	const { token } = book.letIn(desk);
	for (let month = 0; month < 12; month++) {
		pass(DEVICE_MS - MINUTE_MS);
		expect(book.entrant(token, 'device'), `month ${month}`).not.toBeNull();
	}
	pass(DEVICE_MS + 1);
	expect(book.entrant(token, 'device')).toBeNull();
	expect(book.passes('device')).toEqual([]);
});

test('when a device was seen is known to the minute', () => {
	const { book, pass } = anew();
	const { token } = book.letIn(desk);
	const [{ seenAt: first }] = book.passes('device');
	pass(MINUTE_MS / 2);
	book.entrant(token, 'device');
	expect(book.passes('device')[0].seenAt).toBe(first);
	pass(MINUTE_MS / 2);
	book.entrant(token, 'device');
	expect(book.passes('device')[0].seenAt).toBe(first + MINUTE_MS);
});

test('a code is taken once, and within five minutes', () => {
	const { book, pass } = anew();
	const { code } = book.newCode();
	pass(CODE_MS - 1);
	expect(book.whoseCode(code)).toBe(book.owner());
	expect(book.takeCode(code)).toBe(book.owner());
	expect([book.whoseCode(code), book.takeCode(code)]).toEqual([null, null]);
	const late = book.newCode();
	pass(CODE_MS);
	expect([book.whoseCode(late.code), book.takeCode(late.code)]).toEqual([null, null]);
	expect(book.takeCode('none at all')).toBeNull();
});

test('people are told apart by their names, however those are written', async () => {
	const { book } = anew();
	expect(book.people()).toMatchObject([{ id: book.owner(), name: '', begun: false, seenAt: null }]);
	const ada = book.addPerson(' Zo\u00eb ')!;
	expect(book.addPerson('zoe\u0308')).toBeNull();
	expect(book.called('ZO\u00cb')?.id).toBe(ada);
	expect(book.rename(book.owner(), 'Zo\u00eb')).toBe(false);
	expect(book.rename(book.owner(), 'Harbour')).toBe(true);
	expect(book.people().map(({ name }) => name)).toEqual(['Harbour', 'Zo\u00eb']);
	// Each has a passphrase of their own; whoever has none is not let in by anything.
	await book.setPassphrase('the owner says this', null);
	expect(await book.isPassphrase('the owner says this', ada)).toBe(false);
	expect(await book.isPassphrase('', ada)).toBe(false);
	expect(await book.isPassphrase('', null)).toBe(false);
});

test('an invitation is for one person, once, within a day, and lets no phone in', () => {
	const { book, pass } = anew();
	const ada = book.addPerson('Ada')!;
	const { code } = book.newCode(ada, 'person');
	expect(book.takeCode(code)).toBeNull();
	pass(INVITATION_MS - 1);
	expect(book.whoseCode(code, 'person')).toBe(ada);
	expect(book.takeCode(code, 'person')).toBe(ada);
	expect(book.takeCode(code, 'person')).toBeNull();
});

test('who is removed is out by everything; the owner stays', () => {
	const { book } = anew();
	const ada = book.addPerson('Ada')!;
	const device = book.letIn(desk, ada);
	const { code } = book.newCode(ada);
	expect(book.removePerson(book.owner())).toBe(false);
	expect(book.removePerson(ada)).toBe(true);
	expect(book.entrant(device.token, 'device')).toBeNull();
	expect([book.knows(device.id), book.takeCode(code), book.called('Ada')]).toEqual([false, null, null]);
});

test('however devices come, go and wait, exactly those are in that came, were not sent away and did not wait too long', () => {
	const step = constantFrom('come', 'send away', 'use', 'wait');
	assert(
		property(array(step, { maxLength: 40 }), integer({ min: 0, max: 1000 }), (steps, seed) => {
			const { book, pass } = anew();
			/** What a person would note by hand: its secret, and how long it was not used. */
			const known = new Map<string, { token: string; idle: number }>();
			const one = (at: number) => [...known][(seed + at) % Math.max(1, known.size)];
			for (const [at, what] of steps.entries()) {
				if (what === 'come') {
					const { id, token } = book.letIn(desk);
					known.set(id, { token, idle: 0 });
				} else if (what === 'wait') {
					pass(DEVICE_MS / 3);
					for (const each of known.values()) each.idle++;
				} else if (known.size > 0) {
					const [id, { token, idle }] = one(at);
					if (what === 'use') {
						expect(book.entrant(token, 'device') !== null).toBe(idle <= 3);
						if (idle <= 3) known.set(id, { token, idle: 0 });
					} else {
						book.sendAway('device', id);
						known.delete(id);
						expect(book.entrant(token, 'device')).toBeNull();
					}
				}
			}
			const still = [...known].filter(([, { idle }]) => idle <= 3).map(([id]) => id);
			expect(
				book
					.passes('device')
					.map(({ id }) => id)
					.sort()
			).toEqual(still.sort());
			book.close();
		}),
		{ numRuns: draws(25) }
	);
});
