import { resolveLight, type Light } from '$core/light';
import { intentForDepth } from '$core/plan';
import { LightDesk } from '$lib/light/light-desk.svelte';
import { ownPosition } from '$lib/here/own-position.svelte';
import { zones } from '$lib/here/zones.svelte';
import { outbox } from '$lib/records/outbox.svelte';
import { rigs } from '$lib/records/rigs.svelte';
import { whenIdle } from '$lib/records/when-idle';
import { Answers } from './answers.svelte';
import type { BagRecords, Loaded } from './bag';
import { countableOf } from './count/countable';
import { Counting } from './count/counting.svelte';
import { LineView } from './line-view.svelte';
import { Logging } from './logging.svelte';
import { RemedyDesk } from './remedy-desk.svelte';
import { Rig } from './rig.svelte';
import { ShotList } from './shot-list.svelte';
import type { Shot, shotsOf } from './shots-of';
import { Wanted } from './wanted.svelte';
import { later } from '$lib/parts/later';
import { keeping, type CameraWishes, type SceneWishes, type Wishes } from './wishes';

const shots = later(() => import('./shots-of'));

/**
 * The Shoot view: the light, what is on the cameras, what is wanted, what comes of it, and the log; each
 * knows only what it needs, and here is what moves more than one of them.
 */
export class ShootState {
	readonly lights: LightDesk;
	readonly rig: Rig;
	readonly wanted = new Wanted();
	readonly answers: Answers;
	readonly logging: Logging;

	/** An exposure that is counted. */
	readonly counting = new Counting();
	/** The scenes of the day's outings. */
	readonly list: ShotList;
	readonly line: LineView;
	readonly desk = new RemedyDesk();
	#records: () => BagRecords;
	/** The records with the frames that are on their way. */
	#withWaiting = $derived.by((): BagRecords => {
		const records = this.#records();
		const { frames } = records;
		const waiting = outbox.of('frames').filter((frame) => !frames.some(({ id }) => id === frame.id));
		// The same as long as it is the same: all that is shown is worked out of it.
		return waiting.length === 0 ? records : { ...records, frames: [...frames, ...waiting] };
	});
	/** What makes the day's list, once there is an outing to make it of. */
	#shotsOf = $state.raw<typeof shotsOf | null>(null);
	/** What was wanted before a remedy was kept. */
	#before = $state.raw<(Wishes & { id: string }) | null>(null);

	/** @param narrow whether the screen is a phone's */
	constructor(records: () => BagRecords, narrow: () => boolean) {
		this.#records = records;
		this.lights = new LightDesk(records);
		this.rig = new Rig(records);
		this.answers = new Answers(() => this.#withWaiting, this.lights, this.rig, this.wanted);
		this.line = new LineView(narrow, this.lights, () => this.answers.loaded);
		this.list = new ShotList(
			() => this.#shotsOf?.(records(), this.#withWaiting.frames, this.lights.now) ?? []
		);
		this.logging = new Logging(this);
	}

	/** Once the page stands: sends what was left, and works out what else could be done. Gives back how to stop. */
	open(): () => void {
		const closeRigs = rigs.open();
		const closeDesk = this.desk.open();
		// The clock of the place is at hand before the first frame is taken there.
		const placed = this.lights.where !== undefined || ownPosition.wanted;
		const endZones = whenIdle(() => void (placed && zones.fetch()));
		return () => {
			closeRigs();
			closeDesk();
			endZones();
		};
	}

	/**
	 * Takes a camera in hand whose time can be counted in this light: the one in hand, where its can.
	 *
	 * @returns whether there is one
	 */
	chooseCountable(): boolean {
		const { chosen, loaded, given } = this.answers;
		const found = [...(chosen ? [chosen] : []), ...loaded].find((each) => {
			const best = given.get(each.id)?.best;
			return best && countableOf(each, best);
		});
		if (found) this.answers.choose(found.id);
		else this.logging.problem = 'No loaded camera has a time to count in this light.';
		return found !== undefined;
	}

	/** Makes the list of the day. */
	async openList(): Promise<void> {
		this.#shotsOf ??= (await shots()).shotsOf;
	}

	/** Tries another light; the reading stays as it was. */
	tryLight(ev: number): void {
		this.answers.previewed = null;
		this.lights.try(ev);
		this.line.follow();
	}

	/** Moves the light along the line, from where it stands. */
	moveLight(stops: number): void {
		this.answers.previewed = null;
		this.lights.move(stops);
		this.line.follow();
	}

	/** The eye of the chosen camera was read in a light of its own. */
	readEye(light: Light): void {
		const { resolved } = this.lights;
		if (!resolved) return;
		const { ev, sd } = resolveLight(light);
		this.setChosen({ meterDifference: ev - resolved.ev, meterSd: sd });
	}

	/** The loaded camera with the film that a scene was packed with. */
	loadFor({ plan }: Shot): Loaded | undefined {
		const planned = ({ load }: Loaded) => load.cameraId === plan?.camera.id && load.filmId === plan.film.id;
		return this.answers.loaded.find((each) => !each.finished && planned(each));
	}

	/** Sets everything for a scene of the day's list as it was planned; the light is read, not planned. */
	takeUp(shot: Shot): void {
		const { scene, plan } = shot;
		this.list.take(scene.id);
		const { seconds: time, subjectDistance, subjectSpeed, handheld } = scene.intent ?? {};
		const hold = scene.take ? scene.take.handheld : handheld;
		const seconds = typeof time === 'number' ? undefined : time;
		this.want({ seconds, subjectDistance, subjectSpeed });
		const found = this.loadFor(shot);
		if (!found || !plan) return;
		this.answers.choose(found.id);
		const aperture = intentForDepth(found.camera, {}, scene.depth)?.aperture;
		this.setChosen({ filters: plan.filters, aperture, support: hold === false });
	}

	/** Wants something of the picture, or no longer. */
	want(changes: Partial<SceneWishes>): void {
		this.wanted.want(changes);
		this.answers.previewed = null;
	}

	/** Sets or mounts something on the chosen camera. */
	setChosen(changes: Partial<CameraWishes>): void {
		const { chosen } = this.answers;
		if (!chosen) return;
		this.rig.put(chosen.id, changes);
		this.answers.previewed = null;
	}

	/** What would be wanted if the remedy looked at were kept; null where it is not made here and now. */
	get kept(): Wishes | null {
		const { chosen, previewed, bag } = this.answers;
		if (!chosen || !previewed) return null;
		return keeping({ scene: this.wanted.scene, camera: this.rig.of(chosen.id) }, previewed.changes, bag);
	}

	/** Keeps the remedy that is looked at. */
	keepRemedy(): void {
		const { kept } = this;
		const { chosen } = this.answers;
		if (!chosen || !kept) return;
		this.#before = { id: chosen.id, scene: this.wanted.scene, camera: this.rig.of(chosen.id) };
		this.want(kept.scene);
		this.setChosen(kept.camera);
	}

	get canUndoRemedy(): boolean {
		return this.#before !== null && this.#before.id === this.answers.chosen?.id;
	}

	/** Back to what was wanted before the remedy was kept. */
	undoRemedy(): void {
		const before = this.#before;
		if (!before) return;
		this.#before = null;
		this.wanted.want(before.scene);
		this.rig.replace(before.id, before.camera);
	}
}
