// Opened to the network of a home: https by an authority of its own, or by the person's own certificate.
import { openToNetwork } from './network.mjs';
import { withHeaders } from './doors.mjs';

/** How often it is looked whether the certificate is still that of this machine's addresses, ms. */
const LOOK_MS = 60_000;
const HTML = 'text/html; charset=utf-8';

/** Where it is opened from, by name and by address. */
function addressesOf({ hosts, certificate }, { addresses, machine, namesIn }, port) {
	const names = certificate
		? namesIn(certificate.cert)
		: [...addresses(hosts), ...(hosts.includes('0.0.0.0') ? [`${machine()}.local`] : [])];
	return names.map((name) => `https://${name}:${port}`);
}

/** Tells who asks by http the way: to the certificate, and to https. Nothing else is had here. */
function teller(authority, ownAddress, doors) {
	return (request, response) => {
		request.resume();
		withHeaders(response);
		const host = /^[\w.-]+(:\d+)?$/.exec(request.headers.host ?? '')?.[0];
		const address = authority && host ? `https://${host}` : ownAddress();
		if (request.url === '/authority.crt' && authority) {
			response.writeHead(200, {
				'content-type': 'application/x-x509-ca-cert',
				'content-disposition': 'attachment; filename="just-enough.crt"'
			});
			return response.end(request.method === 'HEAD' ? undefined : authority);
		}
		const page = authority
			? doors.certificatePage(address, doors.fingerprint(authority))
			: doors.goOnPage(address);
		response.writeHead(200, { ...doors.pageHeaders, 'content-type': HTML });
		response.end(request.method === 'HEAD' ? undefined : page);
	};
}

const asTls = ({ server }) => ({ cert: server.certificate, key: server.key });

/**
 * @param {import('node:http').RequestListener} answer
 * @param options what the command was given
 * @param doors what is known of certificates
 * @param {(port: number) => void} tell has the application know its port
 */
export async function serveNetwork(answer, options, doors, tell) {
	const { data, hosts, certificate } = options;
	const made = () => doors.certificatesFor(data, doors.certified(hosts), doors.machine());
	const own = certificate ? null : await made();
	let port = options.port;
	const ownAddress = () => addressesOf(options, doors, port)[0];
	const open = openToNetwork({
		answer,
		tell: teller(own?.authority, ownAddress, doors),
		certificate: own ? asTls(own) : certificate
	});
	for (const host of hosts) port = await open.listen(port, host);
	tell(port);
	if (own) {
		// Addresses change while it runs, and certificates end.
		let used = own.server.certificate;
		const look = async () => {
			const now = await made();
			if (now.server.certificate !== used) open.renew(asTls(now));
			used = now.server.certificate;
		};
		setInterval(() => void look().catch((error) => console.error(error.message)), LOOK_MS).unref();
	}
	const [first, ...others] = addressesOf(options, doors, port);
	console.log(`Just Enough is at http://127.0.0.1:${port} on this machine`);
	console.log(`For phones in its network: ${[first, ...others].join(' or ')}`);
	if (own) {
		const way = first.replace('https:', 'http:');
		console.log(`A phone comes to trust it at ${way} (once); then Settings, Phones shows its code:\n`);
		console.log(await doors.inTerminal(way));
	}
	return open;
}
