// Runs the application as its users do, in a process of its own: for pictures, browser tests and measuring.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { root } from './steps.mjs';

/**
 * Starts the application with its own data.
 *
 * @param {{ data: string, demo?: boolean, port?: number, args?: string[] }} what where data lie, whether to plant the
 *   demo, the port (0: any free one), and what else the command is given
 * @returns {Promise<{ address: string, port: number, pid: number, stop: () => Promise<void>, printed: () => string }>}
 */
export function serveApart({ data, demo = false, port = 0, args = [] }) {
	const script = join(root, 'scripts', demo ? 'demo.mjs' : 'start.mjs');
	const server = spawn(process.execPath, [script, '--port', String(port), '--data', data, ...args], {
		stdio: ['ignore', 'pipe', 'pipe']
	});
	const ended = new Promise((resolve) => server.once('exit', resolve));
	const stop = async () => {
		server.kill();
		await ended;
	};
	return new Promise((resolve, reject) => {
		let printed = '';
		server.once('exit', (code) => reject(new Error(`The server ended with ${code}\n${printed}`)));
		server.stderr.on('data', (chunk) => {
			printed += chunk;
			process.stderr.write(chunk);
		});
		server.stdout.on('data', (chunk) => {
			printed += chunk;
			const address = /http:\/\/\S+/.exec(printed)?.[0];
			if (address)
				resolve({
					address,
					port: Number(new URL(address).port),
					pid: server.pid ?? 0,
					stop,
					printed: () => printed
				});
		});
	});
}
