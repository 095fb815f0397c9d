// How the server ends: what is being asked is answered first, then the database is closed.

/** What is still coming in, or being worked out, has this long, ms. */
const PATIENCE_MS = 5000;
const IDLE_MS = 50;

/**
 * Ends a server: no new requests; those that are under way, also those that are still being sent, are
 * answered within five seconds.
 *
 * @param {Pick<import('node:http').Server, 'close' | 'closeIdleConnections' | 'closeAllConnections'>} server
 * @returns {Promise<void>}
 */
export function ended(server) {
	return new Promise((resolve) => {
		const late = setTimeout(() => server.closeAllConnections(), PATIENCE_MS);
		// A connection that has had its answer is kept open for the next question, which will not come.
		const idle = setInterval(() => server.closeIdleConnections(), IDLE_MS);
		server.close(() => {
			clearTimeout(late);
			clearInterval(idle);
			resolve();
		});
	});
}

/**
 * Ends the server at the first signal, at a second one at once.
 *
 * @param {import('node:http').Server} server
 * @param {() => Promise<void> | void} close what is closed when nothing asks any more
 */
export function endOnSignal(server, close) {
	let ending = false;
	const end = async () => {
		if (ending) process.exit(1);
		ending = true;
		// Who listens for what changes would keep a connection open for ever.
		process.emit('just-enough:ending');
		await ended(server);
		await close();
		process.exit(0);
	};
	for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => void end());
}
