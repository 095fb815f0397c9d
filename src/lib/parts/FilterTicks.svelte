<!-- Filters of which each is on the lens or not. -->
<script lang="ts">
	import type { Filter } from '$core/camera';
	import { isSameThing } from '$core/match';
	import { formatStops } from '$core/units';

	interface Props {
		filters: readonly Filter[];
		worn: readonly Filter[];
		onwear: (filter: Filter, on: boolean) => void;
	}
	let { filters, worn, onwear }: Props = $props();
</script>

{#if filters.length > 0}
	<fieldset>
		<legend>Filters on the lens</legend>
		{#each filters as filter (filter.id ?? filter.name)}
			<label class="tick-box">
				<input
					type="checkbox"
					checked={worn.some((each) => isSameThing(each, filter))}
					onchange={(event) => onwear(filter, event.currentTarget.checked)}
				/>
				{filter.name}, costs {formatStops(filter.stops)}
			</label>
		{/each}
	</fieldset>
{/if}

<style>
	legend {
		font-weight: var(--heavy);
	}
</style>
