// One port for the desk and for the network: this machine's own address speaks http, as browsers trust it; others get
// https, and who asks them by http is told the way.
import { createServer } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import { createServer as createFront } from 'node:net';

/** The first byte of every TLS connection (RFC 8446, 5.1: a record of the handshake). */
const HANDSHAKE = 0x16;
/** Who says nothing for so long goes, ms. */
const SILENCE_MS = 10_000;
/** Longer than browsers keep a connection that they do not use, so that none is closed under a request. */
export const KEPT_MS = 65_000;

const OWN = ['127.0.0.1', '::1', '::ffff:127.0.0.1'];
/** Whether a connection was made to this machine's own address, which nobody else reaches. */
export const isOwn = ({ localAddress = '' }) => OWN.includes(localAddress);

/** Has something listen; its port, or in words why not. */
export function listening(server, port, host) {
	return new Promise((resolve, reject) => {
		const explained = (error) =>
			error.code === 'EADDRINUSE'
				? new Error(`Port ${port} on ${host} is taken. Try another one: --port ${port + 1}`)
				: error;
		server.once('error', (error) => reject(explained(error)));
		server.listen(port, host, () => resolve(server.address().port));
	});
}

/** Hands a connection on by what it begins with, which stays in it. */
function sniffed(socket, { secure, plain }) {
	const silent = setTimeout(() => socket.destroy(), SILENCE_MS);
	const gone = () => clearTimeout(silent);
	socket.on('error', () => socket.destroy());
	socket.once('close', gone);
	socket.once('data', (chunk) => {
		gone();
		socket.pause();
		socket.unshift(chunk);
		(chunk[0] === HANDSHAKE ? secure : plain).emit('connection', socket);
		process.nextTick(() => socket.resume());
	});
}

/**
 * What listens where the program is opened to a network.
 *
 * @param {{ answer: import('node:http').RequestListener, tell: import('node:http').RequestListener,
 *   certificate: { key: string, cert: string } }} what answers, what tells the way by http, and what https begins with
 */
export function openToNetwork({ answer, tell, certificate }) {
	const desk = createServer(answer);
	const secure = createSecureServer(certificate, answer);
	const plain = createServer(tell);
	const servers = [desk, secure, plain];
	for (const server of servers) {
		server.keepAliveTimeout = KEPT_MS;
		// They get their connections from elsewhere: without this, slow ones would never be ended.
		server.emit('listening');
	}
	const fronts = [];
	return {
		/** Takes a renewed certificate; who is connected stays so. */
		renew: (renewed) => secure.setSecureContext(renewed),
		/** Listens at one more address, and says its port. */
		listen: async (port, host) => {
			const front = createFront((socket) => {
				if (isOwn(socket)) desk.emit('connection', socket);
				else sniffed(socket, { secure, plain });
			});
			const given = await listening(front, port, host);
			fronts.push(front);
			return given;
		},
		close: (done) =>
			void Promise.all(fronts.map((front) => new Promise((end) => front.close(end)))).then(done),
		closeIdleConnections: () => servers.forEach((server) => server.closeIdleConnections()),
		closeAllConnections: () => servers.forEach((server) => server.closeAllConnections())
	};
}
