import { BUILT_IN } from '$core/flash';
import type { Light } from '$core/light';
import {
	bracketAbout,
	knownSettings,
	type Bracket,
	type LitChange,
	type Outcome,
	type Remedy
} from '$core/match';
import type { Where } from '$contract/coordinates';
import { withPrediction } from '$contract/predicted';
import type { FrameRecord, LoadRecord } from '$contract/records';
import type { Judgement } from '$contract/frames';
import { ownPosition } from '$lib/here/own-position.svelte';
import { zones } from '$lib/here/zones.svelte';
import { zoneHere } from '$words';
import { replace, type Kept } from '$lib/records/client';
import { keepHere, keptHere } from '$lib/records/kept-here';
import type { Loaded } from './bag';
import { FrameLog } from './frame-log.svelte';
import { intentOf, lightFor, type CameraWishes, type OwnFlash, type SceneWishes } from './wishes';
import { refresh } from '$lib/records/refresh';

/** Where a frame is taken, as far as it is known, and by which clock. */
const placeOf = (where: Where | undefined): Pick<FrameRecord, 'where' | 'zone'> =>
	where ? { where, zone: zones.at(where.latitude, where.longitude) } : { zone: zoneHere() };

/** What logging is told of the view: what is chosen, what the light is, and what is set. */
interface Shown {
	lights: { light: Light | null; reading: { where?: Where } | null };
	rig: { of: (id: string) => CameraWishes };
	wanted: { scene: SceneWishes };
	answers: {
		chosen: Loaded | undefined;
		loaded: Loaded[];
		/** The outcome that the screen shows, and that of things as they are. */
		outcome: Outcome | undefined;
		asItIs: Outcome | undefined;
		previewed: Remedy | null;
		given: ReadonlyMap<string, { lit: LitChange | null }>;
		flashOf: (loaded: Loaded) => OwnFlash | null;
	};
	list: { mark: Pick<FrameRecord, 'outing'> };
}

/** What is said of the next frame before it is taken; kept in the browser until it is. */
export interface Draft {
	subject?: string;
	/** Steps of the camera's list that are ticked. */
	ticked?: string[];
	/** When a cine shot was started, ISO. */
	startedAt?: string;
	/** The planned shot that a cine shot is taken for. */
	shot?: string;
	/** The print that was pulled last, and when, ISO. */
	pulled?: { frame: string; at: string };
}

const KEY = 'just-enough-drafts';

const settingsOf = ({ f, seconds, compensation, iso, position, handTimed, manual }: Outcome) => ({
	f,
	seconds,
	compensation,
	iso,
	position,
	handTimed,
	...(manual && { manual })
});

const filmOf = ({ id, name, iso, processStops }: Loaded['film']) => ({
	id,
	name,
	iso,
	...(processStops === undefined ? {} : { processStops })
});

/** Two taps nearer than this are one, ms. */
const SAME_TAP_MS = 400;

/** Most frames that are logged in one go. */
const THREE = 3;

/** Logging from Shoot: one frame, three alike, a bracket, a cine shot; and what is put right at once. */
export class Logging {
	readonly log = new FrameLog();
	#shoot: Shown;
	#drafts = $state.raw<Readonly<Record<string, Draft>>>(keptHere(KEY, {}));
	problem = $state('');
	/** Just logged: a second tap so soon is the same tap. */
	settling = $state(false);
	/** What was not noted before the counter was set. */
	#counted = $state.raw<{ loadId: string; unknown: number[] | undefined } | null>(null);

	constructor(shoot: Shown) {
		this.#shoot = shoot;
	}

	/** The bracket about what is shown, where there is room for it. */
	bracket = $derived.by((): Bracket | null => {
		const { answers, lights, wanted } = this.#shoot;
		const { chosen, asItIs, previewed } = answers;
		const { light } = lights;
		if (!chosen || !light || !asItIs || previewed || chosen.finished || chosen.secondsLeft !== null)
			return null;
		const own = this.#shoot.rig.of(chosen.id);
		if (own.flash || chosen.left < THREE) return null;
		return bracketAbout(
			chosen.camera,
			chosen.film,
			lightFor(light, own),
			intentOf(wanted.scene, own),
			asItIs
		);
	});

	get can(): boolean {
		const { chosen, outcome } = this.#shoot.answers;
		// Without a light there is no outcome, and a frame is a frame all the same.
		return Boolean(chosen && !chosen.finished && (outcome || !this.#shoot.lights.light));
	}

	draftOf(loadId: string): Draft {
		return this.#drafts[loadId] ?? {};
	}

	/** Says something of the next frame of a load. */
	setDraft(loadId: string, changes: Partial<Draft>): void {
		this.#drafts = { ...this.#drafts, [loadId]: { ...this.draftOf(loadId), ...changes } };
		keepHere(KEY, this.#drafts);
	}

	/** A frame of the chosen camera as things are, with an outcome of its own. */
	#frame(
		chosen: Loaded,
		number: number,
		outcome: Outcome | null,
		more: Partial<FrameRecord> = {}
	): FrameRecord {
		const { wanted, lights, list } = this.#shoot;
		const { scene } = wanted;
		const own = this.#shoot.rig.of(chosen.id);
		const { subject } = this.draftOf(chosen.id);
		const where = ownPosition.where(lights.reading?.where);
		return {
			loadId: chosen.id,
			number,
			takenAt: new Date().toISOString(),
			light: lights.light && outcome && lightFor(lights.light, own),
			settings: outcome
				? settingsOf(outcome)
				: knownSettings(chosen.camera, chosen.film, intentOf(scene, own)),
			film: filmOf(chosen.film),
			handheld: !own.support,
			...(own.filters.length > 0 ? { filters: own.filters } : {}),
			...(own.closeUp ? { closeUp: own.closeUp } : {}),
			...this.#fired(chosen),
			...(scene.subjectDistance === undefined ? {} : { distance: scene.subjectDistance }),
			...(subject ? { subject } : {}),
			...placeOf(where),
			...list.mark,
			predicted: outcome && ($state.snapshot(outcome) as Outcome),
			...more
		};
	}

	/** The flash as a frame of this camera stores it. */
	#fired(loaded: Loaded): Pick<FrameRecord, 'flash'> {
		const lit = this.#shoot.answers.given.get(loaded.id)?.lit;
		const flash = this.#shoot.answers.flashOf(loaded);
		if (!lit || !flash) return {};
		const { id, name, guideNumber, loss } = flash;
		return {
			flash: {
				...(id === BUILT_IN ? {} : { id }),
				name,
				guideNumber,
				power: lit.power,
				...(loss ? { loss } : {})
			}
		};
	}

	async #keep(chosen: Loaded, frames: FrameRecord[]): Promise<void> {
		this.problem = '';
		this.#settle();
		this.setDraft(chosen.id, {
			subject: undefined,
			ticked: undefined,
			startedAt: undefined,
			shot: undefined
		});
		await this.log.keep(frames, chosen.camera.name);
	}

	#settle(): void {
		this.settling = true;
		setTimeout(() => (this.settling = false), SAME_TAP_MS);
	}

	/** Logs so many frames with what the screen shows; a cine shot starts, and ends at the second call. */
	async frame(count = 1): Promise<void> {
		const { chosen } = this.#shoot.answers;
		if (!this.can || this.settling || !chosen) return;
		const outcome = this.#read();
		if (chosen.secondsLeft !== null && count === 1) return this.#cine(chosen, outcome);
		const frames = Array.from({ length: Math.min(count, chosen.left) }, (_, at) =>
			this.#frame(chosen, chosen.next + at, outcome)
		);
		await this.#keep(chosen, frames);
	}

	/** What the light makes of the chosen camera as it is; null without one. */
	#read(): Outcome | null {
		return this.#shoot.lights.light ? (this.#shoot.answers.asItIs ?? null) : null;
	}

	/** The next frame of the chosen camera as it would be logged now. */
	get nextFrame(): FrameRecord | null {
		const { chosen } = this.#shoot.answers;
		const outcome = this.#read();
		return this.can && chosen && outcome ? this.#frame(chosen, chosen.next, outcome) : null;
	}

	/** A frame as its shutter was really held open; an eye's own time stays what it is for its exposure. */
	asHeld(
		{ camera, film, next }: Loaded,
		{ frame, wanted, automatic }: { frame: FrameRecord; wanted: number; automatic: boolean },
		held: number
	): FrameRecord {
		const made = { ...frame, number: next, counted: { wanted, held } };
		if (automatic) return made;
		return withPrediction(camera, film, { ...made, settings: { ...frame.settings, seconds: held } });
	}

	/** Logs a frame that was counted. */
	keepHeld(loaded: Loaded, frame: FrameRecord): Promise<void> {
		return this.#keep(loaded, [frame]);
	}

	/** Starts a shot, or ends it and logs how long it ran. */
	async #cine(chosen: Loaded, outcome: Outcome | null): Promise<void> {
		const { startedAt, shot: planned } = this.draftOf(chosen.id);
		if (!startedAt) {
			this.#settle();
			this.setDraft(chosen.id, { startedAt: new Date().toISOString() });
			return;
		}
		const ran = Math.max(0.1, (Date.now() - Date.parse(startedAt)) / 1000);
		const shot = Math.min(ran, Math.max(0.1, chosen.secondsLeft ?? ran));
		await this.#keep(chosen, [
			this.#frame(chosen, chosen.next, outcome, {
				ran: Math.round(shot * 10) / 10,
				takenAt: startedAt,
				...(planned ? { shot: planned } : {})
			})
		]);
	}

	/** Logs a bracket: darker, even, lighter. */
	async threeAbout(): Promise<void> {
		const { chosen } = this.#shoot.answers;
		const { bracket } = this;
		if (!chosen || !bracket || this.settling) return;
		await this.#keep(
			chosen,
			bracket.frames.map((outcome, at) => this.#frame(chosen, chosen.next + at, outcome))
		);
	}

	undo(): Promise<void> {
		return this.log.undo(refresh);
	}

	/** Writes a record of the load or a frame again, and says what went wrong. */
	async #put<K extends 'frames' | 'loads'>(kind: K, record: Parameters<typeof replace<K>>[1]): Promise<void> {
		const written = await replace(kind, record);
		this.problem =
			written.result === 'saved'
				? ''
				: written.result === 'stale'
					? 'Not saved: it was changed elsewhere. Here is how it is now.'
					: 'Not saved: the server isn’t answering. Try again.';
		await refresh();
	}

	/** The camera's counter shows another number: the frames between were taken and not noted. */
	async counterSays(chosen: Loaded, shown: number): Promise<void> {
		const next = chosen.load.counter === 'down' ? chosen.load.frames - shown + 1 : shown;
		if (!Number.isInteger(next) || next <= chosen.next || next > chosen.load.frames + 1) {
			this.problem =
				next === chosen.next
					? 'That’s what this page says already.'
					: 'That number is before a frame you logged, or past the end of the roll.';
			return;
		}
		const missing = Array.from({ length: next - chosen.next }, (_, at) => chosen.next + at);
		const { load } = chosen;
		await this.#put('loads', { ...load, unknown: [...(load.unknown ?? []), ...missing] });
		if (this.problem === '') this.#counted = { loadId: load.id, unknown: load.unknown };
	}

	/** A roll gives the extra one or two: it holds one frame more. */
	oneMore({ load }: Loaded): Promise<void> {
		return this.#put('loads', { ...load, frames: load.frames + 1 });
	}

	/** Whether the counter of a load was set last, and can be set back. */
	counterWasSet(loadId: string): boolean {
		return this.#counted?.loadId === loadId;
	}

	/** The counter as it was before it was set. */
	async counterBack({ load }: Loaded): Promise<void> {
		const before = this.#counted;
		if (before?.loadId !== load.id) return;
		await this.#put('loads', { ...load, unknown: before.unknown });
		// Only then: what is set meanwhile would be set against what is going back.
		if (this.problem === '') this.#counted = null;
	}

	/** Plans shots on a spool, or says that it was flipped. */
	plan({ load }: Loaded, changes: Pick<LoadRecord, 'shots' | 'flippedAfter'>): Promise<void> {
		return this.#put('loads', { ...load, ...changes });
	}

	/** Puts a frame right: what it was really set to, and with it what would have been predicted. */
	async #amend(
		frame: Kept<FrameRecord>,
		changes: { compensation?: number; exposures?: number }
	): Promise<void> {
		const loaded = this.#shoot.answers.loaded.find(({ id }) => id === frame.loadId);
		if (!loaded) return;
		const { compensation = frame.settings.compensation, exposures = frame.exposures } = changes;
		const right = withPrediction(loaded.camera, loaded.film, {
			...frame,
			...(exposures === undefined ? {} : { exposures }),
			settings: { ...frame.settings, compensation }
		});
		const { predicted } = right;
		await this.#put('frames', predicted ? { ...right, settings: settingsOf(predicted) } : right);
	}

	/** The wheel stood elsewhere when the last frame was taken. */
	wheelWas(frame: Kept<FrameRecord>, place: number): Promise<void> {
		return this.#amend(frame, { compensation: place });
	}

	/** A frame was exposed once more, or once less. */
	exposedTimes(frame: Kept<FrameRecord>, exposures: number): Promise<void> {
		return this.#amend(frame, { exposures });
	}

	/** How a print came out, in one tap. */
	async judge(frame: Kept<FrameRecord>, judged: Pick<Judgement, 'stops' | 'sd'> | undefined): Promise<void> {
		const { judged: _, ...rest } = frame;
		const judgement: Judgement | undefined = judged && {
			...judged,
			by: 'eye',
			judgedAt: new Date().toISOString()
		};
		await this.#put('frames', { ...rest, ...(judgement ? { judged: judgement } : {}) });
	}
}
