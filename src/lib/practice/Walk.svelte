<!-- A walk through five lights: how far it is, and how the eye did on it. -->
<script lang="ts">
	import { meanOf } from '$core/units';
	import { walkInWords, WALK } from '$words/walk';
	import type { Walked } from './walked';

	interface Props {
		walk: Walked;
		onbegin: () => void;
		onend: () => void;
	}
	let { walk, onbegin, onend }: Props = $props();

	const at = $derived(walk.errors.length);
	const told = $derived(
		at === WALK ? walkInWords(walk.errors, (Date.parse(walk.ended) - Date.parse(walk.began)) / 1000) : null
	);
	const bias = $derived(at > 0 ? meanOf(walk.errors) : 0);
	/** The scale of the picture, stops to either side. */
	const MOST = 3;
	const x = (error: number) => 150 + (130 * Math.max(-MOST, Math.min(MOST, error))) / MOST;
</script>

{#if walk.began === ''}
	<p>
		<button class="quiet" onclick={onbegin}>Walk through five lights, a minute in all</button>
	</p>
{:else if told}
	<section aria-label="The walk">
		<p class="verdict" role="status">{told.what}</p>
		<svg viewBox="0 0 300 46" role="img" aria-label="Five guesses beside the light. {told.how}">
			<path d="M150 4 V32 M20 18 H280" />
			{#each walk.errors as error, place (place)}<circle cx={x(error)} cy="18" r="6" />{/each}
			<path class="mean" d="M{x(bias)} 8 V28" />
			<text x="20" y="44">darker</text>
			<text x="280" y="44" text-anchor="end">brighter</text>
		</svg>
		<p class="soft">{told.how}</p>
		<button class="action" onclick={onend}>Done</button>
	</section>
{:else}
	<p class="soft">
		<strong class="figures">Light {at + 1} of {WALK}.</strong>
		{at === 0
			? 'Begin where you are.'
			: 'Go where the light is another: the next room, the stairs, a cupboard, the open door, the street.'}
		<button class="plain-link" onclick={onend}>Leave the walk</button>
	</p>
{/if}

<style>
	.verdict {
		font-family: var(--typo-heading--font-family);
		font-size: 1.5rem;
		line-height: 1.2;
		font-weight: 700;
	}
	section {
		display: grid;
		gap: 0.6rem;
		justify-items: start;
	}
	svg {
		width: 100%;
		max-width: 26rem;
	}
	path {
		fill: none;
		stroke: var(--ink);
		stroke-width: 1;
	}
	.mean {
		stroke-width: 3;
	}
	circle {
		fill: var(--panel);
		stroke: var(--ink);
		stroke-width: 2;
	}
	text {
		font-size: 11px;
		fill: var(--ink);
	}
</style>
