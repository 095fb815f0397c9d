import { chromium, type APIRequestContext, type BrowserContext, type Page } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { connect, createServer, type AddressInfo, type Socket } from 'node:net';
import { hostname, tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromiumFlags, foundChromium } from '../../scripts/steps.mjs';
import { expect, NETWORK, PHONE, type App } from './app';

/** The name that this machine has in its network. */
const machine = hostname().toLowerCase();
const NAME = machine.endsWith('.local') ? machine : `${machine}.local`;

/** The air between the phone and the server: it carries bytes, and knows nothing of them. */
async function air(app: App) {
	const { port: onward } = new URL(app.address);
	const open = new Set<Socket>();
	const own = createServer((socket) => {
		const there = connect(Number(onward), NETWORK);
		for (const [one, other] of [
			[socket, there],
			[there, socket]
		]) {
			open.add(one);
			one.on('error', () => other.destroy());
			one.on('close', () => open.delete(one) && other.destroy());
		}
		socket.pipe(there).pipe(socket);
	});
	const listen = (port: number) =>
		new Promise<void>((resolve) => own.listen(port, '127.0.0.1', () => resolve()));
	await listen(0);
	const { port } = own.address() as AddressInfo;
	return {
		port,
		open: () => listen(port),
		isOpen: () => own.listening,
		async close() {
			for (const socket of open) socket.destroy();
			await new Promise((resolve) => own.close(resolve));
		}
	};
}

/** A phone in the network: what it keeps outlives its restarts. */
export interface Phone {
	address: string;
	/** Switches it on, with all that it kept. */
	on(): Promise<BrowserContext>;
	/** Flight mode: the network is not there any more, whoever asks, until it is again. */
	fly(): Promise<void>;
	land(): Promise<void>;
	/** Takes it away. */
	end(): Promise<void>;
}

/**
 * A phone in the network of a server that is opened to it.
 *
 * @param trusts whether it was told to trust the server's authority, as a person does it, and by no flag
 */
export async function phoneOf(app: App, trusts = true): Promise<Phone> {
	const between = await air(app);
	const home = mkdtempSync(join(tmpdir(), 'just-enough-phone-'));
	const store = `sql:${join(home, '.pki/nssdb')}`;
	mkdirSync(join(home, '.pki/nssdb'), { recursive: true });
	const certutil = (...given: string[]) => execFileSync('certutil', [...given, '-d', store]);
	certutil('-N', '--empty-password');
	if (trusts) {
		// As a person takes it: by the page that plain http shows.
		const { port } = new URL(app.address);
		const taken = await fetch(`http://${NETWORK}:${port}/authority.crt`);
		writeFileSync(join(home, 'authority.crt'), await taken.text());
		certutil('-A', '-n', 'authority', '-t', 'C,,', '-i', join(home, 'authority.crt'));
	}
	let last: BrowserContext | undefined;
	return {
		address: `https://${NAME}:${between.port}`,
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
		fly: () => between.close(),
		land: () => between.open(),
		async end() {
			// What still writes would leave something behind, and hide why a test ended early.
			await last?.close();
			if (between.isOpen()) await between.close();
			rmSync(home, { recursive: true, force: true });
		}
	};
}

/** A new code of the desk's, as it stands behind the address. */
export async function newCode(desk: APIRequestContext): Promise<string> {
	const { address } = await (await desk.post('/api/pairing')).json();
	return new URL(address as string).search;
}

/** Brings a phone in by a code of the desk's. */
export async function pair(page: Page, phone: Phone, desk: APIRequestContext): Promise<void> {
	await page.goto(`${phone.address}/pair${await newCode(desk)}`);
	await page.getByRole('button', { name: 'Pair it' }).click();
	await expect(page).toHaveURL(`${phone.address}/`);
}
