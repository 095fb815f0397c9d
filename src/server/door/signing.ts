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
import { isIP } from 'node:net';
import { DAY_MS, OWN_NETWORKS, SERVER_DAYS, type Pair } from './certificates';

/** Makes certificates: an authority's, and what it vouches for. */

/** Phones trust it for ten years. */
const AUTHORITY_DAYS = 3650;
/** Clocks of phones are a little wrong. */
const BEFORE_MS = DAY_MS;

const algorithm = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' } as const;
const NAME_CONSTRAINTS = '2.5.29.30';

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

export async function newAuthority(machine: string, now: Date): Promise<Pair> {
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

export async function newServer(authority: Pair, names: readonly string[], now: Date): Promise<Pair> {
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
