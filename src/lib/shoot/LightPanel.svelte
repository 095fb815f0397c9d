<!-- How the light is read: by eye or by meter. -->
<script lang="ts">
	import { SegmentedControl } from '@skeletonlabs/skeleton-svelte';
	import type { Light } from '$core/light';
	import MeterForm from './MeterForm.svelte';
	import ShadowsPanel from './ShadowsPanel.svelte';
	import type { ShootState } from './shoot-state.svelte';

	let { shoot, onread }: { shoot: ShootState; onread?: () => void } = $props();

	const ways = [
		{ id: 'shadows', name: 'By eye' },
		{ id: 'meter', name: 'By meter' }
	] as const;
	type Way = (typeof ways)[number]['id'];

	const light = $derived(shoot.reading?.light ?? null);
	let picked = $state<Way | null>(null);
	const way = $derived<Way>(
		picked ?? (light && 'method' in light && light.method === 'meter' ? 'meter' : 'shadows')
	);

	function read(next: Light) {
		void shoot.keepReading(next);
		onread?.();
	}
</script>

<div class="panel">
	<SegmentedControl
		value={way}
		onValueChange={(details) => (picked = details.value as Way)}
		aria-label="Way of reading"
	>
		<SegmentedControl.Control class="switch">
			{#each ways as { id, name } (id)}
				<SegmentedControl.Item value={id} class="switch-item">
					<SegmentedControl.ItemText>{name}</SegmentedControl.ItemText>
					<SegmentedControl.ItemHiddenInput />
				</SegmentedControl.Item>
			{/each}
		</SegmentedControl.Control>
	</SegmentedControl>
	{#if way === 'shadows'}
		<ShadowsPanel {light} onread={read} />
	{:else}
		<MeterForm {light} onread={read} />
	{/if}
	{#if shoot.readingProblem}<p class="notice" role="alert">Not kept: {shoot.readingProblem}</p>{/if}
</div>

<style>
	.panel {
		display: grid;
		gap: 0.75rem;
		align-content: start;
	}
</style>
