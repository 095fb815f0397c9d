import { X509Certificate } from 'node:crypto';
import { chmodSync, existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { BlockList, isIP } from 'node:net';
import { join } from 'node:path';
import { DAY_MS, OWN_NETWORKS, SERVER_DAYS, type Pair } from './certificates';

/**
 * https at home: an authority of one's own, which phones are told to trust once, and a certificate of it for the
 * addresses of this machine, which is renewed without asking anybody.
 */

/** It is renewed when less than this is left, days. */
const RENEWED_BEFORE = 60;

const ownNetworks = new BlockList();
for (const [network, prefix] of OWN_NETWORKS) ownNetworks.addSubnet(network, prefix);

export interface Certificates {
	authority: string;
	server: Pair;
	/** Until when the server's holds. */
	until: Date;
}

/** Where they lie. */
export const certificatesFolder = (data: string) => join(data, 'certificates');

/** Whether a name or an address is one that the authority may speak for. */
export function isOwnName(name: string, machine: string): boolean {
	if (isIP(name) === 4) return ownNetworks.check(name);
	return isIP(name) === 0 && (name === machine || name === 'localhost' || name.endsWith('.local'));
}

const until = (certificate: string) => new Date(new X509Certificate(certificate).validTo);

/** The names and addresses in a certificate. */
export function namesIn(certificate: string): string[] {
	const { subjectAltName = '' } = new X509Certificate(certificate);
	return subjectAltName.split(', ').flatMap((entry) => /^(?:DNS|IP Address):(.+)$/.exec(entry)?.[1] ?? []);
}

function keptPair(folder: string, name: string): Pair | null {
	const [certificate, key] = [`${name}.crt`, `${name}.key`].map((file) => join(folder, file));
	if (!existsSync(certificate) || !existsSync(key)) return null;
	return { certificate: readFileSync(certificate, 'utf8'), key: readFileSync(key, 'utf8') };
}

/** Whole or not at all, and the key for nobody else on this machine. */
function keepPair(folder: string, name: string, { certificate, key }: Pair): Pair {
	mkdirSync(folder, { recursive: true, mode: 0o700 });
	for (const [ending, text, mode] of [
		['key', key, 0o600],
		['crt', certificate, 0o644]
	] as const) {
		const file = join(folder, `${name}.${ending}`);
		writeFileSync(`${file}.new`, text, { mode });
		chmodSync(`${file}.new`, mode);
		renameSync(`${file}.new`, file);
	}
	return { certificate, key };
}

/** Whether the server's certificate is the authority's, holds for a while, and names all. */
function isGood(server: Pair, authority: Pair, names: readonly string[], now: Date): boolean {
	const known = new Set(namesIn(server.certificate));
	const left = until(server.certificate).getTime() - now.getTime();
	const { issuer } = new X509Certificate(server.certificate);
	const fromIt = issuer === new X509Certificate(authority.certificate).subject;
	return fromIt && left > RENEWED_BEFORE * DAY_MS && names.every((name) => known.has(name));
}

/**
 * The certificates of a data folder, made and renewed where needed.
 *
 * @param data the data folder
 * @param wanted names and addresses that the server is opened by; those that are no home's are left out
 * @param machine this machine's name
 */
export async function certificatesFor(
	data: string,
	wanted: readonly string[],
	machine: string,
	now = new Date()
): Promise<Certificates> {
	const folder = certificatesFolder(data);
	const keptAuthority = keptPair(folder, 'authority');
	const lives =
		keptAuthority && until(keptAuthority.certificate).getTime() > now.getTime() + SERVER_DAYS * DAY_MS;
	// What signs is loaded where something is signed.
	const authority = lives
		? keptAuthority
		: keepPair(folder, 'authority', await (await import('./signing')).newAuthority(machine, now));
	const names = [...new Set(wanted)].filter((name) => isOwnName(name, machine)).sort();
	const keptServer = keptPair(folder, 'server');
	const server =
		keptServer && isGood(keptServer, authority, names, now)
			? keptServer
			: keepPair(folder, 'server', await (await import('./signing')).newServer(authority, names, now));
	return { authority: authority.certificate, server, until: until(server.certificate) };
}

/** What the authority is known by, in pairs of digits: the same as a phone shows when it is asked to trust it. */
export const fingerprint = (certificate: string): string =>
	new X509Certificate(certificate).fingerprint256.replaceAll(':', ' ');
