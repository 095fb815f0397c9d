import { browser } from '$app/environment';
import { METRIC, type Measures } from '$core/units';
import type { Stored } from '$contract/records';
import type { SettingsRecord } from '$contract/settings';
import { keepHere, keptHere } from './kept-here';

const KEY = 'just-enough-settings';

/** Hours as this browser's first language has them. */
const clockHere = new Intl.DateTimeFormat(browser ? navigator.language : undefined, {
	hour: 'numeric'
}).resolvedOptions().hour12
	? '12'
	: '24';

/** What the person set, on whatever device: as it was last known here until the records say so. */
class OwnSettings {
	record = $state.raw<(SettingsRecord & Stored) | null>(keptHere(KEY, null));
	measures = $derived<Measures>({ ...METRIC, clock: clockHere, ...this.record });

	/** Takes what the records say. */
	take(record: (SettingsRecord & Stored) | null): void {
		// What is the same asks for no drawing anew.
		if (JSON.stringify(record) === JSON.stringify(this.record)) return;
		this.record = record;
		keepHere(KEY, record);
	}
}

export const ownSettings = new OwnSettings();
