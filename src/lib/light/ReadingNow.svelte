<!-- The light as it is known now, and what is doubtful about it. -->
<script lang="ts">
	import { lightNote, resolveLight, without } from '$core/light';
	import { formatDoubt, formatEv } from '$core/units';
	import { capital, contradictionInWords, lightInWords } from '$words';
	import { passedInWords } from '$words';
	import Said from '$lib/words/Said.svelte';
	import type { LightDesk } from './light-desk.svelte';
	import { readBy } from './panel';

	let { lights, narrow }: { lights: LightDesk; narrow: boolean } = $props();

	const reading = $derived(lights.reading);
	const resolved = $derived(lights.aged ? resolveLight(lights.aged) : null);
	const combined = $derived(readBy(reading?.light ?? null, 'combined'));
	const contradiction = $derived(reading ? contradictionInWords(reading.light) : '');
	const says = $derived(resolved ? capital(lightInWords(resolved.ev, resolved.sd)) : '');
</script>

{#if reading && resolved}
	<div class="now">
		<p class:sr-only={narrow}>
			<strong class="figures"
				>{#if narrow}{says}{:else}<Said text={says} />{/if}</strong
			>
			<span class="soft small">
				{lightNote(reading.light)}, {passedInWords(reading.takenAt, lights.now)}{reading.where?.name
					? `, ${reading.where.name}`
					: ''}{resolved.kelvin ? `, about ${resolved.kelvin.toFixed(0)} K` : ''}
			</span>
		</p>
		{#if lights.old}
			<p class="notice">This reading is old. Read the light again.</p>
		{/if}
		{#if contradiction}<p class="notice">{contradiction}</p>{/if}
		{#if combined}
			<ul>
				{#each combined.readings as each, at (at)}
					<li>
						<span class="figures"
							>{formatEv(resolveLight(each).ev)} ± {formatDoubt(resolveLight(each).sd)}, {lightNote(
								each
							)}</span
						>
						<button
							class="plain-link small"
							onclick={() => void lights.keep(without(combined, at))}
							aria-label="Take out {lightNote(each)}">Take out</button
						>
					</li>
				{/each}
			</ul>
		{/if}
	</div>
{/if}

<style>
	.now {
		display: grid;
		gap: 0.25rem;
	}
	p > span {
		display: block;
	}
	li {
		display: flex;
		justify-content: space-between;
		align-items: center;
		gap: 0.5rem;
		font-size: 0.9375rem;
	}
</style>
