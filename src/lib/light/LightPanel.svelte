<!-- How the light is read: one of many ways, on the subject or on the camera's eye, alone or with what was read before. -->
<script lang="ts">
	import { automaticExposure } from '$core/camera';
	import type { Light } from '$core/light';
	import type { ReadingRecord } from '$contract/records';
	import type { LightDesk } from './light-desk.svelte';
	import type { InHand } from './panel';
	import Later from '$lib/parts/Later.svelte';
	import ReadingNow from './ReadingNow.svelte';
	import Recent from './Recent.svelte';
	import { wayOf, ways, type WayId } from './ways';

	interface Props {
		lights: LightDesk;
		/** The camera that is chosen, if any is loaded. */
		inHand: InHand | null;
		/** Its eye was read in a light of its own. */
		oneye: (light: Light) => void;
		narrow: boolean;
		onread?: () => void;
	}
	let { lights, inHand, oneye, narrow, onread = () => {} }: Props = $props();

	const light = $derived(lights.reading?.light ?? null);
	let picked = $state<WayId | null>(null);
	const way = $derived(picked ?? wayOf(light));
	const panel = $derived(ways.find(({ id }) => id === way)!.panel);

	const hasEye = $derived(inHand ? automaticExposure(inHand.camera) !== null : false);
	let ofEye = $state(false);
	const onEye = $derived(ofEye && hasEye && light !== null);
	let together = $state(false);

	function read(next: Light, where?: ReadingRecord['where']) {
		if (onEye) oneye(next);
		else if (together) void lights.keepTogether(next, where);
		else void lights.keep(next, where);
		onread();
	}
</script>

<div class="panel">
	<ReadingNow {lights} {narrow} />
	<fieldset class="ways">
		<legend class="sr-only">Way of reading the light</legend>
		{#each ways as { id, name } (id)}
			<label class:taken={way === id}>
				<input
					class="sr-only"
					type="radio"
					name="way-of-reading"
					value={id}
					checked={way === id}
					onchange={() => (picked = id)}
				/>
				{name}
			</label>
		{/each}
	</fieldset>
	{#key `${way} ${onEye}`}
		<Later part={panel} given={{ lights, inHand, light: onEye ? null : light, onread: read }} />
	{/key}
	{#if light}
		<div class="of">
			{#if hasEye}
				<label class="tick-box">
					<input type="checkbox" bind:checked={ofEye} />
					This is the light on {inHand?.camera.name}’s eye
				</label>
			{/if}
			{#if !onEye}
				<label class="tick-box">
					<input type="checkbox" bind:checked={together} />
					Average it with the reading I have
				</label>
			{/if}
		</div>
	{/if}
	{#if lights.problem}<p class="notice" role="alert">Not saved: {lights.problem}</p>{/if}
	<Recent {lights} {onread} />
</div>

<style>
	.panel {
		display: grid;
		gap: 0.75rem;
		align-content: start;
	}
	.ways {
		display: grid;
		grid-template-columns: repeat(4, 1fr);
		border: 1px solid var(--edge);
		border-radius: var(--radius-base);
		overflow: hidden;
	}
	.ways label {
		display: grid;
		place-items: center;
		min-height: 2.75rem;
		font-size: 0.875rem;
		cursor: pointer;
		border-left: 1px solid var(--line);
		border-top: 1px solid var(--line);
		margin: -1px 0 0 -1px;
	}
	.ways label.taken {
		background: var(--hollow);
		font-weight: var(--heavy);
		box-shadow: inset 0 -3px 0 var(--ink);
	}
	.ways label:has(:focus-visible) {
		outline: 3px solid var(--ink);
		outline-offset: -3px;
	}
	.panel :global(details > summary) {
		display: flex;
		align-items: center;
		min-height: 2.75rem;
		font-weight: var(--heavy);
		border-top: 1px solid var(--line);
		cursor: pointer;
	}
</style>
