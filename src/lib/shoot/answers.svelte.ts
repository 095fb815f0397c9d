import { resolveLight, type Light } from '$core/light';
import {
	bestLit,
	changed,
	equivalents,
	isSameThing,
	keptIntent,
	quickMatch,
	reach,
	suitsFilm,
	type Bag,
	type LitChange,
	type match,
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
} from '$words';
import type { LightDesk } from '$lib/light/light-desk.svelte';
import type { InHand } from '$lib/light/panel';
import { loadedCameras, type BagRecords, type Loaded } from './bag';
import { inHandLast, takeInHand } from './in-hand';
import { thinLanes, type FilterLane } from './lanes-to-show';
import type { Rig } from './rig.svelte';
import type { Wanted } from './wanted.svelte';
import {
	bagOf,
	flashesFor,
	flashSet,
	intentOf,
	lightFor,
	litOf,
	type OwnFlash,
	type SceneWishes
} from './wishes';

/** What a camera does in the light as it is mounted and set now. */
interface Answered {
	best: Outcome;
	unmet: Match['unmet'];
	/** What is to be known of its flash, where that fires. */
	lit: LitChange | null;
}

/** Whether a time lies outside what is wanted: one that is set on the camera may. */
const missesTime = (wanted: SceneWishes['seconds'], seconds: number): boolean =>
	wanted !== undefined && (seconds < (wanted[0] ?? 0) || seconds > (wanted[1] ?? Infinity));

/** What the cameras in hand do in the light, with what is on them and wanted of the picture: all of it derived. */
export class Answers {
	#records: () => BagRecords;
	#lights: LightDesk;
	#rig: Rig;
	#wanted: Wanted;

	/** The camera in hand, by its load: remembered on this device. */
	#chosenId = $state<string | null>(inHandLast());
	/** A remedy that is being looked at. */
	previewed = $state.raw<Remedy | null>(null);

	/** @param records the bag, with the frames that are on their way */
	constructor(records: () => BagRecords, lights: LightDesk, rig: Rig, wanted: Wanted) {
		this.#records = records;
		this.#lights = lights;
		this.#rig = rig;
		this.#wanted = wanted;
	}

	loaded = $derived.by((): Loaded[] => loadedCameras(this.#records()));

	chosen = $derived(this.loaded.find(({ id }) => id === this.#chosenId) ?? this.loaded[0]);

	/** What each camera does, by its load. */
	given = $derived.by((): ReadonlyMap<string, Answered> =>
		this.#lights.light ? this.to(this.#lights.light) : new Map()
	);

	/** The light in which each camera works as it is mounted now. */
	reaches = $derived.by((): ReadonlyMap<string, Reach> => {
		return new Map(
			this.loaded.map((loaded) => {
				const own = this.#rig.of(loaded.id);
				const remedy = loaded.id === this.chosen?.id ? this.previewed : null;
				const intent = intentOf(this.#wanted.scene, own);
				const { meterDifference } = own;
				const { camera, film } = loaded;
				if (!remedy) return [loaded.id, reach(camera, film, { ...intent, meterDifference })];
				const light = this.#lights.light ?? { ev: 0 };
				const { film: other, intent: asked } = changed(
					{ camera, film, light, bag: this.bag, intent },
					remedy.changes
				);
				return [loaded.id, reach(camera, other, { ...asked, meterDifference })];
			})
		);
	});

	/** The best outcome of the chosen camera as things are. */
	asItIs = $derived(this.chosen ? this.given.get(this.chosen.id)?.best : undefined);

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
		const own = this.#rig.of(chosen.id);
		const { filters: on, meterDifference } = own;
		const intent = intentOf(this.#wanted.scene, own);
		return (bag.filters ?? [])
			.filter((filter) => suitsFilm(filter, film) && !on.some((worn) => isSameThing(worn, filter)))
			.sort((a, b) => a.stops - b.stops)
			.map((filter) => {
				const { good, usable } = reach(camera, film, {
					...intent,
					filters: [...on, filter],
					meterDifference
				});
				return { name: `with ${filter.name}`, good, usable };
			});
	});

	/** The chosen camera as the ways of reading light see it. */
	inHand = $derived.by((): InHand | null => {
		const { chosen } = this;
		if (!chosen) return null;
		const good = this.reaches.get(chosen.id)?.good ?? [];
		return { camera: chosen.camera, film: chosen.film, own: this.#rig.of(chosen.id), good };
	});

	/** What is known of the flash in what the Do column shows. */
	lit = $derived.by((): LitChange | null => {
		if (!this.previewed) return (this.chosen && this.given.get(this.chosen.id)?.lit) ?? null;
		return litOf(this.previewed);
	});

	/** The flash of a camera as it is set; null where it has none. */
	flashOf({ id, camera }: Pick<Loaded, 'id' | 'camera'>): OwnFlash | null {
		const all = flashesFor(this.#records().gear, camera);
		return flashSet(all, this.#rig.of(id).flashed, this.#wanted.scene.subjectDistance);
	}

	/** Whether the flash of a camera fires as things are shown. */
	fires(id: string): boolean {
		return (id === this.chosen?.id ? this.lit : this.given.get(id)?.lit) != null;
	}

	/** What the remedies of the chosen camera are asked for; none are while its flash fires. */
	question = $derived.by(() => {
		const { chosen } = this;
		const { light } = this.#lights;
		if (!chosen || !light || chosen.finished) return null;
		const own = this.#rig.of(chosen.id);
		if (own.flash) return null;
		const { camera, film } = chosen;
		// Only a light that waits in the outbox is reactive, and could not be sent to a worker as it is.
		const plain = $state.snapshot(lightFor(light, own)) as Light;
		return [camera, film, plain, this.bag, intentOf(this.#wanted.scene, own)] as Parameters<typeof match>;
	});

	/** What every camera does in a light; one whose answer cannot be worked out has none, and is not left with an old one. */
	to(light: Light): Map<string, Answered> {
		return this.#given(this.loaded, light);
	}

	#given(some: readonly Loaded[], light: Light): Map<string, Answered> {
		const answers = new Map<string, Answered>();
		for (const loaded of some) {
			try {
				answers.set(loaded.id, this.#answer(loaded, light));
			} catch (error) {
				console.error(error);
			}
		}
		return answers;
	}

	/** Whether there is a light, but no answer of the chosen camera to it. */
	failed = $derived.by(() => Boolean(this.chosen && this.#lights.light && !this.given.has(this.chosen.id)));

	/** What a drag has the page work out and say of a light for one camera, without showing it. */
	rehearse(light: Light, at: number): number {
		const loaded = this.loaded[at];
		if (!loaded) return 0;
		let said = 0;
		for (const { best } of this.#given([loaded], light).values()) {
			const { camera, film, reach: lanes } = loaded;
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
		const own = this.#rig.of(id);
		const [light, intent] = [lightFor(read, own), intentOf(this.#wanted.scene, own)];
		const flash = own.flash ? this.flashOf(loaded) : null;
		const withFlash = flash ? bestLit(camera, film, light, { flash }, intent) : null;
		if (withFlash) return { best: withFlash.outcome, unmet: withFlash.unmet, lit: withFlash.change };
		const { best, unmet } = quickMatch(camera, film, light, intent);
		const missed = missesTime(this.#wanted.scene.seconds, best.seconds);
		return { best, unmet: missed && unmet.length === 0 ? ['seconds'] : unmet, lit: null };
	}

	choose(id: string): void {
		this.#chosenId = id;
		this.previewed = null;
		takeInHand(id);
	}

	/** What is before the lens of the chosen camera in what is shown. */
	before = $derived.by(() => {
		const { chosen, bag } = this;
		if (!chosen) return {};
		const own = this.#rig.of(chosen.id);
		const changes = this.previewed?.changes.filter(({ kind }) => kind === 'filter') ?? [];
		const shown = keptIntent({ filters: own.filters }, changes, bag) ?? { filters: own.filters };
		return { film: chosen.film, filters: shown.filters, closeUp: own.closeUp };
	});

	/** The scale of equivalents of the chosen camera, where it has two rings. */
	scale = $derived.by((): Outcome[] => {
		const { chosen } = this;
		const { light } = this.#lights;
		if (!chosen || !light || chosen.finished) return [];
		const own = this.#rig.of(chosen.id);
		const { aperture: _, seconds: _seconds, ...free } = intentOf(this.#wanted.scene, own);
		return equivalents(chosen.camera, chosen.film, lightFor(light, own), free);
	});

	/** Whether the chosen camera is held by hand in what is shown. */
	handheld = $derived.by(() => {
		const steadied = this.previewed?.changes.some(({ kind }) => kind === 'tripod');
		return !steadied && !(this.chosen && this.#rig.of(this.chosen.id).support);
	});

	/** Chooses the lane above or below. */
	chooseNext(step: 1 | -1): void {
		const index = this.loaded.findIndex(({ id }) => id === this.chosen?.id);
		const next = this.loaded[index + step];
		if (next) this.choose(next.id);
	}
}
