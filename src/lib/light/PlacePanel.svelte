<!-- Kinds of artificial and night light, by their pictures. -->
<script lang="ts">
	import { placeKinds } from '$core/light';
	import { formatEv } from '$core/units';
	import { readBy, type PlainPanelProps } from './panel';
	import PlacePicture from './PlacePicture.svelte';

	let { light, onread }: PlainPanelProps = $props();
	const current = $derived(readBy(light, 'place')?.place);

	const says = ([from, to]: readonly [number, number]) =>
		from === to ? formatEv(from) : `${formatEv(from)} to ${formatEv(to)}`;
</script>

<ul>
	{#each placeKinds as { id, words, range } (id)}
		<li>
			<button
				class="place"
				aria-pressed={current === id}
				onclick={() => onread({ method: 'place', place: id })}
			>
				<PlacePicture place={id} />
				<span>{words}</span>
				<span class="figures soft small">{says(range)}</span>
			</button>
		</li>
	{/each}
</ul>
<p class="soft small">Give or take a stop or more. At night, watch out for roads, railways and tides.</p>

<style>
	ul {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(min(7rem, 100%), 1fr));
		gap: 0.25rem;
	}
	.place {
		display: grid;
		gap: 0.15rem;
		align-content: start;
		width: 100%;
		height: 100%;
		text-align: left;
		font-size: 0.9375rem;
		line-height: 1.15;
		padding: 0.3rem;
		border: 2px solid transparent;
		border-radius: var(--radius-base);
		cursor: pointer;
	}
	.place[aria-pressed='true'] {
		border-color: var(--ink);
		font-weight: var(--heavy);
		background: var(--panel);
	}
</style>
