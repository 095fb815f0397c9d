import type { FrameRecord } from '$contract/records';
import { replace, type Kept } from '$lib/records/client';
import { refresh } from '$lib/records/refresh';

/** The frame that was changed last, so that the page one comes to can take it back. */
class LastEdit {
	#edit = $state.raw<{ before: Kept<FrameRecord>; version: number } | null>(null);
	problem = $state('');

	/** Number of the frame that can be taken back to what it was; null where there is none. */
	of(loadId: string): number | null {
		return this.#edit?.before.loadId === loadId ? this.#edit.before.number : null;
	}

	/** Remembers what a frame was before it was written as it is now. */
	remember(before: Kept<FrameRecord>, now: Kept<FrameRecord>): void {
		this.#edit = { before: $state.snapshot(before) as Kept<FrameRecord>, version: now.version };
		this.problem = '';
	}

	/** Writes the frame as it was. */
	async undo(): Promise<void> {
		const edit = this.#edit;
		if (!edit) return;
		const written = await replace('frames', { ...edit.before, version: edit.version });
		this.problem =
			written.result === 'saved'
				? ''
				: written.result === 'stale'
					? 'It’s been changed again since; here is how it is now.'
					: 'Not undone: the server isn’t answering. Try again.';
		if (written.result !== 'unreachable') this.#edit = null;
		await refresh();
	}
}

export const lastEdit = new LastEdit();
