import { tasks, type Tasks } from './tasks';

/** The other end of the pool: does one task at a time in a thread of its own. */
export default function work({ name, given }: { name: keyof Tasks; given: unknown[] }): unknown {
	return (tasks[name] as (...given: unknown[]) => unknown)(...given);
}
