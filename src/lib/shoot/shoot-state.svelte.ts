import { resolveLight, type Light } from '$core/light';
import { bestOutcome, type Interval, type Outcome } from '$core/match';
import { roundToThird } from '$core/units';
import type { FrameRecord } from '$contract/records';
import { remove } from '$lib/records/client';
import { outbox } from '$lib/records/outbox.svelte';
import { v4 as uuid } from 'uuid';
import { axisOver, windowAround, wholeLine, PHONE_WINDOW, zoomedTo } from './axis';
import { loadedCameras, type BagRecords, type Loaded } from './bag';

/** Where the line stands when it is dragged before any light was read: a grey day. */
const UNREAD_LIGHT = 12;
/** Doubt of a light that was only tried by dragging, where no reading gives one, stops. */
const UNREAD_DOUBT = 1;
const [DARKEST, BRIGHTEST] = wholeLine;

export interface Logged {
	id: string;
	number: number;
	camera: string;
	/** null while it is on its way. */
	saved: boolean | null;
	problem: string;
}

/** What the Shoot view knows beyond the records: the light being tried, the chosen lane, what was just logged. */
export class ShootState {
	#records: () => BagRecords;

	chosenId = $state<string | null>(null);
	/** A light that is being tried by moving the line, EV. */
	triedEv = $state<number | null>(null);
	handheld = $state(true);
	logged = $state<Logged | null>(null);
	readingProblem = $state('');
	narrow = $state(false);
	phoneWindow = $state<Interval>([6, 6 + PHONE_WINDOW]);

	loaded = $derived.by((): Loaded[] => {
		const records = this.#records();
		const waiting = outbox.of('frames').filter((frame) => !records.frames.some(({ id }) => id === frame.id));
		return loadedCameras({ ...records, frames: [...records.frames, ...waiting] });
	});

	chosen = $derived(this.loaded.find(({ id }) => id === this.chosenId) ?? this.loaded[0]);

	reading = $derived.by(() => {
		const waiting = outbox.of('readings');
		return waiting.at(-1) ?? this.#records().reading;
	});

	/** What is stored with a frame: the reading, or the light tried instead. */
	light = $derived.by((): Light | null => {
		const read = this.reading?.light ?? null;
		if (this.triedEv === null) return read;
		return { method: 'eye', ev: this.triedEv, sd: read ? resolveLight(read).sd : UNREAD_DOUBT };
	});

	resolved = $derived(this.light ? resolveLight(this.light) : null);

	outcomes = $derived.by((): ReadonlyMap<string, Outcome> => {
		const light = this.light;
		if (!light) return new Map();
		const intent = { handheld: this.handheld };
		return new Map(this.loaded.map(({ id, camera, film }) => [id, bestOutcome(camera, film, light, intent)]));
	});

	outcome = $derived(this.chosen ? this.outcomes.get(this.chosen.id) : undefined);

	#zoom = $derived.by((): Interval => {
		if (this.loaded.length !== 1) return wholeLine;
		const read = this.reading?.light;
		return zoomedTo(this.loaded[0].reach.usable, read ? resolveLight(read).ev : null);
	});

	axis = $derived(axisOver(this.narrow ? this.#window() : this.#zoom));

	constructor(records: () => BagRecords) {
		this.#records = records;
	}

	#window(): Interval {
		return this.resolved ? windowAround(this.resolved.ev, this.phoneWindow) : this.phoneWindow;
	}

	/** Tries another light; the reading stays as it was. */
	tryLight(ev: number): void {
		this.triedEv = Math.min(BRIGHTEST, Math.max(DARKEST, roundToThird(ev)));
		this.phoneWindow = windowAround(this.triedEv, this.phoneWindow);
	}

	/** Moves the light along the line, from where it stands. */
	moveLight(stops: number): void {
		this.tryLight((this.resolved?.ev ?? UNREAD_LIGHT) + stops);
	}

	/** Back to the light that was read. */
	dropTried(): void {
		this.triedEv = null;
	}

	/** Keeps a reading; what was tried by hand gives way to it. */
	async keepReading(light: Light): Promise<void> {
		this.dropTried();
		this.readingProblem = '';
		const sent = await outbox.send('readings', { takenAt: new Date().toISOString(), light });
		if (sent.result === 'refused') this.readingProblem = sent.problem;
	}

	choose(id: string): void {
		this.chosenId = id;
	}

	/** Chooses the lane above or below. */
	chooseNext(step: 1 | -1): void {
		const index = this.loaded.findIndex(({ id }) => id === this.chosen?.id);
		const next = this.loaded[index + step];
		if (next) this.chosenId = next.id;
	}

	get canLog(): boolean {
		return Boolean(this.chosen && this.outcome && !this.chosen.finished);
	}

	/** Logs the chosen camera's frame with what the screen shows. */
	async logFrame(): Promise<void> {
		const { chosen, outcome, light } = this;
		if (!this.canLog || !chosen || !outcome || !light) return;
		const { f, seconds, compensation, iso, position } = outcome;
		const id = uuid();
		const frame: FrameRecord = {
			loadId: chosen.id,
			number: chosen.next,
			takenAt: new Date().toISOString(),
			light,
			settings: { f, seconds, compensation, iso, position },
			handheld: this.handheld,
			predicted: $state.snapshot(outcome) as Outcome
		};
		this.logged = { id, number: frame.number, camera: chosen.camera.name, saved: null, problem: '' };
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
