// What is looked at of every request before anything answers it: also of those for files.
import { isIP } from 'node:net';
import { hostname } from 'node:os';
import { isOwn } from './network.mjs';

/** Sent with everything; pages have a content policy of their own beside it. */
const headers = {
	'x-content-type-options': 'nosniff',
	'referrer-policy': 'same-origin',
	'cross-origin-opener-policy': 'same-origin',
	'cross-origin-resource-policy': 'same-origin',
	'permissions-policy':
		'microphone=(self), geolocation=(self), screen-wake-lock=(self), camera=(), payment=(), usb=(), serial=(), midi=(), browsing-topics=()',
	'content-security-policy': "frame-ancestors 'none'"
};

/** A certificate of one's own stays good: browsers ask by https alone from then on. */
const YEAR_S = 31_536_000;

const READS = ['GET', 'HEAD', 'OPTIONS'];

/** The name or address in a Host header, in lower case and without its port; empty where it is none. */
function hostIn(header) {
	try {
		const { hostname: name, host, username, pathname } = new URL(`http://${header}`);
		return host && !username && pathname === '/' ? name.toLowerCase().replace(/^\[|\]$/g, '') : '';
	} catch {
		return '';
	}
}

const hostOf = (address) => {
	try {
		return new URL(address).host.toLowerCase();
	} catch {
		return '';
	}
};

/**
 * Says which requests may come in. A page of somebody else's that has its name resolve to this machine sends
 * that name: only names that are this machine's, and plain addresses, are let through.
 *
 * @param {{ host: string, allowed: readonly string[] }} known the address listened on, and names let in besides
 * @returns {(request: { method?: string, headers: Record<string, string | string[] | undefined> }) =>
 *   { status: number, message: string } | null} the refusal, or null
 */
export function doorsOf({ host, allowed }) {
	const own = hostname().toLowerCase();
	const welcome = allowed.map((name) => name.toLowerCase());
	const names = new Set(['localhost', own, `${own}.local`, host.toLowerCase(), ...welcome]);
	return ({ method = 'GET', headers: { host: header = '', origin } }) => {
		const name = hostIn(header);
		if (!(isIP(name) > 0 || names.has(name))) {
			return {
				status: 421,
				message: `This server is not called ${name || 'that'}. Start it with --allow-host to let a name in.`
			};
		}
		if (READS.includes(method) || origin === undefined) return null;
		const from = hostOf(origin);
		if (from !== '' && (from === header.toLowerCase() || welcome.includes(hostIn(from)))) return null;
		return { status: 403, message: 'Another site asked for this. Nothing was changed.' };
	};
}

/** Puts the headers on that every answer has. */
export function withHeaders(response, alwaysByHttps = false) {
	for (const [name, value] of Object.entries(headers)) response.setHeader(name, value);
	if (alwaysByHttps) response.setHeader('strict-transport-security', `max-age=${YEAR_S}`);
}

const last = (header) => (header ?? '').split(',').at(-1).trim();

/**
 * Says how a request came: whether to the desk, by https, and from where. What a proxy says of it is believed only where
 * there is one.
 *
 * @param {{ behindProxy: boolean, trustsDesk: boolean }} options
 */
export function waysOf({ behindProxy, trustsDesk }) {
	return ({ socket, headers }) => {
		const desk = trustsDesk && isOwn(socket);
		const told = behindProxy ? last(headers['x-forwarded-for']) : '';
		return {
			desk,
			https: behindProxy ? last(headers['x-forwarded-proto']) === 'https' : Boolean(socket.encrypted),
			// Who guesses elsewhere must not slow down who sits here.
			from: desk ? 'desk' : told || socket.remoteAddress || ''
		};
	};
}

/** Sends a browser to another page. */
export function sendTo(request, response, path) {
	request.resume();
	response.writeHead(303, { location: path, 'cache-control': 'no-store' });
	response.end();
}

/** Answers a request that is not let in; what it still sends is thrown away, so that it can read why. */
export function refuse(request, response, { status, message, headers: more = {} }) {
	request.resume();
	const body = JSON.stringify({ message });
	response.writeHead(status, {
		'content-type': 'application/json',
		'content-length': Buffer.byteLength(body),
		'cache-control': 'no-store',
		...more
	});
	response.end(request.method === 'HEAD' ? undefined : body);
}
