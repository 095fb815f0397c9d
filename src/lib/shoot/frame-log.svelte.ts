import { v4 as uuid } from 'uuid';
import type { FrameRecord } from '$contract/records';
import { remove } from '$lib/records/client';
import { outbox } from '$lib/records/outbox.svelte';

/** What was logged last: one frame, or several in one go. */
export interface Logged {
	ids: string[];
	loadId: string;
	numbers: number[];
	camera: string;
	/** ms */
	at: number;
	/** null while they are on their way. */
	saved: boolean | null;
	problem: string;
}

/** Keeps frames, and takes back those that were kept last. */
export class FrameLog {
	logged = $state.raw<Logged | null>(null);

	/** Sends frames to be kept, in their order; says what became of them. */
	async keep(frames: FrameRecord[], camera: string): Promise<void> {
		const ids = frames.map(() => uuid());
		const numbers = frames.map(({ number }) => number);
		this.logged = {
			ids,
			loadId: frames[0].loadId,
			numbers,
			camera,
			at: Date.now(),
			saved: null,
			problem: ''
		};
		let [saved, problem] = [true, ''];
		for (const [at, frame] of frames.entries()) {
			const sent = await outbox.send('frames', frame, ids[at]);
			if (sent.result === 'saved') numbers[at] = sent.record.number;
			else saved = false;
			if (sent.result === 'refused') problem = sent.problem;
		}
		if (this.logged?.ids[0] === ids[0]) this.logged = { ...this.logged, numbers, saved, problem };
	}

	/** Whether any of the frames was on the server; null where that could not be deleted. */
	async #removed(logged: Logged): Promise<boolean | null> {
		let there = logged.saved === true;
		for (const id of logged.ids) {
			const removed = await remove('frames', { id });
			if (logged.saved && removed.result === 'unreachable') {
				this.logged = { ...logged, problem: 'not undone: the server isn’t answering' };
				return null;
			}
			there ||= removed.result === 'saved';
		}
		return there;
	}

	/** Takes the frames back that were logged last. */
	async undo(refresh: () => Promise<void>): Promise<void> {
		const { logged } = this;
		if (!logged || logged.saved === null) return;
		// What waits here is not sent any more; what is on the server, or may be because its answer was lost, is deleted.
		const there = await outbox.takeBack(logged.ids, () => this.#removed(logged));
		if (there === null) return;
		if (there) await refresh();
		this.logged = null;
	}
}
