import { v4 as uuid } from 'uuid';
import type { FrameRecord } from '$contract/records';
import { remove } from '$lib/records/client';
import { outbox } from '$lib/records/outbox.svelte';

export interface Logged {
	id: string;
	number: number;
	camera: string;
	/** null while it is on its way. */
	saved: boolean | null;
	problem: string;
}

/** Keeps frames, and takes back the one that was kept last. */
export class FrameLog {
	logged = $state<Logged | null>(null);

	/** Sends a frame to be kept; says what became of it. */
	async keep(frame: FrameRecord, camera: string): Promise<void> {
		const id = uuid();
		this.logged = { id, number: frame.number, camera, saved: null, problem: '' };
		const sent = await outbox.send('frames', frame, id);
		if (this.logged?.id !== id) return;
		if (sent.result === 'saved') this.logged = { ...this.logged, number: sent.record.number, saved: true };
		if (sent.result === 'kept') this.logged = { ...this.logged, saved: false };
		if (sent.result === 'refused') this.logged = { ...this.logged, saved: false, problem: sent.problem };
	}

	/** Takes the frame back that was logged last. */
	async undo(refresh: () => Promise<void>): Promise<void> {
		const { logged } = this;
		if (!logged || logged.saved === null) return;
		if (logged.saved) {
			const removed = await remove('frames', logged.id);
			if (removed.result === 'unreachable') {
				this.logged = { ...logged, problem: 'not undone: the server does not answer' };
				return;
			}
			await refresh();
		}
		outbox.forget(logged.id);
		this.logged = null;
	}
}
