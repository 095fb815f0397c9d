import { createServer, request as ask } from 'node:http';
import type { AddressInfo } from 'node:net';

/** What becomes of a request on its way: 'hang' reaches no server, and nothing comes back; 'late' reaches it, and nothing comes back. */
export type How = 'pass' | 'hang' | 'late' | { append: string };

/**
 * What stands between a browser and the server, on a port of its own.
 *
 * @param how what becomes of a request, by its path and method
 */
export async function between(server: string, how: (path: string, method: string) => How) {
	const { hostname, port } = new URL(server);
	const own = createServer((request, response) => {
		const { method = 'GET', url: path = '/', headers } = request;
		const what = how(path, method);
		if (what === 'hang') return;
		// What is answered is whole, and as the server has it now.
		if (typeof what === 'object')
			for (const known of ['accept-encoding', 'if-none-match', 'if-modified-since']) delete headers[known];
		const onward = ask({ hostname, port, method, path, headers }, (answer) => {
			if (what === 'late') return void answer.resume();
			const { 'content-length': length, ...others } = answer.headers;
			if (typeof what !== 'object') {
				response.writeHead(answer.statusCode ?? 502, {
					...others,
					...(length && { 'content-length': length })
				});
				return void answer.pipe(response);
			}
			response.writeHead(answer.statusCode ?? 502, others);
			answer.on('end', () => response.end(what.append));
			answer.pipe(response, { end: false });
		});
		onward.on('error', () => request.socket.destroy());
		response.on('close', () => onward.destroy());
		request.pipe(onward);
	});
	await new Promise<void>((resolve) => own.listen(0, '127.0.0.1', resolve));
	return {
		address: `http://127.0.0.1:${(own.address() as AddressInfo).port}`,
		async end() {
			own.closeAllConnections();
			await new Promise((resolve) => own.close(resolve));
		}
	};
}
