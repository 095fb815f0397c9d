<!-- The last readings: one tap takes one again; a name keeps one on the line. -->
<script lang="ts">
	import { refresh } from '$lib/records/refresh';
	import { lightNote, resolveLight } from '$core/light';
	import { formatDoubt, formatEv } from '$core/units';
	import type { ReadingRecord } from '$contract/records';
	import Field from '$lib/forms/Field.svelte';
	import { passedInWords } from '$words';
	import type { Kept } from '$lib/records/client';
	import type { LightDesk } from './light-desk.svelte';

	let { lights, onread }: { lights: LightDesk; onread: () => void } = $props();

	const own = $derived(lights.named.filter(({ id }) => !lights.recent.some((reading) => reading.id === id)));
	let naming = $state<string | null>(null);
	let name = $state('');
	let problem = $state('');

	function begin(reading: Kept<ReadingRecord>) {
		naming = reading.id;
		name = reading.name ?? '';
		problem = '';
	}

	async function keepName(event: SubmitEvent, reading: Kept<ReadingRecord>) {
		event.preventDefault();
		problem = await lights.name(reading, name, refresh);
		if (!problem) naming = null;
	}

	function again(reading: ReadingRecord) {
		void lights.again(reading);
		onread();
	}
</script>

{#snippet row(reading: Kept<ReadingRecord>)}
	<li>
		<button class="again" onclick={() => again(reading)}>
			<span class="figures"
				><strong>{formatEv(resolveLight(reading.light).ev)}</strong> ± {formatDoubt(
					resolveLight(reading.light).sd
				)}</span
			>
			<span>{reading.name ?? lightNote(reading.light)}</span>
			<span class="soft small">{passedInWords(reading.takenAt, lights.now)}</span>
		</button>
		{#if naming === reading.id}
			<form onsubmit={(event) => keepName(event, reading)} novalidate>
				<Field label="Its name on the light line" hint="empty: no name" {problem}>
					{#snippet control(attributes)}
						<!-- svelte-ignore a11y_autofocus -- it opens where one has just asked for it -->
						<input
							{...attributes}
							type="text"
							maxlength="40"
							autocomplete="off"
							autofocus
							bind:value={name}
						/>
					{/snippet}
				</Field>
				<button class="quiet" type="submit">Save the name</button>
			</form>
		{:else}
			<button
				class="plain-link small"
				onclick={() => begin(reading)}
				aria-label="{reading.name ? 'Rename' : 'Name it'}: the reading {formatEv(
					resolveLight(reading.light).ev
				)} {reading.name ?? lightNote(reading.light)}"
			>
				{reading.name ? 'Rename' : 'Name it'}
			</button>
		{/if}
	</li>
{/snippet}

{#if lights.recent.length > 0}
	<details>
		<summary>Earlier readings</summary>
		<ul>
			{#each [...lights.recent, ...own] as reading (reading.id)}{@render row(reading)}{/each}
		</ul>
	</details>
{/if}

<style>
	li {
		display: grid;
		grid-template-columns: 1fr auto;
		align-items: center;
		gap: 0 0.5rem;
	}
	.again {
		display: grid;
		grid-template-columns: 2.75rem 1fr auto;
		align-items: center;
		gap: 0.25rem;
		min-height: 2.75rem;
		text-align: left;
		line-height: 1.15;
		cursor: pointer;
	}
	form {
		grid-column: 1 / -1;
		display: grid;
		gap: 0.4rem;
		padding-bottom: 0.5rem;
	}
</style>
