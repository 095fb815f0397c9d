<!-- A load on paper: contact sheet, sleeve label, captions. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { papers, sheetKinds, type Paper, type SheetFrames, type SheetKind } from '$contract/paper';
	import type { CameraRecord, FilmRecord, FrameRecord, LoadRecord } from '$contract/records';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import type { Kept } from '$lib/records/client';
	import Captions from './Captions.svelte';
	import ContactSheet from './ContactSheet.svelte';
	import LoadHead from './LoadHead.svelte';
	import { ownSettings } from '$lib/records/own-settings.svelte';
	import { onPaper } from './paper';

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
	let chosen = $state<Paper | null>(null);
	const paper = $derived(chosen ?? ownSettings.record?.paper ?? 'a4');

	const of = $derived({ load, camera, film });
	const kept = $derived(frames.filter(({ judged }) => judged?.kept));
	const shown = $derived(which === 'kept' ? kept : frames);
	$effect(() => onPaper(paper));
	const print = () => window.print();
</script>

<svelte:head><title>{camera.name}, {film.name} on paper · Just Enough</title></svelte:head>
<div class="page">
	<div class="screen">
		<p><a class="plain-link" href={resolve(`/frames?load=${load.id}`)}>{camera.name}, {film.name}</a></p>
		<h1>On paper</h1>
		<div class="choices">
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
			<ChoiceField
				label="Paper"
				value={paper}
				options={Object.entries(papers).map(([value, { name }]) => ({ value: value as Paper, name }))}
				onchange={(next) => (chosen = next)}
			/>
			{#if shown.length > 0}
				<button class="action" onclick={print}>Print</button>
				<!-- Another program's document: the browser shows it, or keeps it. -->
				<a
					class="quiet"
					href={resolve(`/api/loads/${load.id}/paper.pdf?kind=${kind}&frames=${which}&paper=${paper}`)}
					target="_blank">Open as PDF</a
				>
			{/if}
		</div>
		{#if shown.length === 0}
			<p class="notice">
				{which === 'kept'
					? 'No frame of this load is to be kept yet.'
					: 'Nothing is logged on this load yet.'}
			</p>
		{/if}
	</div>
	{#if shown.length > 0}
		<article class={kind} aria-label={sheetKinds[kind]}>
			{#if kind === 'sheet'}<ContactSheet {of} frames={shown} {pictures} />
			{:else if kind === 'label'}<LoadHead {of} frames={shown} />
			{:else}<Captions {of} frames={shown} />{/if}
		</article>
	{/if}
</div>

<style>
	.page {
		max-width: 60rem;
	}
	.screen {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: 0.75rem;
		padding-bottom: 1.25rem;
	}
	.choices {
		display: flex;
		flex-wrap: wrap;
		align-items: end;
		gap: 0.75rem;
	}
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
		.screen {
			display: none;
		}
		.page {
			max-width: none;
			padding: 0;
		}
		article {
			padding: 0;
		}
		.label {
			padding: 3mm;
		}
	}
</style>
