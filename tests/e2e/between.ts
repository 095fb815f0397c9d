import { createServer, request as ask, type RequestListener } from 'node:http';
import type { AddressInfo } from 'node:net';

/** What becomes of a request on its way: 'hang' reaches no server, and nothing comes back; 'late' reaches it, and nothing comes back. */
export type How = 'pass' | 'hang' | 'late' | { append: string };

type Ways = (path: string, method: string) => How;

/**
 * Passes requests on to a server, or does with them what is said.
 *
 * @param how what becomes of a request, by its path and method
 */
export function passedOn(server: string, how: Ways = () => 'pass'): RequestListener {
	const { hostname, port } = new URL(server);
	return (request, response) => {
		const { method = 'GET', url: path = '/', headers } = request;
		const what = how(path, method);
		if (what === 'hang') return;
		// What is answered is whole, and as the server has it now.
		if (typeof what === 'object')
			for (const known of ['accept-encoding', 'if-none-match', 'if-modified-since']) delete headers[known];
		const onward = ask({ hostname, port, method, path, headers }, (answer) => {
			if (what === 'late') return void answer.resume();
			if (typeof what !== 'object') {
				response.writeHead(answer.statusCode ?? 502, answer.headers);
				return void answer.pipe(response);
			}
			const { 'content-length': _, ...others } = answer.headers;
			response.writeHead(answer.statusCode ?? 502, others);
			answer.on('end', () => response.end(what.append));
			answer.pipe(response, { end: false });
		});
		onward.on('error', () => request.socket.destroy());
		response.on('close', () => onward.destroy());
		request.pipe(onward);
	};
}

/** What stands between a browser and the server, on a port of its own. */
export async function between(server: string, how: Ways) {
	const own = createServer(passedOn(server, how));
	await new Promise<void>((resolve) => own.listen(0, '127.0.0.1', resolve));
	return {
		address: `http://127.0.0.1:${(own.address() as AddressInfo).port}`,
		async end() {
			own.closeAllConnections();
			await new Promise((resolve) => own.close(resolve));
		}
	};
}
