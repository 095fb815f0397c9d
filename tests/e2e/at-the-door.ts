import { readFileSync } from 'node:fs';
import { request as askSafely } from 'node:https';
import type { TLSSocket } from 'node:tls';
import type { Page } from '@playwright/test';
import { expect, findings, NETWORK, type App } from './app';

/** What the tests of the door share. */

export const portOf = (app: App) => new URL(app.address).port;

/** Axe finds nothing on a page that stands before the program. */
export async function isReadable(page: Page): Promise<void> {
	expect(await findings(page), page.url()).toEqual([]);
}

interface Asked {
	method?: string;
	headers?: Record<string, string>;
	body?: unknown;
	/** Of the one who asks. */
	from?: string;
}

/** Asks by https what trusts the authority, with no browser; what is sent is JSON. */
export function ask(app: App, path: string, { method = 'GET', headers = {}, body, from }: Asked = {}) {
	const sent = body === undefined ? undefined : JSON.stringify(body);
	const { cert, end } = { cert: readFileSync(app.path('certificates/authority.crt')), end: from };
	return new Promise<{ status: number; text: string; headers: Record<string, unknown>; valid: Date }>(
		(resolve, reject) =>
			askSafely(
				{
					...{ host: NETWORK, port: portOf(app), path, method, ca: cert, localAddress: end, agent: false },
					headers: { ...(sent && { 'content-type': 'application/json' }), ...headers }
				},
				(response) => {
					let text = '';
					const { validTo } = (response.socket as never as TLSSocket).getPeerX509Certificate()!;
					response.setEncoding('utf8').on('data', (chunk) => (text += chunk));
					response.on('end', () =>
						resolve({
							...{ status: response.statusCode!, text, headers: response.headers },
							valid: new Date(validTo)
						})
					);
				}
			)
				.on('error', reject)
				.end(sent)
	);
}
