import { resolveLight, type Light } from '$core/light';
import { intentForDepth } from '$core/plan';
import {
	bestLit,
	changed,
	isSameThing,
	quickMatch,
	reach,
	suitsFilm,
	type match,
	type Bag,
	type Interval,
	type LitChange,
	type Match,
	type Outcome,
	type Reach,
	type Remedy
} from '$core/match';
import {
	chanceSentence,
	exposureSentence,
	settingRows,
	settingsInShort,
	verdictInShort,
	verdictTitle
} from '$core/words';
import { outbox } from '$lib/records/outbox.svelte';
import { axisOver, windowAround, wholeLine, PHONE_WINDOW, zoomedTo } from './axis';
import { loadedCameras, type BagRecords, type Loaded } from './bag';
import { LightDesk } from './light-desk.svelte';
import { thinLanes, type FilterLane } from './lanes-to-show';
import { Logging } from './logging.svelte';
import { Counting } from './count/counting.svelte';
import { RemedyDesk } from './remedy-desk.svelte';
import { ShotList, shotsOf, type Shot } from './shot-list.svelte';
import {
	bagOf,
	flashesFor,
	flashSet,
	freeCamera,
	intentOf,
	keeping,
	lightFor,
	litOf,
	type CameraWishes,
	type OwnFlash,
	type SceneWishes,
	type Wishes
} from './wishes';

/** What a camera does in the light as it is mounted and set now. */
interface Answered {
	best: Outcome;
	unmet: Match['unmet'];
	/** What is to be known of its flash, where that fires. */
	lit: LitChange | null;
}

/** What the Shoot view knows beyond the records: the light being tried, the chosen lane, what was just logged. */
export class ShootState {
	#records: () => BagRecords;

	chosenId = $state<string | null>(null);
	/** What is wanted of the picture. */
	scene = $state.raw<SceneWishes>({ handheld: true });
	/** What is set and mounted, by load. */
	#set = $state.raw<Readonly<Record<string, CameraWishes>>>({});
	/** A remedy that is being looked at. */
	previewed = $state.raw<Remedy | null>(null);
	/** What was wanted before a remedy was kept. */
	#before = $state.raw<(Wishes & { id: string }) | null>(null);
	desk = new RemedyDesk();
	/** An exposure that is counted. */
	counting = new Counting();
	/** The light: what was read, and what is tried instead. */
	lights: LightDesk;
	logging: Logging;
	/** The scenes of the day's outings. */
	list: ShotList;
	narrow = $state(false);
	phoneWindow = $state<Interval>([6, 6 + PHONE_WINDOW]);

	/** Frames that are kept, and those on their way. */
	#frames = $derived.by(() => {
		const { frames } = this.#records();
		const waiting = outbox.of('frames').filter((frame) => !frames.some(({ id }) => id === frame.id));
		return [...frames, ...waiting];
	});

	loaded = $derived.by((): Loaded[] => loadedCameras({ ...this.#records(), frames: this.#frames }));

	chosen = $derived(this.loaded.find(({ id }) => id === this.chosenId) ?? this.loaded[0]);

	/** What is stored with a frame: the reading, or the light tried instead. */
	light = $derived.by((): Light | null => this.lights.light);

	resolved = $derived.by(() => this.lights.resolved);

	answers = $derived.by((): ReadonlyMap<string, Answered> =>
		this.light ? this.answersTo(this.light) : new Map()
	);

	/** The light in which each camera works as it is mounted now. */
	reaches = $derived.by((): ReadonlyMap<string, Reach> => {
		return new Map(
			this.loaded.map((loaded) => {
				const own = this.wishesOf(loaded.id);
				const remedy = loaded.id === this.chosen?.id ? this.previewed : null;
				if (!remedy && own === freeCamera) return [loaded.id, loaded.reach];
				const { bag, light } = this;
				const { camera, film } = loaded;
				const asked = { camera, film, light: light ?? { ev: 0 }, bag, intent: { filters: own.filters } };
				const { film: changedFilm, intent } = changed(asked, remedy?.changes ?? []);
				const { meterDifference } = own;
				return [loaded.id, reach(camera, changedFilm, { filters: intent.filters, meterDifference })];
			})
		);
	});

	/** The best outcome of the chosen camera as things are. */
	asItIs = $derived(this.chosen ? this.answers.get(this.chosen.id)?.best : undefined);

	/** What the Do column shows: the chosen camera's outcome, or that of the remedy looked at. */
	outcome = $derived(this.previewed?.outcome ?? this.asItIs);

	bag = $derived.by((): Bag => {
		const { gear, films } = this.#records();
		return bagOf(gear, films, this.chosen, this.chosen ? this.flashOf(this.chosen) : null);
	});

	gear = $derived.by(() => this.#records().gear);
	films = $derived.by(() => this.#records().films);

	/** The chosen camera's lane with each further filter of the bag. */
	filterLanes = $derived.by((): FilterLane[] => {
		const { chosen, bag } = this;
		if (!chosen) return [];
		const { camera, film } = chosen;
		const { filters: on, meterDifference } = this.wishesOf(chosen.id);
		return (bag.filters ?? [])
			.filter((filter) => suitsFilm(filter, film) && !on.some((worn) => isSameThing(worn, filter)))
			.sort((a, b) => a.stops - b.stops)
			.map((filter) => {
				const { good, usable } = reach(camera, film, { filters: [...on, filter], meterDifference });
				return { name: `with ${filter.name}`, good, usable };
			});
	});

	/** What is known of the flash in what the Do column shows. */
	lit = $derived.by((): LitChange | null => {
		if (!this.previewed) return (this.chosen && this.answers.get(this.chosen.id)?.lit) ?? null;
		return litOf(this.previewed);
	});

	/** The flash of a camera as it is set; null where it has none. */
	flashOf({ id, camera }: Pick<Loaded, 'id' | 'camera'>): OwnFlash | null {
		const all = flashesFor(this.#records().gear, camera);
		return flashSet(all, this.wishesOf(id).flashed, this.scene.subjectDistance);
	}

	/** Whether the flash of a camera fires as things are shown. */
	fires(id: string): boolean {
		return (id === this.chosen?.id ? this.lit : this.answers.get(id)?.lit) != null;
	}

	/** What the remedies of the chosen camera are asked for; none are while its flash fires. */
	question = $derived.by(() => {
		const { chosen, light } = this;
		if (!chosen || !light || chosen.finished) return null;
		const own = this.wishesOf(chosen.id);
		if (own.flash) return null;
		const { camera, film } = chosen;
		// Only a light that waits in the outbox is reactive, and could not be sent to a worker as it is.
		const plain = $state.snapshot(lightFor(light, own)) as Light;
		return [camera, film, plain, this.bag, intentOf(this.scene, own)] as Parameters<typeof match>;
	});

	#zoom = $derived.by((): Interval => {
		if (this.loaded.length !== 1) return wholeLine;
		const read = this.lights.aged;
		return zoomedTo(this.loaded[0].reach.usable, read ? resolveLight(read).ev : null);
	});

	axis = $derived(axisOver(this.narrow ? this.#window() : this.#zoom));

	constructor(records: () => BagRecords) {
		this.#records = records;
		this.lights = new LightDesk(records);
		this.list = new ShotList(() => shotsOf(records(), this.#frames, this.lights.now));
		this.logging = new Logging(this);
	}

	/** What every camera does in a light; one whose answer cannot be worked out has none, and is not left with an old one. */
	answersTo(light: Light): Map<string, Answered> {
		const answers = new Map<string, Answered>();
		for (const loaded of this.loaded) {
			try {
				answers.set(loaded.id, this.#answer(loaded, light));
			} catch (error) {
				console.error(error);
			}
		}
		return answers;
	}

	/** Whether there is a light, but no answer of the chosen camera to it. */
	failed = $derived(Boolean(this.chosen && this.light && !this.answers.has(this.chosen.id)));

	/** What a drag has the page work out and say of a light, without showing it. */
	rehearse(light: Light): number {
		let said = 0;
		for (const [id, { best }] of this.answersTo(light)) {
			const { camera, film, reach: lanes } = this.loaded.find((each) => each.id === id)!;
			const rows = settingRows(camera, best, true);
			const words = [verdictTitle(best), verdictInShort(best), settingsInShort(camera, best)];
			const sentences = [exposureSentence(best, film), chanceSentence(best)];
			const { settings } = thinLanes(lanes.lanes, [], best, resolveLight(light).ev);
			said += rows.length + settings.length + [...words, ...sentences].join('').length;
		}
		return said;
	}

	#answer(loaded: Loaded, read: Light): Answered {
		const { id, camera, film } = loaded;
		const own = this.wishesOf(id);
		const [light, intent] = [lightFor(read, own), intentOf(this.scene, own)];
		const flash = own.flash ? this.flashOf(loaded) : null;
		const withFlash = flash ? bestLit(camera, film, light, { flash }, intent) : null;
		if (withFlash) return { best: withFlash.outcome, unmet: withFlash.unmet, lit: withFlash.change };
		return { ...quickMatch(camera, film, light, intent), lit: null };
	}

	#window(): Interval {
		return this.resolved ? windowAround(this.resolved.ev, this.phoneWindow) : this.phoneWindow;
	}

	/** Tries another light; the reading stays as it was. */
	tryLight(ev: number): void {
		this.previewed = null;
		this.lights.try(ev);
		this.#follow();
	}

	/** Moves the light along the line, from where it stands. */
	moveLight(stops: number): void {
		this.previewed = null;
		this.lights.move(stops);
		this.#follow();
	}

	/** The phone's window goes with the light. */
	#follow(): void {
		if (this.resolved) this.phoneWindow = windowAround(this.resolved.ev, this.phoneWindow);
	}

	/** The eye of the chosen camera was read in a light of its own. */
	readEye(light: Light): void {
		if (!this.resolved) return;
		const { ev, sd } = resolveLight(light);
		this.setChosen({ meterDifference: ev - this.resolved.ev, meterSd: sd });
	}

	choose(id: string): void {
		this.chosenId = id;
		this.previewed = null;
	}

	/** The loaded camera with the film that a scene was packed with. */
	loadFor({ plan }: Shot): Loaded | undefined {
		const wanted = ({ load }: Loaded) => load.cameraId === plan?.camera.id && load.filmId === plan.film.id;
		return this.loaded.find((each) => !each.finished && wanted(each));
	}

	/** Sets everything for a scene of the day's list as it was planned; the light is read, not planned. */
	takeUp(shot: Shot): void {
		const { scene, plan } = shot;
		this.list.take(scene.id);
		const { seconds, subjectDistance, subjectSpeed, handheld } = scene.intent ?? {};
		const hold = scene.take ? scene.take.handheld : handheld;
		this.want({ seconds, subjectDistance, subjectSpeed, handheld: hold ?? true });
		const found = this.loadFor(shot);
		if (!found || !plan) return;
		this.choose(found.id);
		const aperture = intentForDepth(found.camera, {}, scene.depth)?.aperture;
		this.setChosen({ filters: plan.filters, aperture });
	}

	get handheld(): boolean {
		return this.scene.handheld !== false;
	}

	/** Wants something of the picture, or no longer. */
	want(changes: Partial<SceneWishes>): void {
		this.scene = { ...this.scene, ...changes };
		this.previewed = null;
	}

	/** What is set and mounted on a camera. */
	wishesOf(id: string): CameraWishes {
		return this.#set[id] ?? freeCamera;
	}

	/** Sets or mounts something on the chosen camera. */
	setChosen(changes: Partial<CameraWishes>): void {
		if (!this.chosen) return;
		this.#set = { ...this.#set, [this.chosen.id]: { ...this.wishesOf(this.chosen.id), ...changes } };
		this.previewed = null;
	}

	/** What would be wanted if the remedy looked at were kept; null where it is not made here and now. */
	get kept(): Wishes | null {
		const { chosen, previewed, scene, bag } = this;
		if (!chosen || !previewed) return null;
		return keeping({ scene, camera: this.wishesOf(chosen.id) }, previewed.changes, bag);
	}

	/** Keeps the remedy that is looked at. */
	keepRemedy(): void {
		const { chosen, kept } = this;
		if (!chosen || !kept) return;
		this.#before = { id: chosen.id, scene: this.scene, camera: this.wishesOf(chosen.id) };
		this.scene = kept.scene;
		this.setChosen(kept.camera);
	}

	get canUndoRemedy(): boolean {
		return this.#before !== null && this.#before.id === this.chosen?.id;
	}

	/** Back to what was wanted before the remedy was kept. */
	undoRemedy(): void {
		const before = this.#before;
		if (!before) return;
		this.#before = null;
		this.scene = before.scene;
		this.#set = { ...this.#set, [before.id]: before.camera };
	}

	/** Chooses the lane above or below. */
	chooseNext(step: 1 | -1): void {
		const index = this.loaded.findIndex(({ id }) => id === this.chosen?.id);
		const next = this.loaded[index + step];
		if (next) this.choose(next.id);
	}
}
