import { createHash, randomBytes, scrypt, timingSafeEqual, type ScryptOptions } from 'node:crypto';
import { promisify } from 'node:util';

/** What is known of a passphrase, and of what stands in a cookie, a token or a code: never the thing itself. */

/** As hard as OWASP's *Password Storage Cheat Sheet* asks (N 2^15, r 8, p 3: 32 MB), from memory. */
const HARD: ScryptOptions = { N: 2 ** 15, r: 8, p: 3, maxmem: 2 ** 26 };
const KEY_BYTES = 32;
const SALT_BYTES = 16;
/** 256 bits: nobody guesses it. */
const TOKEN_BYTES = 32;
const MOST_WAITING = 20;

const stretched = promisify<string, Buffer, number, ScryptOptions, Buffer>(scrypt);

/** Each takes 32 MB and a part of a second: one after the other, however many ask. */
let turn: Promise<unknown> = Promise.resolve();
let waiting = 0;
async function inTurn<T>(work: () => Promise<T>): Promise<T> {
	waiting++;
	const done = turn.then(work);
	turn = done.catch(() => null);
	try {
		return await done;
	} finally {
		waiting--;
	}
}

/** Whether so many passphrases are being looked at that one more would wait for long. */
export const areMany = (): boolean => waiting >= MOST_WAITING;

/** However it was typed: composed letters and taken-apart ones are the same (RFC 8265). */
const normal = (passphrase: string) => passphrase.normalize('NFC');

/** What is kept of a passphrase. */
export async function kept(passphrase: string): Promise<string> {
	const salt = randomBytes(SALT_BYTES);
	const key = await inTurn(() => stretched(normal(passphrase), salt, KEY_BYTES, HARD));
	return ['scrypt', HARD.N, HARD.r, HARD.p, salt.toString('base64'), key.toString('base64')].join('$');
}

/** Whether a passphrase is the one that something was kept of. */
export async function isKept(passphrase: string, of: string): Promise<boolean> {
	const [, cost, block, parallel, salt, key] = of.split('$');
	const how = { N: Number(cost), r: Number(block), p: Number(parallel), maxmem: HARD.maxmem };
	const known = Buffer.from(key, 'base64');
	const said = await inTurn(() =>
		stretched(normal(passphrase), Buffer.from(salt, 'base64'), known.length, how)
	);
	return timingSafeEqual(said, known);
}

/** What would be kept of a passphrase that nobody has: it is compared with where there is none. */
export const NOBODYS = [
	'scrypt',
	HARD.N,
	HARD.r,
	HARD.p,
	randomBytes(SALT_BYTES).toString('base64'),
	randomBytes(KEY_BYTES).toString('base64')
].join('$');

/** A new secret, as it is given away once. */
export const newToken = (): string => randomBytes(TOKEN_BYTES).toString('base64url');

/** What is kept of it: it is too long to be guessed, so that one round is enough. */
export const hashed = (token: string): string => createHash('sha256').update(token).digest('base64url');
