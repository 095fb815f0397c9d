/** What a trace of Chromium says of the page's own thread, and of what works beside it. */

interface Event {
	name: string;
	ph: string;
	pid: number;
	tid: number;
	args?: { name?: string };
	/** Time on the thread's own clock, µs. */
	tdur?: number;
}

/** The thread of a page, as it is called. */
const PAGE = 'CrRendererMain';

/**
 * The longest task of the page as a part of all that is done beside it in its process, by the clocks of the threads: a
 * machine that is slow or busy is so for both. Work that is done on the page makes it 1 or more.
 */
export function longestOfPage(trace: Buffer): number {
	const { traceEvents: events } = JSON.parse(trace.toString('utf8')) as { traceEvents: Event[] };
	const pages = events.filter(({ name, args }) => name === 'thread_name' && args?.name === PAGE);
	const isPage = ({ pid, tid }: Event) => pages.some((each) => each.pid === pid && each.tid === tid);
	const tasks = events.filter(
		({ name, ph, pid, tdur }) =>
			ph === 'X' && name.endsWith('RunTask') && tdur !== undefined && pages.some((page) => page.pid === pid)
	);
	const own = tasks.filter(isPage);
	if (own.length === 0) throw new Error('The trace tells of no task of the page.');
	const beside = tasks.filter((task) => !isPage(task));
	return Math.max(...own.map(({ tdur }) => tdur!)) / beside.reduce((sum, { tdur }) => sum + tdur!, 0);
}
