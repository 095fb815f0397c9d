import { AsyncLocalStorage } from 'node:async_hooks';
import { measureBy, METRIC, type Measures } from '$core/units';
import { SETTINGS_ID } from '$contract/settings';
import { store } from './store';

/** Who reads what is answered: looked up once for a request, where anything is said at all. */
const asked = new AsyncLocalStorage<{ measures?: Measures }>();

measureBy(() => {
	const reader = asked.getStore();
	if (!reader) return METRIC;
	return (reader.measures ??= { ...METRIC, ...store().settings.get(SETTINGS_ID) });
});

/** Does something for the person whose records are worked on: all that it says is in what they measure in. */
export const saidTo = <T>(work: () => T): T => asked.run({}, work);
