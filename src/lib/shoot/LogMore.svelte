<!-- The way to what is said of the next frame when there is a moment. -->
<script module lang="ts">
	import { later } from '$lib/parts/later';

	const sheet = later(() => import('./LogSheet.svelte'));
</script>

<script lang="ts">
	import type { Snippet } from 'svelte';
	import Later from '$lib/parts/Later.svelte';
	import type { Loaded } from './bag';
	import type { ShootState } from './shoot-state.svelte';

	interface Props {
		shoot: ShootState;
		chosen: Loaded;
		/** Its button is a few dots. */
		short?: boolean;
		/** What else can be logged. */
		children?: Snippet;
	}
	let { shoot, chosen, short = false, children }: Props = $props();

	let open = $state(false);
</script>

<button
	class="quiet"
	aria-haspopup="dialog"
	aria-label={short ? 'List, notes …' : undefined}
	onclick={() => (open = true)}>{short ? '…' : 'List, notes …'}</button
>
{#if open}<Later part={sheet} given={{ shoot, chosen, children, onclose: () => (open = false) }} />{/if}
