import 'reflect-metadata';
import { AsnConvert } from '@peculiar/asn1-schema';
import { GeneralName, GeneralSubtree, GeneralSubtrees, NameConstraints } from '@peculiar/asn1-x509';
import {
	BasicConstraintsExtension,
	ExtendedKeyUsage,
	ExtendedKeyUsageExtension,
	Extension,
	KeyUsageFlags,
	KeyUsagesExtension,
	PemConverter,
	SubjectAlternativeNameExtension,
	SubjectKeyIdentifierExtension,
	AuthorityKeyIdentifierExtension,
	X509Certificate,
	X509CertificateGenerator
} from '@peculiar/x509';
import { randomBytes, webcrypto } from 'node:crypto';
import { chmodSync, existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { BlockList, isIP } from 'node:net';
import { join } from 'node:path';

/**
 * https at home: an authority of one's own, which phones are told to trust once, and a certificate of it for the
 * addresses of this machine, which is renewed without asking anybody.
 */

const DAY_MS = 86_400_000;
/** Phones trust it for ten years. */
const AUTHORITY_DAYS = 3650;
/** No browser takes a longer one (CA/Browser Forum, Baseline Requirements 6.3.2, from memory). */
const SERVER_DAYS = 398;
/** It is renewed when less than this is left, days. */
const RENEWED_BEFORE = 60;
/** Clocks of phones are a little wrong. */
const BEFORE_MS = DAY_MS;

const algorithm = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' } as const;
const NAME_CONSTRAINTS = '2.5.29.30';
/** Networks that belong to nobody in particular (RFC 1918, 6598, 3927) and this machine. */
const OWN_NETWORKS = [
	['10.0.0.0', 8],
	['172.16.0.0', 12],
	['192.168.0.0', 16],
	['100.64.0.0', 10],
	['169.254.0.0', 16],
	['127.0.0.0', 8]
] as const;
const ownNetworks = new BlockList();
for (const [network, prefix] of OWN_NETWORKS) ownNetworks.addSubnet(network, prefix);

export interface Pair {
	/** PEM. */
	certificate: string;
	/** PEM, PKCS #8. */
	key: string;
}
export interface Certificates {
	authority: string;
	server: Pair;
	/** Until when the server's holds. */
	until: Date;
}

/** Where they lie. */
export const certificatesFolder = (data: string) => join(data, 'certificates');

const pem = async (key: CryptoKey) =>
	PemConverter.encode(await webcrypto.subtle.exportKey('pkcs8', key as never), 'PRIVATE KEY');

const pairOfKeys = () =>
	webcrypto.subtle.generateKey(algorithm, true, ['sign', 'verify']) as Promise<CryptoKeyPair>;

const privateKey = (text: string) =>
	webcrypto.subtle.importKey('pkcs8', PemConverter.decodeFirst(text), algorithm, true, [
		'sign'
	]) as Promise<CryptoKey>;

const days = (from: Date, many: number) => ({
	notBefore: new Date(from.getTime() - BEFORE_MS),
	notAfter: new Date(from.getTime() - BEFORE_MS + many * DAY_MS)
});

/**
 * What the authority may speak for: this machine by its name, names that end in .local, and addresses of home networks.
 * Whoever steals its key cannot pass for anybody's bank (RFC 5280, 4.2.1.10).
 */
function ownNamesOnly(machine: string): Extension {
	const subtree = (name: ConstructorParameters<typeof GeneralName>[0]) =>
		new GeneralSubtree({ base: new GeneralName(name) });
	const constraints = new NameConstraints({
		permittedSubtrees: new GeneralSubtrees([
			...[machine, 'local', 'localhost'].map((dNSName) => subtree({ dNSName })),
			...OWN_NETWORKS.map((network) => subtree({ iPAddress: network.join('/') }))
		])
	});
	return new Extension(NAME_CONSTRAINTS, true, AsnConvert.serialize(constraints));
}

async function newAuthority(machine: string, now: Date): Promise<Pair> {
	const keys = await pairOfKeys();
	const made = await X509CertificateGenerator.createSelfSigned({
		...days(now, AUTHORITY_DAYS),
		serialNumber: randomBytes(16).toString('hex'),
		// Two of them can be told apart where phones list what they trust.
		name: `CN=Just Enough on ${machine} ${now.toISOString().slice(0, 10)}`,
		keys,
		signingAlgorithm: algorithm,
		extensions: [
			new BasicConstraintsExtension(true, 0, true),
			new KeyUsagesExtension(KeyUsageFlags.keyCertSign | KeyUsageFlags.cRLSign, true),
			await SubjectKeyIdentifierExtension.create(keys.publicKey),
			ownNamesOnly(machine)
		]
	});
	return { certificate: made.toString('pem'), key: await pem(keys.privateKey) };
}

async function newServer(authority: Pair, names: readonly string[], now: Date): Promise<Pair> {
	const issuer = new X509Certificate(authority.certificate);
	const keys = await pairOfKeys();
	const made = await X509CertificateGenerator.create({
		...days(now, SERVER_DAYS),
		serialNumber: randomBytes(16).toString('hex'),
		subject: 'CN=Just Enough',
		issuer: issuer.subject,
		publicKey: keys.publicKey,
		signingKey: await privateKey(authority.key),
		signingAlgorithm: algorithm,
		extensions: [
			new BasicConstraintsExtension(false, undefined, true),
			new KeyUsagesExtension(KeyUsageFlags.digitalSignature, true),
			new ExtendedKeyUsageExtension([ExtendedKeyUsage.serverAuth]),
			new SubjectAlternativeNameExtension(
				names.map((value) => ({ type: isIP(value) ? 'ip' : 'dns', value }) as const)
			),
			await SubjectKeyIdentifierExtension.create(keys.publicKey),
			await AuthorityKeyIdentifierExtension.create(issuer.publicKey)
		]
	});
	return { certificate: made.toString('pem'), key: await pem(keys.privateKey) };
}

/** Whether a name or an address is one that the authority may speak for. */
export function isOwnName(name: string, machine: string): boolean {
	if (isIP(name) === 4) return ownNetworks.check(name);
	return isIP(name) === 0 && (name === machine || name === 'localhost' || name.endsWith('.local'));
}

const until = (certificate: string) => new X509Certificate(certificate).notAfter;

/** The names and addresses in a certificate. */
export function namesIn(certificate: string): string[] {
	const extension = new X509Certificate(certificate).getExtension(SubjectAlternativeNameExtension);
	return extension?.names.items.map(({ value }) => value) ?? [];
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
	const authority = lives ? keptAuthority : keepPair(folder, 'authority', await newAuthority(machine, now));
	const names = [...new Set(wanted)].filter((name) => isOwnName(name, machine)).sort();
	const keptServer = keptPair(folder, 'server');
	const server =
		keptServer && isGood(keptServer, authority, names, now)
			? keptServer
			: keepPair(folder, 'server', await newServer(authority, names, now));
	return { authority: authority.certificate, server, until: until(server.certificate) };
}

/** What the authority is known by, in pairs of digits: the same as a phone shows when it is asked to trust it. */
export async function fingerprint(certificate: string): Promise<string> {
	const bytes = Buffer.from(await new X509Certificate(certificate).getThumbprint('SHA-256'));
	return bytes.toString('hex').toUpperCase().match(/../g)!.join(' ');
}
