<!-- All frames of all loads, searched and sorted by the server, a page at a time. -->
<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import type { FrameSearch } from '$contract/frame-search';
	import type { CameraRecord, FilmRecord, FrameRecord } from '$contract/records';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import type { Kept } from '$lib/records/client';
	import FindFrames from './FindFrames.svelte';
	import FramesNav from './FramesNav.svelte';
	import FrameTable from './FrameTable.svelte';

	interface Named {
		id: string;
		name: string;
	}
	interface Props {
		asked: FrameSearch & { page: number };
		rows: { frame: Kept<FrameRecord>; camera: CameraRecord; film: FilmRecord; of: string }[];
		total: number;
		pages: number;
		cameras: Named[];
		films: Named[];
	}
	let { asked, rows, total, pages, cameras, films }: Props = $props();

	const any = (what: string, all: readonly Named[]) => [
		{ value: '', name: what },
		...all.map(({ id, name }) => ({ value: id, name }))
	];
	const states: { value: FrameSearch['state']; name: string }[] = [
		{ value: 'any', name: 'all' },
		{ value: 'to-judge', name: 'to judge' },
		{ value: 'judged', name: 'judged' },
		{ value: 'kept', name: 'to keep' },
		{ value: 'not-kept', name: 'not to keep' }
	];
	const verdicts = [
		{ value: '', name: 'any prediction' },
		{ value: 'just-enough', name: 'just enough' },
		{ value: 'usable', name: 'usable' },
		{ value: 'too-dark', name: 'too dark' },
		{ value: 'too-light', name: 'too light' }
	];
	const outcomes = [
		{ value: '', name: 'any result' },
		{ value: 'right', name: 'within half a stop' },
		{ value: 'dark', name: 'darker than that' },
		{ value: 'light', name: 'lighter than that' }
	];
	const orders: { value: FrameSearch['order']; name: string }[] = [
		{ value: 'newest', name: 'newest first' },
		{ value: 'oldest', name: 'oldest first' },
		{ value: 'darkest', name: 'darkest first' },
		{ value: 'lightest', name: 'lightest first' }
	];

	/** A phone shows what narrows the search once it is asked for, or used. */
	// svelte-ignore state_referenced_locally -- as the address had it when the view was opened
	let narrowing = $state(
		Boolean(asked.camera ?? asked.film ?? asked.verdict ?? asked.out) || asked.state !== 'any'
	);

	function address(changes: Record<string, string>): string {
		const query = { ...asked, page: '1', ...changes };
		const said = Object.entries(query).filter(([, value]) => value !== '' && value !== undefined);
		return resolve(`/frames/all?${new URLSearchParams(said as [string, string][])}`);
	}
	/** All that are found, as a file. */
	function file(ending: string): string {
		const { page: _, ...search } = asked;
		const said = Object.entries(search).filter(([, value]) => value !== '' && value !== undefined);
		return `/api/frames.${ending}?${new URLSearchParams(said as [string, string][])}`;
	}
	/** What was changed and is not answered yet: the next change goes on from there. */
	let coming: Record<string, string> = {};
	async function set(changes: Record<string, string>) {
		const mine = { ...coming, ...changes };
		coming = mine;
		// eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved by address
		await goto(address(mine), { keepFocus: true, noScroll: true });
		if (coming === mine) coming = {};
	}
</script>

<svelte:head><title>All frames · Just Enough</title></svelte:head>
<div class="page wide">
	<h1>Frames</h1>
	<FramesNav here="all" />
	<FindFrames {asked} {set} />
	<button class="quiet more" aria-expanded={narrowing} onclick={() => (narrowing = !narrowing)}>
		{narrowing ? 'Fewer choices' : 'Camera, film, how it came out …'}
	</button>
	<div class="tools choices" class:narrowing>
		<ChoiceField
			label="Camera"
			value={asked.camera ?? ''}
			options={any('all cameras', cameras)}
			onchange={(camera) => set({ camera })}
		/>
		<ChoiceField
			label="Film"
			value={asked.film ?? ''}
			options={any('all films', films)}
			onchange={(film) => set({ film })}
		/>
		<ChoiceField label="Show" value={asked.state} options={states} onchange={(state) => set({ state })} />
		<ChoiceField
			label="Predicted"
			value={asked.verdict ?? ''}
			options={verdicts}
			onchange={(verdict) => set({ verdict })}
		/>
		<ChoiceField
			label="Came out"
			value={asked.out ?? ''}
			options={outcomes}
			onchange={(out) => set({ out })}
		/>
		<ChoiceField label="In order" value={asked.order} options={orders} onchange={(order) => set({ order })} />
	</div>
	<p class="soft figures found" role="status">
		{total === 0
			? 'No frames match.'
			: total === 1
				? 'One frame.'
				: `${total} frames, page ${asked.page} of ${pages}.`}
	</p>
	{#if rows.length > 0}
		<p class="soft files">
			Download all of these:
			{#each ['csv', 'json'] as ending (ending)}
				<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- an answer of the API, not a page -->
				<a class="plain-link" href={file(ending)} download>{ending.toUpperCase()}</a>
			{/each}
		</p>
		<FrameTable {rows} />
	{/if}
	{#if pages > 1}
		<nav class="pages" aria-label="Pages">
			<!-- eslint-disable svelte/no-navigation-without-resolve -- resolved by address -->
			{#if asked.page > 1}<a class="quiet" href={address({ page: String(asked.page - 1) })}>Before</a>{/if}
			{#if asked.page < pages}<a class="quiet" href={address({ page: String(asked.page + 1) })}>Next</a>{/if}
			<!-- eslint-enable svelte/no-navigation-without-resolve -->
		</nav>
	{/if}
</div>

<style>
	.more {
		display: none;
	}
	.found {
		padding-top: 0.5rem;
	}
	.files {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0 0.75rem;
	}
	.tools,
	.pages {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem 0.75rem;
		padding-block: 0.75rem;
	}
	@media (max-width: 820px) {
		.more {
			display: inline-flex;
			margin-top: 0.75rem;
		}
		.choices:not(.narrowing) {
			display: none;
		}
	}
</style>
