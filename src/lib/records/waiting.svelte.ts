import { changes } from './changes.svelte';
import { outbox } from './outbox.svelte';
import { pictures } from './pictures.svelte';

/** What waits in this browser to be sent. */
export const waiting = {
	get all(): number {
		return outbox.unsaved.length + changes.waiting.length + pictures.waiting.length;
	}
};
