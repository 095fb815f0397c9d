<!-- The packs or rolls that a load is of, and whether their age counts. -->
<script lang="ts">
	import { page } from '$app/state';
	import type { Aged, BatchLeft, Film } from '$core/film';
	import { fromStockInWords } from '$words';
	import AgedField from './AgedField.svelte';
	import { ageOf } from './of-batch';

	interface Props {
		film: Film;
		batch: BatchLeft;
		/** What is counted on; absent: nothing. */
		aged: Aged | undefined;
		onchange: (aged: Aged | undefined) => void;
	}
	let { film, batch, aged, onchange }: Props = $props();

	const offered = $derived(ageOf(film, batch, Date.now()));
</script>

<div class="stock">
	<p class="small figures">{fromStockInWords(film, batch, page.data.locale)}</p>
	{#if offered}<AgedField {offered} {aged} {onchange} />{/if}
</div>

<style>
	.stock {
		grid-column: 1 / -1;
	}
</style>
