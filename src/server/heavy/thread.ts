import { measureBy, type Measures } from '$core/units';
import { tasks, type Tasks } from './tasks';

interface Work {
	name: keyof Tasks;
	given: unknown[];
	/** What the reader measures in. */
	measured: Measures;
}

/** The other end of the pool: does one task at a time in a thread of its own. */
export default function work({ name, given, measured }: Work): unknown {
	measureBy(() => measured);
	return (tasks[name] as (...given: unknown[]) => unknown)(...given);
}
