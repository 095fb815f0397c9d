/** What a trace of Chromium says of the page's own thread. */

interface Event {
	name: string;
	ph: string;
	pid: number;
	tid: number;
	args?: { name?: string };
	/** Time on the thread's own clock, µs. */
	tdur?: number;
}

/** The longest task of the page's main thread by that thread's own clock, ms. */
export function longestTask(trace: Buffer): number {
	const { traceEvents: events } = JSON.parse(trace.toString('utf8')) as { traceEvents: Event[] };
	const threads = new Set(
		events
			.filter(({ name, args }) => name === 'thread_name' && args?.name === 'CrRendererMain')
			.map(({ pid, tid }) => `${pid} ${tid}`)
	);
	const tasks = events.filter(
		({ name, ph, pid, tid, tdur }) =>
			ph === 'X' && name.endsWith('RunTask') && threads.has(`${pid} ${tid}`) && tdur !== undefined
	);
	if (tasks.length === 0) throw new Error('The trace tells of no task of the page.');
	return Math.max(...tasks.map(({ tdur }) => tdur!)) / 1000;
}
