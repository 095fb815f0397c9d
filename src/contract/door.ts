import { object, string } from 'yup';
import { name, shortText } from './fields';

/** Who is let in, as the API says it and is told. */

/** Longer ones are no passphrase any more. */
export const MOST_PASSPHRASE = 128;
const passphrase = () => string().required().max(MOST_PASSPHRASE);

export const deviceName = () => shortText(60).required();

/** Signing in. */
export const sessionSchema = object({ name: shortText(), passphrase: passphrase(), device: deviceName() });

export const accesses = ['read', 'write'] as const;

/** A token for a script. */
export const tokenSchema = object({
	name: name(),
	access: string().oneOf(accesses).required()
});

/** Change the passphrase in the place of the one that is known. */
export const passphraseSchema = object({ old: passphrase(), new: passphrase() });

/** A device that is in, or a token. */
export interface PassTold {
	id: string;
	name: string;
	access: (typeof accesses)[number];
	createdAt: string;
	/** To the minute. */
	seenAt: string;
}

/** How others come in here. */
export interface DoorTold {
	/** Whether who asks has to be let in at all. */
	closed: boolean;
	/** Whether it is opened to the network of a home by https of its own. */
	lan: boolean;
	/** Whether this page came by an address that nobody can listen to. */
	safe: boolean;
	/** The device that asks. */
	here: string | null;
	/** What phones open. */
	addresses: string[];
	/** What a phone has to trust before; none where it does already. */
	authority: { address: string; code: string; fingerprint: string; until: string } | null;
	devices: PassTold[];
	tokens: PassTold[];
	/** Who asks; null where there is one person's records only. */
	me: { name: string; owner: boolean } | null;
	/** Those who have records here, for the owner alone. */
	people: PersonTold[];
}

/** Somebody who has records here. */
export interface PersonTold {
	id: string;
	name: string;
	owner: boolean;
	/** Whether they have chosen a passphrase. */
	begun: boolean;
	seenAt: string | null;
}

export const personSchema = object({ name: name() });

/** A code for a phone's, or a person's, first time. */
export interface PairingTold {
	/** What a phone opens, and the same to be scanned: an SVG. */
	address: string;
	code: string;
	until: string;
}
