import { availableParallelism } from 'node:os';
import { env } from 'node:process';
import { error } from '@sveltejs/kit';
import { Piscina } from 'piscina';
import { measures } from '$core/units';
import type { Tasks } from './tasks';

/** A task may take so long, ms, and hold so much memory. */
const BUDGET_MS = 10_000;
const MOST_MEGABYTES = 256;
/** Tasks that wait for a thread, at most. */
const MOST_WAITING = 32;
/** One that takes long must not hold up the next. */
const LEAST_THREADS = 2;

let pool: Piscina | undefined;

function opened(filename: string): Piscina {
	return (pool ??= new Piscina({
		filename,
		minThreads: 1,
		maxThreads: Math.max(LEAST_THREADS, availableParallelism() - 1),
		maxQueue: MOST_WAITING,
		resourceLimits: { maxOldGenerationSizeMb: MOST_MEGABYTES },
		idleTimeout: 60_000
	}));
}

function wordFor(problem: unknown): string | null {
	const { name, code, message } = problem as { name?: string; code?: string; message?: string };
	if (name === 'AbortError' || name === 'TimeoutError')
		return `This takes longer than ${BUDGET_MS / 1000} s here. Ask for less at once.`;
	if (code === 'ERR_WORKER_OUT_OF_MEMORY')
		return 'This takes more memory than there is for it. Ask for less at once.';
	if (message?.includes('queue is at limit'))
		return 'Too much is being worked out already. Try again in a moment.';
	return null;
}

let patient: Piscina | undefined;

/** Has a task done beside the server that may take as long as it takes: by a thread of its own, one after the other. */
export async function inOwnThread<K extends keyof Tasks>(
	name: K,
	...given: Parameters<Tasks[K]>
): Promise<Awaited<ReturnType<Tasks[K]>>> {
	const file = env.JUST_ENOUGH_WORKERS;
	if (!file) return here(name, given);
	patient ??= new Piscina({ filename: file, minThreads: 0, maxThreads: 1, idleTimeout: 1000 });
	return patient.run({ name, given, measured: measures() });
}

async function here<K extends keyof Tasks>(name: K, given: Parameters<Tasks[K]>) {
	const { tasks } = await import('./tasks');
	return (await (tasks[name] as (...given: unknown[]) => unknown)(...given)) as never;
}

/**
 * Has a task done beside the server, so that nobody else waits for it. Without built threads, as in unit
 * tests and while developing, it is done here.
 *
 * @throws an error of SvelteKit, 503 with a word for whoever asked, when it took too long or too much, or too many wait
 */
export async function inThread<K extends keyof Tasks>(
	name: K,
	...given: Parameters<Tasks[K]>
): Promise<Awaited<ReturnType<Tasks[K]>>> {
	const file = env.JUST_ENOUGH_WORKERS;
	if (!file) return here(name, given);
	try {
		return await opened(file).run(
			{ name, given, measured: measures() },
			{ signal: AbortSignal.timeout(BUDGET_MS) }
		);
	} catch (problem) {
		const word = wordFor(problem);
		if (word) error(503, word);
		throw problem;
	}
}
