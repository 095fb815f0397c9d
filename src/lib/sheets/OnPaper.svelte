<!-- A load on paper: contact sheet, sleeve label, captions. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { sheetKinds, type SheetFrames, type SheetKind } from '$contract/paper';
	import type { CameraRecord, FilmRecord, FrameRecord, LoadRecord } from '$contract/records';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import type { Kept } from '$lib/records/client';
	import Captions from './Captions.svelte';
	import ContactSheet from './ContactSheet.svelte';
	import LoadHead from './LoadHead.svelte';
	import PaperPage from './PaperPage.svelte';

	interface Props {
		load: Kept<LoadRecord>;
		camera: Kept<CameraRecord>;
		film: Kept<FilmRecord>;
		frames: Kept<FrameRecord>[];
		pictures: Record<string, string>;
	}
	let { load, camera, film, frames, pictures }: Props = $props();

	let kind = $state<SheetKind>('sheet');
	let which = $state<SheetFrames>('all');

	const of = $derived({ load, camera, film });
	const kept = $derived(frames.filter(({ judged }) => judged?.kept));
	const shown = $derived(which === 'kept' ? kept : frames);
	const print = () => window.print();
</script>

<svelte:head><title>{camera.name}, {film.name} on paper · Just Enough</title></svelte:head>
<PaperPage>
	{#snippet head()}
		<p><a class="plain-link" href={resolve(`/frames?load=${load.id}`)}>{camera.name}, {film.name}</a></p>
		<h1>On paper</h1>
	{/snippet}
	{#snippet choices()}
		<ChoiceField
			label="What"
			value={kind}
			options={Object.entries(sheetKinds).map(([value, name]) => ({ value: value as SheetKind, name }))}
			onchange={(next) => (kind = next)}
		/>
		<ChoiceField
			label="Frames"
			value={which}
			options={[
				{ value: 'all', name: 'all' },
				{ value: 'kept', name: 'those to keep' }
			]}
			onchange={(next) => (which = next)}
		/>
	{/snippet}
	{#snippet acts(paper)}
		{#if shown.length > 0}
			<button class="action" onclick={print}>Print</button>
			<!-- Another program's document: the browser shows it, or keeps it. -->
			<a
				class="quiet"
				href={resolve(`/api/loads/${load.id}/paper.pdf?kind=${kind}&frames=${which}&paper=${paper}`)}
				target="_blank">Open as PDF</a
			>
		{/if}
	{/snippet}
	{#snippet says()}
		{#if shown.length === 0}
			<p class="notice">
				{which === 'kept'
					? 'No frame of this load is to be kept yet.'
					: 'Nothing is logged on this load yet.'}
			</p>
		{/if}
	{/snippet}
	{#if shown.length > 0}
		<article class={kind} aria-label={sheetKinds[kind]}>
			{#if kind === 'sheet'}<ContactSheet {of} frames={shown} {pictures} />
			{:else if kind === 'label'}<LoadHead {of} frames={shown} />
			{:else}<Captions {of} frames={shown} />{/if}
		</article>
	{/if}
</PaperPage>

<style>
	article {
		padding: 5mm;
		background: #fff;
		/* As it is on paper, in any display. */
		--ink: #000;
		--ink-soft: #333;
		--line: #999;
		--hollow: #fff;
		color: #000;
	}
	.label {
		width: min(110mm, 100%);
		border: 0.3mm dashed var(--line);
		font-size: 10pt;
	}
	@media print {
		article {
			padding: 0;
		}
		.label {
			padding: 3mm;
		}
	}
</style>
