<!-- An outing: when and where, its scenes, and what to carry for them. -->
<script lang="ts">
	import { onMount } from 'svelte';
	import { SvelteSet } from 'svelte/reactivity';
	import { v4 as uuid } from 'uuid';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { localTime, zoneAt } from '$core/light';
	import { withTakes, type Scene } from '$core/plan';
	import { formatClock } from '$core/units';
	import { framesInWords, sceneLightInWords } from '$words';
	import { outingRecordSchema, type OutingRecord } from '$contract/records';
	import Field from '$lib/forms/Field.svelte';
	import type { FormState } from '$lib/forms/form-state.svelte';
	import { RecordEditor } from '$lib/forms/record-editor.svelte';
	import RecordForm from '$lib/forms/RecordForm.svelte';
	import TextField from '$lib/forms/TextField.svelte';
	import WherePicker from '$lib/light/WherePicker.svelte';
	import { PackDesk } from '$lib/plan/pack-desk.svelte';
	import { lastPlace, PlaceForm } from '$lib/plan/place-form.svelte';
	import type { Kept } from '$lib/records/client';
	import Packed from './Packed.svelte';
	import { packQuestionOf, type Asked, type PackingRecords } from './pack-question';
	import SceneFields from './SceneFields.svelte';

	let { stored, records }: { stored: Kept<OutingRecord> | null; records: PackingRecords } = $props();

	const sceneAt = (at: string): Scene => ({
		id: uuid(),
		name: '',
		at,
		light: { by: 'sky', sky: 'clear', subject: 'facing' },
		frames: 2
	});

	// svelte-ignore state_referenced_locally -- a form begins with what was stored and is the person's from then on
	const place = new PlaceForm(stored?.where ?? lastPlace(records));
	const zone = place.here ? zoneAt(place.here.latitude, place.here.longitude) : 'Etc/UTC';
	const blank = {
		name: '',
		date: localTime(Date.now(), zone).date,
		where: { ...place.here, ...(place.name ? { name: place.name } : {}) },
		scenes: [sceneAt('18:00')]
	} as OutingRecord;
	// svelte-ignore state_referenced_locally -- see above
	const editor = new RecordEditor('outings', outingRecordSchema, stored, blank);
	const { form } = editor;
	const loose = form as unknown as FormState<object>;
	// svelte-ignore state_referenced_locally -- see above
	const open = new SvelteSet(stored ? [] : blank.scenes.map(({ id }) => id));
	let removed = $state.raw<{ scene: Scene; at: number } | null>(null);

	const desk = new PackDesk();
	/** What was asked of the desk last, and when it is done. */
	let asked = $state.raw<Asked | null>(null);
	let settled: Promise<void> = Promise.resolve();
	/** Typing is waited out before anything is packed, ms. */
	const QUIET = 400;

	/** What packing depends on, once it is right: not what things are called, or were packed with before. */
	const toPack = $derived.by(() => {
		const { value } = form;
		if (!value) return null;
		const scenes = value.scenes.map(({ take: _, name: __, ...scene }) => scene);
		return JSON.stringify([value.date, value.where, scenes]);
	});
	let waiting: ReturnType<typeof setTimeout> | undefined;
	let stopped = $state(false);
	/** What is typed will do, and is packed in a moment. */
	let coming = $state(false);

	function pack() {
		clearTimeout(waiting);
		stopped = coming = false;
		const { value } = form;
		if (!value) return;
		asked = packQuestionOf(value, records);
		settled = desk.pack(asked.question);
	}

	$effect(() => {
		desk.stop();
		desk.packed = null;
		coming = toPack !== null;
		if (toPack === null) return;
		waiting = setTimeout(pack, QUIET);
		return () => clearTimeout(waiting);
	});
	onMount(() => () => desk.stop());

	/** What is kept is packed first, unless that was stopped. */
	async function prepare() {
		if (!form.value) return;
		if (!desk.packed && !stopped) {
			if (!desk.progress) pack();
			await settled;
		}
		if (desk.packed && asked)
			editor.set({ scenes: withTakes(form.draft.scenes, desk.packed.packing, asked) });
	}

	function stop() {
		stopped = true;
		desk.stop();
	}

	const change = (at: number, changes: Partial<Scene>) => {
		editor.set({
			scenes: form.draft.scenes.map((scene, index) => (index === at ? { ...scene, ...changes } : scene))
		});
	};
	function add() {
		const last = form.draft.scenes[form.draft.scenes.length - 1];
		const scene = { ...sceneAt(last?.at ?? '18:00'), nextDay: last?.nextDay };
		open.add(scene.id);
		editor.set({ scenes: [...form.draft.scenes, scene] });
	}
	function takeOut(at: number) {
		removed = { scene: $state.snapshot(form.draft.scenes[at]) as Scene, at };
		editor.set({ scenes: form.draft.scenes.filter((_, index) => index !== at) });
	}
	function putBack() {
		if (!removed) return;
		editor.set({ scenes: form.draft.scenes.toSpliced(removed.at, 0, removed.scene) });
		removed = null;
	}

	async function saved(record: Kept<OutingRecord>) {
		await goto(resolve(`/plan/outings/${record.id}`), { invalidateAll: true });
	}
</script>

{#snippet fields()}
	<div class="two">
		<div class="left">
			<div class="grid">
				<TextField
					{form}
					path="name"
					label="Outing"
					value={form.draft.name}
					onchange={(name) => editor.set({ name })}
				/>
				<Field label="Date there" problem={form.problemAt('date')}>
					{#snippet control(attributes)}<input
							{...attributes}
							type="date"
							value={form.draft.date}
							oninput={(event) => {
								form.touch('date');
								editor.set({ date: event.currentTarget.value });
							}}
						/>{/snippet}
				</Field>
				<WherePicker
					places={records.places}
					form={place.form}
					name={place.name}
					onchange={(where) => {
						place.take(where);
						const { latitude, longitude, name } = where;
						editor.set({
							where: { latitude, longitude, ...(name ? { name } : {}) } as OutingRecord['where']
						});
					}}
				/>
			</div>
			<h2>Scenes</h2>
			{#each form.draft.scenes as scene, at (scene.id)}
				{@const path = `scenes.${at}`}
				<details
					class="scene"
					open={open.has(scene.id) || form.problemAt(path) !== ''}
					ontoggle={(event) => (event.currentTarget.open ? open.add(scene.id) : open.delete(scene.id))}
				>
					<summary>
						<span class="figures">{formatClock(scene.at)}</span>
						<strong>{scene.name || 'A scene'}</strong>
						<span class="soft small">{framesInWords(scene.frames)} · {sceneLightInWords(scene.light)}</span>
					</summary>
					{#key editor.generation}
						<SceneFields form={loose} {path} {scene} onchange={(changes) => change(at, changes)} />
					{/key}
					<button class="plain-link" type="button" onclick={() => takeOut(at)}
						>Take {scene.name ? `“${scene.name}”` : 'this scene'} out</button
					>
				</details>
			{/each}
			{#if removed}
				<p role="status">
					{removed.scene.name || 'The scene'} is out.
					<button class="plain-link" type="button" onclick={putBack}>Put it back</button>
				</p>
			{/if}
			{#if form.problemAt('scenes') && form.draft.scenes.length === 0}<p class="notice">
					An outing needs a scene.
				</p>{/if}
			<p><button class="quiet" type="button" onclick={add}>Another scene</button></p>
		</div>
		<section class="right" aria-label="What to pack" aria-busy={coming || desk.progress !== null}>
			{#if desk.packed && asked}
				<Packed packed={desk.packed} {asked} scenes={form.draft.scenes} />
			{:else if desk.progress}
				<p role="status">
					Packing: scene {desk.progress.done + 1} of {desk.progress.of} …
					<button class="plain-link" type="button" onclick={stop}>Stop</button>
				</p>
				<progress max={desk.progress.of} value={desk.progress.done} aria-label="Scenes gone through"
				></progress>
			{:else if coming}
				<p class="soft">Packing …</p>
			{:else if desk.failed}
				<p class="notice" role="status">
					This couldn’t be packed. Check the cameras and films in the bag, then
					<button class="plain-link" type="button" onclick={pack}>try again</button>.
				</p>
			{:else if stopped}
				<p>
					Not packed. <button class="plain-link" type="button" onclick={pack}>Pack it</button>
				</p>
			{:else if records.cameras.length === 0 || records.films.length === 0}
				<p class="soft">
					Put a camera and a film in the bag, and this shows the least that covers every scene.
				</p>
			{:else}
				<p class="soft">
					Say what you want to shoot, when, and in what light. This shows the least you need to carry, “Wedge,
					one pack, a tripod”, and what each scene gets.
				</p>
			{/if}
		</section>
	</div>
{/snippet}

{#snippet more()}
	{#if stored}
		<a class="quiet" href={resolve(`/plan/outings/${stored.id}/sheet`)}>Sheet to print</a>
		<a class="quiet" href={resolve(`/api/outings/${stored.id}/calendar.ics`)} download>Calendar file</a>
	{/if}
{/snippet}

<RecordForm
	{editor}
	title={stored ? stored.name : 'A new outing'}
	back={{ href: resolve('/plan/outings'), name: 'Outings' }}
	action="Save the outing"
	{prepare}
	onsaved={saved}
	{fields}
	{more}
/>

<style>
	.two {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 24rem);
		gap: 2rem;
	}
	.grid {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(min(13rem, 100%), 1fr));
		gap: 0.9rem 1.25rem;
	}
	h2 {
		padding-top: 1rem;
	}
	.scene {
		border-top: 1px solid var(--line);
	}
	summary {
		display: flex;
		flex-wrap: wrap;
		align-items: baseline;
		gap: 0 0.75rem;
		min-height: 2.75rem;
		padding-block: 0.5rem;
		cursor: pointer;
	}
	progress {
		width: 100%;
		accent-color: var(--ink);
	}
	@media (max-width: 820px) {
		.two {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
