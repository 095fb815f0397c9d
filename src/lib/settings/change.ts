import { SETTINGS_ID, type SettingsRecord } from '$contract/settings';
import { create, replace, type Kept, type Written } from '$lib/records/client';
import { ownSettings } from '$lib/records/own-settings.svelte';
import { refresh } from '$lib/records/refresh';

function write(change: SettingsRecord): Promise<Written<SettingsRecord>> {
	const { record } = ownSettings;
	return record
		? replace('settings', { ...record, ...change } as Kept<SettingsRecord>)
		: create('settings', SETTINGS_ID, change);
}

/**
 * Sets something, on every device of the person's; what was set elsewhere meanwhile stays.
 *
 * @returns what came of it, in words
 */
export async function changeSettings(change: SettingsRecord): Promise<string> {
	let written = await write(change);
	if (written.result === 'stale') {
		ownSettings.take(written.current);
		written = await write(change);
	}
	if (written.result === 'saved') {
		ownSettings.take(written.record);
		void refresh();
		return 'Saved.';
	}
	return written.result === 'refused' ? written.message : 'Not saved: the server isn’t answering.';
}
