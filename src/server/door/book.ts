import Database from 'better-sqlite3';
import { randomUUID } from 'node:crypto';
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { migrate } from '../database/migrate';
import { hashed, isKept, kept, newToken, NOBODYS } from './secrets';

/**
 * Who is let in: people, the devices and scripts of theirs, and codes for a phone's first time. It lies beside the
 * records and not among them: a backup that is restored lets nobody in who was sent away since.
 */

export const BOOK_FILE = 'door.sqlite';

const DAY_MS = 86_400_000;
/** A device that was not seen for so long signs in again (OWASP ASVS 4, 3.3.2). */
export const DEVICE_MS = 30 * DAY_MS;
/** A code for a phone's first time lives so long, and once. */
export const CODE_MS = 5 * 60_000;
/** One by which a person comes in for the first time, so long. */
export const INVITATION_MS = DAY_MS;
/** When something was last seen is written no more often than this, ms. */
const SEEN_MS = 60_000;

/** What a database of it went through, the oldest first. */
const forms = [
	{
		number: 1,
		sql: `
CREATE TABLE person (
	id TEXT PRIMARY KEY,
	name TEXT NOT NULL UNIQUE,
	passphrase TEXT,
	created_at INTEGER NOT NULL
);
CREATE TABLE pass (
	id TEXT PRIMARY KEY,
	person_id TEXT NOT NULL REFERENCES person (id) ON DELETE CASCADE,
	kind TEXT NOT NULL CHECK (kind IN ('device', 'token')),
	name TEXT NOT NULL,
	access TEXT NOT NULL CHECK (access IN ('read', 'write')),
	hash TEXT NOT NULL UNIQUE,
	created_at INTEGER NOT NULL,
	seen_at INTEGER NOT NULL
);
CREATE INDEX pass_person ON pass (person_id, kind);
CREATE TABLE code (
	hash TEXT PRIMARY KEY,
	person_id TEXT NOT NULL REFERENCES person (id) ON DELETE CASCADE,
	expires_at INTEGER NOT NULL
);`
	},
	{
		// A code may let somebody choose a passphrase, and not only a phone come in.
		number: 2,
		sql: `ALTER TABLE code ADD COLUMN kind TEXT NOT NULL DEFAULT 'phone' CHECK (kind IN ('phone', 'person'))`
	}
];

export type PassKind = 'device' | 'token';
export type Access = 'read' | 'write';

export type CodeKind = 'phone' | 'person';

/** Whoever has records here. */
export interface Person {
	id: string;
	/** Empty where the owner was never asked for one. */
	name: string;
	/** Whether a passphrase is set. */
	begun: boolean;
	/** When a device of theirs was seen last, ms; null where none is in. */
	seenAt: number | null;
}

/** Whoever was let in: by what, and for what. */
export interface Entrant {
	person: string;
	pass: string;
	kind: PassKind;
	access: Access;
}

/** A device or a token, as it is listed. */
export interface Pass {
	id: string;
	name: string;
	access: Access;
	createdAt: number;
	seenAt: number;
}

interface PassRow {
	id: string;
	person_id: string;
	kind: PassKind;
	name: string;
	access: Access;
	created_at: number;
	seen_at: number;
}

const passOf = ({ id, name, access, created_at: createdAt, seen_at: seenAt }: PassRow): Pass => ({
	id,
	name,
	access,
	createdAt,
	seenAt
});

/** As a name is compared: a capital more or less is the same. */
const folded = (name: string) => name.normalize('NFKC').trim().toLowerCase();

/** All of its statements, prepared once: every request asks one of them. */
const statementsOf = (database: Database.Database) => ({
	owner: database.prepare<[], { id: string }>('SELECT id FROM person ORDER BY rowid LIMIT 1'),
	people: database.prepare<[], { id: string; name: string; begun: number; seenAt: number | null }>(
		`SELECT person.id, name, passphrase IS NOT NULL AS begun,
			(SELECT max(seen_at) FROM pass WHERE person_id = person.id AND kind = 'device') AS seenAt
		FROM person ORDER BY rowid`
	),
	rename: database.prepare('UPDATE person SET name = ? WHERE id = ?'),
	removePerson: database.prepare('DELETE FROM person WHERE id = ?'),
	addPerson: database.prepare('INSERT INTO person (id, name, created_at) VALUES (?, ?, ?)'),
	passphrase: database.prepare<[string], string | null>('SELECT passphrase FROM person WHERE id = ?').pluck(),
	setPassphrase: database.prepare('UPDATE person SET passphrase = ? WHERE id = ?'),
	addPass: database.prepare(
		`INSERT INTO pass (id, person_id, kind, name, access, hash, created_at, seen_at)
		VALUES (?, ?, ?, ?, ?, ?, ?, ?)`
	),
	passByHash: database.prepare<[string], PassRow>('SELECT * FROM pass WHERE hash = ?'),
	passById: database.prepare<[string], PassRow>('SELECT * FROM pass WHERE id = ?'),
	passes: database.prepare<[string, PassKind], PassRow>(
		'SELECT * FROM pass WHERE person_id = ? AND kind = ? ORDER BY seen_at DESC, created_at DESC, id'
	),
	seen: database.prepare('UPDATE pass SET seen_at = ? WHERE id = ?'),
	endPass: database.prepare('DELETE FROM pass WHERE person_id = ? AND kind = ? AND id = ?'),
	endOthers: database.prepare(`DELETE FROM pass WHERE person_id = ? AND kind = 'device' AND id IS NOT ?`),
	endOld: database.prepare(`DELETE FROM pass WHERE kind = 'device' AND seen_at < ?`),
	addCode: database.prepare('INSERT INTO code (hash, person_id, expires_at, kind) VALUES (?, ?, ?, ?)'),
	takeCode: database.prepare<[string, CodeKind], { person_id: string; expires_at: number }>(
		'DELETE FROM code WHERE hash = ? AND kind = ? RETURNING person_id, expires_at'
	),
	code: database.prepare<[string, CodeKind], { person_id: string; expires_at: number }>(
		'SELECT person_id, expires_at FROM code WHERE hash = ? AND kind = ?'
	),
	endCodes: database.prepare('DELETE FROM code WHERE person_id = ?'),
	endOldCodes: database.prepare('DELETE FROM code WHERE expires_at < ?')
});

export class Book {
	#database: Database.Database;
	#ask: ReturnType<typeof statementsOf>;
	#now: () => number;

	/**
	 * Opens the book of a data folder, and makes it where there is none.
	 *
	 * @throws Error in words where it is of a newer version of the program
	 */
	constructor(folder: string, now: () => number = Date.now) {
		mkdirSync(folder, { recursive: true });
		this.#database = new Database(join(folder, BOOK_FILE), { timeout: 5000 });
		this.#database.pragma('journal_mode = WAL');
		this.#database.pragma('synchronous = FULL');
		this.#database.pragma('foreign_keys = ON');
		// What was let go of leaves nothing in the file.
		this.#database.pragma('secure_delete = ON');
		migrate(this.#database, Infinity, forms);
		this.#ask = statementsOf(this.#database);
		this.#now = now;
	}

	/** The person whose records these are. */
	owner(): string {
		const known = this.#ask.owner.get();
		if (known) return known.id;
		const id = randomUUID();
		this.#ask.addPerson.run(id, '', this.#now());
		return id;
	}

	hasPassphrase(person = this.owner()): boolean {
		return Boolean(this.#ask.passphrase.get(person));
	}

	/** Whether it is the person's passphrase; where none is set, none is. It takes as long for nobody as for somebody. */
	async isPassphrase(said: string, person: string | null = this.owner()): Promise<boolean> {
		const known = person === null ? null : this.#ask.passphrase.get(person);
		return (await isKept(said, known ?? NOBODYS)) && Boolean(known);
	}

	/**
	 * Sets a person's passphrase: devices that came in with the one before sign in again.
	 *
	 * @param stays the device that stays in
	 */
	async setPassphrase(passphrase: string, stays: string | null = null, person = this.owner()): Promise<void> {
		const secret = await kept(passphrase);
		this.#database.transaction(() => {
			this.#ask.setPassphrase.run(secret, person);
			this.#ask.endOthers.run(person, stays);
			this.#ask.endCodes.run(person);
		})();
	}

	/** Sets the first passphrase, and the owner's name; false where there is one by then. */
	async begin(passphrase: string, name = ''): Promise<boolean> {
		const secret = await kept(passphrase);
		return this.#database
			.transaction(() => {
				if (this.hasPassphrase()) return false;
				if (name) this.#ask.rename.run(name.trim(), this.owner());
				this.#ask.setPassphrase.run(secret, this.owner());
				return true;
			})
			.immediate();
	}

	/** Lets a device or a script in; its secret is told this once. */
	letIn(
		{ kind, name, access }: { kind: PassKind; name: string; access: Access },
		person = this.owner()
	): { id: string; token: string } {
		const id = randomUUID();
		const token = newToken();
		const now = this.#now();
		this.#ask.addPass.run(id, person, kind, name, access, hashed(token), now, now);
		return { id, token };
	}

	/** Who shows a secret; null where nobody has it. */
	entrant(token: string, kind: PassKind): Entrant | null {
		const row = this.#ask.passByHash.get(hashed(token));
		if (!row || row.kind !== kind) return null;
		const now = this.#now();
		if (kind === 'device' && now - row.seen_at > DEVICE_MS) {
			this.#ask.endOld.run(now - DEVICE_MS);
			return null;
		}
		if (now - row.seen_at >= SEEN_MS) this.#ask.seen.run(now, row.id);
		return { person: row.person_id, pass: row.id, kind: row.kind, access: row.access };
	}

	/** Whether a device or a script is still let in. */
	knows(pass: string): boolean {
		return this.#ask.passById.get(pass) !== undefined;
	}

	/** The devices or the tokens of a person, those that were seen last first. */
	passes(kind: PassKind, person = this.owner()): Pass[] {
		if (kind === 'device') this.#ask.endOld.run(this.#now() - DEVICE_MS);
		return this.#ask.passes.all(person, kind).map(passOf);
	}

	/** Sends a device or a script away; false where there is none of that name. */
	sendAway(kind: PassKind, id: string, person = this.owner()): boolean {
		return this.#ask.endPass.run(person, kind, id).changes > 0;
	}

	/** A code that lets one phone in, within five minutes; or a person for the first time, within a day. */
	newCode(person = this.owner(), kind: CodeKind = 'phone'): { code: string; until: number } {
		const code = newToken();
		const until = this.#now() + (kind === 'phone' ? CODE_MS : INVITATION_MS);
		this.#ask.endOldCodes.run(this.#now());
		this.#ask.addCode.run(hashed(code), person, until, kind);
		return { code, until };
	}

	/** Whom a code would let in; null where nobody. */
	whoseCode(code: string, kind: CodeKind = 'phone'): string | null {
		const known = this.#ask.code.get(hashed(code), kind);
		return known && known.expires_at > this.#now() ? known.person_id : null;
	}

	/** Takes a code: whose it was, or null where it was taken before, is too old or was none. */
	takeCode(code: string, kind: CodeKind = 'phone'): string | null {
		const taken = this.#ask.takeCode.get(hashed(code), kind);
		return taken && taken.expires_at > this.#now() ? taken.person_id : null;
	}

	/** All who have records here, the owner first. */
	people(): Person[] {
		this.owner();
		return this.#ask.people.all().map(({ begun, ...person }) => ({ ...person, begun: begun === 1 }));
	}

	/** Who is called so, however it is written; an owner without a name is called nothing. */
	called(name: string): Person | null {
		return this.people().find((person) => folded(person.name) === folded(name)) ?? null;
	}

	/** Takes somebody in; null where is already taken. */
	addPerson(name: string): string | null {
		return this.#database
			.transaction(() => {
				if (this.called(name)) return null;
				const id = randomUUID();
				this.#ask.addPerson.run(id, name.trim(), this.#now());
				return id;
			})
			.immediate();
	}

	/** Calls somebody otherwise; false where is already taken. */
	rename(person: string, name: string): boolean {
		const known = this.called(name);
		if (known && known.id !== person) return false;
		this.#ask.rename.run(name.trim(), person);
		return true;
	}

	/** Lets somebody in no more, by anything; never the owner. Their records stay where they lie. */
	removePerson(person: string): boolean {
		return person !== this.owner() && this.#ask.removePerson.run(person).changes > 0;
	}

	close(): void {
		this.#database.pragma('wal_checkpoint(TRUNCATE)');
		this.#database.close();
	}
}
