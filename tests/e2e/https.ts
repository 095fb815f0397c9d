import 'reflect-metadata';
import { chromium, type BrowserContext } from '@playwright/test';
import {
	BasicConstraintsExtension,
	PemConverter,
	SubjectAlternativeNameExtension,
	X509CertificateGenerator
} from '@peculiar/x509';
import { execFileSync } from 'node:child_process';
import { webcrypto } from 'node:crypto';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:https';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromiumFlags, foundChromium } from '../../scripts/steps.mjs';
import { PHONE } from './app';
import { passedOn } from './between';

/** The name that the server has in the network. */
export const NAME = 'field.example';
const algorithm = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' } as const;
const DAY_MS = 86_400_000;

const keys = () => webcrypto.subtle.generateKey(algorithm, true, ['sign', 'verify']);

/** An authority of one's own, and a certificate of it for the server's name. */
async function certificates() {
	const [authorityKeys, ownKeys] = [await keys(), await keys()];
	const valid = { notBefore: new Date(Date.now() - DAY_MS), notAfter: new Date(Date.now() + DAY_MS) };
	const authority = await X509CertificateGenerator.createSelfSigned({
		...valid,
		name: 'CN=An authority of the test',
		keys: authorityKeys,
		signingAlgorithm: algorithm,
		extensions: [new BasicConstraintsExtension(true, 0, true)]
	});
	const own = await X509CertificateGenerator.create({
		...valid,
		subject: `CN=${NAME}`,
		issuer: authority.subject,
		publicKey: ownKeys.publicKey,
		signingKey: authorityKeys.privateKey,
		signingAlgorithm: algorithm,
		extensions: [new SubjectAlternativeNameExtension([{ type: 'dns', value: NAME }])]
	});
	const key = await webcrypto.subtle.exportKey('pkcs8', ownKeys.privateKey);
	return {
		authority: authority.toString('pem'),
		own: own.toString('pem'),
		key: PemConverter.encode(key, 'PRIVATE KEY')
	};
}

/** What stands between the network and the server: it speaks https, and passes everything on. */
async function doorway(app: string, { own, key }: { own: string; key: string }) {
	// The page is at https, the server behind it at http: whose page asks is told by its host alone.
	const server = createServer({ cert: own, key }, passedOn(app));
	await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
	return { server, port: (server.address() as AddressInfo).port };
}

/** A phone in the network: what it keeps outlives its restarts. */
export interface Phone {
	address: string;
	/** Switches it on, with all that it kept. */
	on(): Promise<BrowserContext>;
	/** Flight mode: the network is not there any more, whoever asks, until it is again. */
	fly(): Promise<void>;
	land(): Promise<void>;
	/** Takes it away, and the https with it. */
	end(): Promise<void>;
}

/** A phone that was told to trust the server's authority, as a person does it, and no flag. */
export async function phoneOf(app: string): Promise<Phone> {
	const made = await certificates();
	const { server, port } = await doorway(app, made);
	const home = mkdtempSync(join(tmpdir(), 'just-enough-phone-'));
	const store = `sql:${join(home, '.pki/nssdb')}`;
	mkdirSync(join(home, '.pki/nssdb'), { recursive: true });
	writeFileSync(join(home, 'authority.pem'), made.authority);
	const certutil = (...given: string[]) => execFileSync('certutil', [...given, '-d', store]);
	certutil('-N', '--empty-password');
	certutil('-A', '-n', 'authority', '-t', 'C,,', '-i', join(home, 'authority.pem'));
	const fly = async () => {
		server.closeAllConnections();
		await new Promise((resolve) => server.close(resolve));
	};
	let last: BrowserContext | undefined;
	return {
		address: `https://${NAME}:${port}`,
		async on() {
			last = await chromium.launchPersistentContext(join(home, 'profile'), {
				executablePath: foundChromium(),
				args: [...chromiumFlags, `--host-resolver-rules=MAP ${NAME} 127.0.0.1`],
				env: { ...process.env, HOME: home } as Record<string, string>,
				viewport: PHONE,
				reducedMotion: 'reduce'
			});
			return last;
		},
		fly,
		land: () => new Promise<void>((resolve) => server.listen(port, '127.0.0.1', resolve)),
		async end() {
			// What still writes would leave something behind, and hide why a test ended early.
			await last?.close();
			if (server.listening) await fly();
			rmSync(home, { recursive: true, force: true });
		}
	};
}
