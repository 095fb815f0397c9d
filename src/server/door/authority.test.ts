import { execFileSync } from 'node:child_process';
import { X509Certificate } from 'node:crypto';
import { mkdtempSync, readFileSync, statSync } from 'node:fs';
import { createServer, request } from 'node:https';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from 'vitest';
import { certificatesFolder, certificatesFor, fingerprint, isOwnName, namesIn } from './authority';

const DAY_MS = 86_400_000;
const folder = () => mkdtempSync(join(tmpdir(), 'just-enough-door-'));
const NAMES = ['127.0.0.2', 'darkroom.local', 'darkroom'];
const NOW = new Date('2026-05-02T10:00:00Z');
const later = (days: number) => new Date(NOW.getTime() + days * DAY_MS);

/** Node's own reading of a certificate is the independent one: the library that made it is not asked. */
const read = (pem: string) => new X509Certificate(pem);

test('the server’s certificate is the authority’s, for 398 days, with its names and addresses', async () => {
	const { authority, server } = await certificatesFor(folder(), NAMES, 'darkroom', NOW);
	const [root, own] = [read(authority), read(server.certificate)];
	expect(own.checkIssued(root)).toBe(true);
	expect(own.verify(root.publicKey)).toBe(true);
	expect([root.ca, own.ca]).toEqual([true, false]);
	expect(own.checkIP('127.0.0.2')).toBe('127.0.0.2');
	expect(own.checkHost('darkroom.local')).toBe('darkroom.local');
	expect(own.checkHost('elsewhere.local')).toBeUndefined();
	// A certificate of more than 398 days is not taken by browsers (Baseline Requirements 6.3.2, from memory).
	expect((Date.parse(own.validTo) - Date.parse(own.validFrom)) / DAY_MS).toBe(398);
	expect(Date.parse(own.validFrom)).toBeLessThan(NOW.getTime());
});

test('OpenSSL finds the chain in order, by name and by address', async () => {
	const data = folder();
	await certificatesFor(data, NAMES, 'darkroom');
	const at = (name: string) => join(certificatesFolder(data), name);
	for (const name of [
		['-verify_ip', '127.0.0.2'],
		['-verify_hostname', 'darkroom']
	]) {
		const said = execFileSync(
			'openssl',
			[
				'verify',
				'-x509_strict',
				'-purpose',
				'sslserver',
				'-CAfile',
				at('authority.crt'),
				...name,
				at('server.crt')
			],
			{ encoding: 'utf8' }
		);
		expect(said).toContain(': OK');
	}
});

test('the authority speaks for this machine and home networks alone', async () => {
	const data = folder();
	const { server } = await certificatesFor(
		data,
		['127.0.0.2', 'bank.example', '8.8.8.8', '192.168.1.20', 'darkroom'],
		'darkroom',
		NOW
	);
	expect(namesIn(server.certificate).sort()).toEqual(['127.0.0.2', '192.168.1.20', 'darkroom']);
	const text = execFileSync(
		'openssl',
		['x509', '-noout', '-ext', 'nameConstraints', '-in', join(certificatesFolder(data), 'authority.crt')],
		{ encoding: 'utf8' }
	);
	expect(text).toContain('critical');
	for (const permitted of [
		'DNS:darkroom',
		'DNS:local',
		'IP:192.168.0.0/255.255.0.0',
		'IP:172.16.0.0/255.240.0.0'
	])
		expect(text).toContain(permitted);
});

test.each([
	['10.1.2.3', true],
	['172.31.0.1', true],
	['172.32.0.1', false],
	['192.168.0.9', true],
	['192.169.0.9', false],
	['100.100.1.1', true],
	['darkroom', true],
	['darkroom.local', true],
	['local', false],
	['darkroom.example', false],
	['fe80::1', false]
])('%s is an own name: %s', (name, own) => expect(isOwnName(name, 'darkroom')).toBe(own));

test('it is kept, and renewed when little is left or a name is new, by the same authority', async () => {
	const data = folder();
	const first = await certificatesFor(data, NAMES, 'darkroom', NOW);
	const same = await certificatesFor(data, NAMES, 'darkroom', later(300));
	expect(same.server.certificate).toBe(first.server.certificate);
	const renewed = await certificatesFor(data, NAMES, 'darkroom', later(340));
	expect(renewed.server.certificate).not.toBe(first.server.certificate);
	expect(renewed.authority).toBe(first.authority);
	const moved = await certificatesFor(data, [...NAMES, '10.0.0.7'], 'darkroom', later(341));
	expect(moved.server.certificate).not.toBe(renewed.server.certificate);
	expect(moved.authority).toBe(first.authority);
	// After nine years the authority itself is made anew, before it could end under its certificate.
	const old = await certificatesFor(data, NAMES, 'darkroom', later(3400));
	expect(old.authority).not.toBe(first.authority);
	expect(read(old.server.certificate).checkIssued(read(old.authority))).toBe(true);
});

test('the keys are for nobody else on this machine', async () => {
	const data = folder();
	await certificatesFor(data, NAMES, 'darkroom', NOW);
	for (const name of ['authority.key', 'server.key'])
		expect(statSync(join(certificatesFolder(data), name)).mode & 0o777).toBe(0o600);
	expect(statSync(certificatesFolder(data)).mode & 0o777).toBe(0o700);
});

test('its fingerprint is the one that OpenSSL shows', async () => {
	const data = folder();
	const { authority } = await certificatesFor(data, NAMES, 'darkroom', NOW);
	const args = ['x509', '-noout', '-fingerprint', '-sha256'];
	const shown = execFileSync('openssl', args, { input: authority, encoding: 'utf8' });
	expect(shown.trim().replace(/^.*=/, '')).toBe(fingerprint(authority).replaceAll(' ', ':'));
});

test('a server with it is trusted by whoever trusts the authority, and by nobody else', async () => {
	const data = folder();
	const { server: pair, authority } = await certificatesFor(data, ['127.0.0.2'], 'darkroom');
	const server = createServer({ cert: pair.certificate, key: pair.key }, (_, response) =>
		response.end('here')
	);
	await new Promise<void>((resolve) => server.listen(0, '127.0.0.2', resolve));
	const { port } = server.address() as AddressInfo;
	const ask = (ca?: string) =>
		new Promise((resolve) =>
			request({ host: '127.0.0.2', port, ca }, ({ statusCode }) => resolve(statusCode))
				.on('error', ({ code }: NodeJS.ErrnoException) => resolve(code))
				.end()
		);
	expect(await ask(authority)).toBe(200);
	expect(await ask()).toBe('UNABLE_TO_VERIFY_LEAF_SIGNATURE');
	const other = await certificatesFor(folder(), ['127.0.0.2'], 'darkroom');
	expect(await ask(other.authority)).toMatch(/UNABLE_TO_VERIFY|SIGNATURE/);
	server.closeAllConnections();
	await new Promise((resolve) => server.close(resolve));
	expect(readFileSync(join(certificatesFolder(data), 'authority.crt'), 'utf8')).toBe(authority);
});
