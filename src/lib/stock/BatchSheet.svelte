<!-- Packs or rolls of a film that were bought together: how many are left, and what is known of them. -->
<script lang="ts">
	import { comesInPacks, type Batch, type BatchLeft, type Film, type Storage } from '$core/film';
	import { storageNames } from '$words';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import Field from '$lib/forms/Field.svelte';
	import NumberBox from '$lib/forms/NumberBox.svelte';
	import Sheet from '$lib/parts/Sheet.svelte';

	interface Props {
		film: Film;
		/** null: a new one. */
		batch: BatchLeft | null;
		/** What went wrong with the last try; empty: nothing. */
		problem: string;
		onchoose: (batch: Batch) => void;
		onremove: () => void;
		onclose: () => void;
	}
	let { film, batch, problem, onchoose, onremove, onclose }: Props = $props();

	const instant = $derived(comesInPacks(film.type));
	// svelte-ignore state_referenced_locally -- a form begins with what was there
	let left = $state(batch?.left ?? (undefined as number | undefined));
	// svelte-ignore state_referenced_locally
	let price = $state(batch?.price);
	// svelte-ignore state_referenced_locally
	let bestBefore = $state(batch?.bestBefore ?? '');
	// svelte-ignore state_referenced_locally
	let storage = $state<Storage>(batch?.storage ?? 'room');

	function keep(event: SubmitEvent): void {
		event.preventDefault();
		if (left === undefined) return;
		// What was counted stays counted then, unless it is counted anew.
		const counted =
			batch && left === batch.left
				? { packs: batch.packs, countedAt: batch.countedAt }
				: { packs: Math.round(left), countedAt: new Date().toISOString() };
		onchoose({
			...counted,
			...(price !== undefined && { price }),
			...(bestBefore && { bestBefore }),
			...(storage !== 'room' && { storage })
		});
	}
</script>

<Sheet title={batch ? `Change ${film.name}` : `Add ${film.name}`} {onclose}>
	<form onsubmit={keep}>
		<NumberBox
			label={instant ? 'Packs you have' : 'Rolls you have'}
			hint="What you load is taken off by itself."
			value={left}
			least={0}
			most={9999}
			problem="Write a whole number such as 3."
			onchange={(next) => (left = next)}
		/>
		<NumberBox
			label={instant ? 'Price of a pack' : 'Price of a roll'}
			value={price}
			least={0}
			problem="Write a price such as 16, or leave it empty."
			onchange={(next) => (price = next)}
		/>
		<Field label="Best before (month on its box)">
			{#snippet control(attributes)}
				<input {...attributes} type="month" bind:value={bestBefore} />
			{/snippet}
		</Field>
		<ChoiceField
			label="Stored"
			value={storage}
			options={storageNames}
			onchange={(next) => (storage = next)}
		/>
		{#if problem}<p class="notice" role="alert">{problem}</p>{/if}
		<p class="end">
			{#if batch}<button class="quiet" type="button" onclick={onremove}>Remove it</button>{/if}
			<button class="quiet" type="button" onclick={onclose}>Cancel</button>
			<button class="action" disabled={left === undefined}>Save</button>
		</p>
	</form>
</Sheet>

<style>
	form {
		display: grid;
		gap: 0.75rem;
	}
</style>
