import { v4 as uuid } from 'uuid';
import { cameFrom, giftSchema, startOf, takenIn, type Gift } from '$contract/camera-gift';
import type { CameraRecord } from '$contract/records';
import { check } from '$contract/validate';
import type { Kept } from '$lib/records/client';
import { takeIn } from '$lib/records/gifts';
import { refresh } from '$lib/records/refresh';
import { changesOf } from './gift-changes';

const MOST_BYTES = 256 * 1024;
const NEW = 'new';

/** A camera that was given: looked at, and taken in when the person says so. */
export class GiftDesk {
	readonly #cameras: () => readonly Kept<CameraRecord>[];
	gift = $state.raw<Gift | null>(null);
	problem = $state('');
	/** Whether it is another one of its kind, and not the very camera. */
	another = $state(false);
	/** The camera that it changes, by its id; 'new': none. */
	into = $state<string>(NEW);
	busy = $state(false);
	taken = $state.raw<Kept<CameraRecord> | null>(null);
	/** Made once, so that taking it twice is harmless. */
	#id = '';

	constructor(cameras: () => readonly Kept<CameraRecord>[]) {
		this.#cameras = cameras;
	}

	/** Cameras that it may be: of the same id, or the same name. */
	readonly like = $derived.by(() => {
		const { gift } = this;
		if (!gift) return [];
		return this.#cameras().filter(({ id, name }) => id === gift.id || name === gift.camera.name);
	});
	readonly #here = $derived.by(() => this.#cameras().find(({ id }) => id === this.into));
	/** What learning would start from; null: nothing is known of it, or it is known here already. */
	readonly start = $derived.by(() => {
		if (!this.gift || (this.#here && cameFrom(this.gift, this.#here))) return null;
		return startOf(this.gift, this.another);
	});
	/** What would be other than it is; null: it would be a new camera. */
	readonly changes = $derived.by(() =>
		this.gift && this.#here ? changesOf(this.#here, takenIn(this.gift, this.another, this.#here)) : null
	);

	/** Looks at a gift's text. */
	read(text: string): void {
		[this.gift, this.problem, this.taken] = [null, '', null];
		const no = 'This isn’t a camera shared from Just Enough';
		try {
			const checked = check(giftSchema, JSON.parse(text), 'refuse');
			if (checked.ok) this.gift = checked.value as unknown as Gift;
			else {
				const [{ path, message }] = checked.issues;
				this.problem = path === 'format' ? `${no}.` : `${no}: ${path} ${message}.`;
			}
		} catch {
			this.problem = `${no}.`;
		}
		this.into = this.like[0]?.id ?? NEW;
		this.another = false;
		const known = this.gift && this.#cameras().some(({ id }) => id === this.gift!.id);
		this.#id = this.gift && !known ? this.gift.id : uuid();
	}

	async readFile(file: File): Promise<void> {
		if (file.size > MOST_BYTES) this.problem = 'This is too large to be a camera.';
		else this.read(await file.text());
	}

	async take(): Promise<void> {
		this.busy = true;
		const here = this.#here;
		const done = await takeIn({
			gift: this.gift!,
			...(here ? { instead: { id: here.id, version: here.version } } : { id: this.#id }),
			...(this.another && { another: true })
		});
		if ('problem' in done) this.problem = done.problem;
		else {
			[this.taken, this.gift, this.problem] = [done.camera, null, ''];
			await refresh();
		}
		this.busy = false;
	}
}
