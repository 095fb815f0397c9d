// What the command is given.
import { readFileSync } from 'node:fs';
import { isIP } from 'node:net';
import { isAbsolute, join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { root } from '../steps.mjs';

const DEFAULT_PORT = '5253';
const EVERYWHERE = '0.0.0.0';
const LOOPBACK = ['127.0.0.1', '::1', 'localhost'];

/** A file of words: what stands in it, without the line's end. */
function wordsIn(file, option) {
	try {
		return readFileSync(resolve(file), 'utf8').replace(/\r?\n$/, '');
	} catch {
		throw new Error(`${option}: ${file} cannot be read.`);
	}
}

/** The passphrase that is given, or null; nobody who runs something from here sees it again. */
function passphraseIn(values) {
	const given = process.env.JUST_ENOUGH_PASSPHRASE || null;
	delete process.env.JUST_ENOUGH_PASSPHRASE;
	return values['passphrase-file'] ? wordsIn(values['passphrase-file'], '--passphrase-file') : given;
}

function certificateIn({ cert, key, lan }) {
	if (!cert && !key) return null;
	if (!cert || !key) throw new Error('--cert and --key go together: a certificate and its key, both PEM.');
	if (!lan) throw new Error('--cert and --key are for --lan: without it nothing speaks https.');
	return { cert: wordsIn(cert, '--cert'), key: wordsIn(key, '--key') };
}

function portIn({ port: given }) {
	const port = Number(given);
	if (!Number.isInteger(port) || port < 0 || port > 65535)
		throw new Error(`--port must be 0 to 65535, not ${given}`);
	return port;
}

/** The addresses listened on; the desk's own among them. */
function hostsIn({ host: given, lan }) {
	const host = given || (lan ? EVERYWHERE : LOOPBACK[0]);
	if (lan && isIP(host) === 0) throw new Error(`--host must be an address with --lan, not ${host}`);
	const isElsewhere = host !== EVERYWHERE && !LOOPBACK.includes(host);
	return { host, hosts: lan && isElsewhere ? [LOOPBACK[0], host] : [host] };
}

/** How it is opened, and to whom. */
function opened(values) {
	const { lan, people, 'behind-proxy': behindProxy, 'allow-host': allowed } = values;
	const { host, hosts } = hostsIn(values);
	const passphrase = passphraseIn(values);
	const reached = lan || people || behindProxy || allowed.length > 0 || !LOOPBACK.includes(host);
	return {
		...{ host, hosts, behindProxy, allowed, passphrase },
		port: portIn(values),
		closed: reached || passphrase !== null,
		// What comes through a proxy or a tunnel comes from this machine, too.
		trustsDesk: !behindProxy && allowed.length === 0,
		certificate: certificateIn(values)
	};
}

const placesIn = ({ data, restore, 'second-backup': second }) => ({
	data: isAbsolute(data) ? data : join(root, data),
	restore: restore && resolve(restore),
	second: second && resolve(second)
});

const text = { type: 'string', default: '' };
const yes = { type: 'boolean', default: false };

/**
 * Reads --port, --host, --lan, --people, --cert, --key, --behind-proxy, --allow-host, --passphrase-file, --data, --fresh,
 * --restore and --second-backup.
 */
export function optionsFrom(args, defaultFolder) {
	const { values } = parseArgs({
		args,
		options: {
			port: { type: 'string', default: DEFAULT_PORT },
			host: text,
			lan: yes,
			people: yes,
			cert: text,
			key: text,
			'behind-proxy': yes,
			'allow-host': { type: 'string', multiple: true, default: [] },
			'passphrase-file': text,
			data: { type: 'string', default: defaultFolder },
			fresh: yes,
			restore: text,
			'second-backup': text
		}
	});
	return { ...values, ...opened(values), ...placesIn(values) };
}
