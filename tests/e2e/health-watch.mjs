// Asks an address again and again, from a process of its own, and writes down how long each answer took, ms.
import { Agent, get } from 'node:http';

const EVERY_MS = 15;
const [, , address] = process.argv;
const agent = new Agent({ keepAlive: true, maxSockets: 4 });

let asked = 0;
let ending = false;

const timer = setInterval(() => {
	const begun = performance.now();
	asked += 1;
	const say = (status) => {
		process.stdout.write(`${status} ${(performance.now() - begun).toFixed(1)}\n`);
		asked -= 1;
		if (ending && asked === 0) agent.destroy();
	};
	get(`${address}/api/health`, { agent }, (response) => {
		response.resume();
		response.on('end', () => say(response.statusCode));
	}).on('error', () => say(0));
}, EVERY_MS);

process.on('disconnect', () => {
	clearInterval(timer);
	ending = true;
	if (asked === 0) agent.destroy();
});
