<!-- The way to put right a frame that was just logged. -->
<script module lang="ts">
	import { later } from '$lib/parts/later';

	const sheet = later(() => import('./CorrectSheet.svelte'));
</script>

<script lang="ts">
	import type { FrameRecord } from '$contract/records';
	import Later from '$lib/parts/Later.svelte';
	import type { Kept } from '$lib/records/client';
	import type { ShootState } from './shoot-state.svelte';

	let { shoot, frameId = $bindable(null) }: { shoot: ShootState; frameId: string | null } = $props();

	const found = $derived.by(() => {
		for (const loaded of shoot.answers.loaded) {
			const frame = loaded.frames.find(({ id }) => id === frameId);
			if (frame?.version !== undefined) return { loaded, frame: frame as Kept<FrameRecord> };
		}
		return null;
	});
</script>

{#if frameId !== null && found}
	<Later part={sheet} given={{ shoot, ...found, onclose: () => (frameId = null) }} />
{/if}
