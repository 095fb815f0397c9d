import { v4 as uuid } from 'uuid';
import type { FrameRecord, LoadRecord } from '$contract/records';
import type { Judgement } from '$contract/frames';
import { create, remove, replace, type Kept } from '$lib/records/client';
import { refresh } from '$lib/records/refresh';
import { counted } from '$words';

type Step = () => Promise<void>;

const plain = ({ id, version, ...record }: Kept<FrameRecord>): FrameRecord => record;

/** What is done with several frames at once, or with a load, each with its way back. */
export class FrameActions {
	message = $state('');
	undo = $state.raw<Step | null>(null);
	busy = $state(false);

	async #say(message: string, undo: Step | null): Promise<void> {
		await refresh();
		[this.message, this.undo, this.busy] = [message, undo, false];
	}

	/** Changes what was judged of some frames. */
	async judge(
		frames: readonly Kept<FrameRecord>[],
		change: (frame: FrameRecord) => Judgement | undefined,
		what: string
	): Promise<void> {
		this.busy = true;
		const before = frames.map((frame) => frame.judged);
		const written: Kept<FrameRecord>[] = [];
		for (const frame of frames) {
			const { judged: _, ...rest } = frame;
			const judged = change(frame);
			const saved = await replace('frames', { ...rest, ...(judged ? { judged } : {}) });
			if (saved.result === 'saved') written.push(saved.record);
		}
		const back = () =>
			this.judge(
				written,
				(frame) => before[frames.findIndex(({ number }) => number === frame.number)],
				'as before'
			);
		const failed = frames.length - written.length;
		const said = `${counted(written.length, 'One frame', '# frames')} ${what}.`;
		await this.#say(
			failed > 0 ? `${said} ${failed} not saved: try again.` : said,
			what === 'as before' ? null : back
		);
	}

	/** Deletes frames; those with pictures stay. */
	async erase(frames: readonly Kept<FrameRecord>[]): Promise<void> {
		this.busy = true;
		const gone: Kept<FrameRecord>[] = [];
		for (const frame of frames) {
			if ((await remove('frames', frame)).result === 'saved') gone.push(frame);
		}
		const stayed = frames.length - gone.length;
		const back = async () => {
			for (const frame of gone) await create('frames', uuid(), plain(frame));
			await this.#say('They’re back.', null);
		};
		const said = `${counted(gone.length, 'One frame is', '# frames are')} deleted.`;
		await this.#say(
			stayed > 0
				? `${said} ${stayed} stayed: they have pictures (delete those first) or were changed elsewhere.`
				: said,
			gone.length > 0 ? back : null
		);
	}

	/** Takes a load out of its camera, half used or not, or puts it back in. */
	async move(load: Kept<LoadRecord>, out: boolean): Promise<void> {
		const { unloadedAt: _, ...inside } = load;
		const next = out ? { ...load, unloadedAt: new Date().toISOString() } : inside;
		const written = await replace('loads', next as Kept<LoadRecord>);
		if (written.result === 'saved') {
			const back = () => this.move(written.record, !out);
			await this.#say(
				out ? 'It’s out of the camera; its frames stay here.' : 'It’s back in the camera.',
				back
			);
		} else {
			const why =
				written.result === 'invalid' ? written.issues.map(({ message }) => message).join(' ') : 'try again.';
			await this.#say(`Not done: ${why}`, null);
		}
	}
}
