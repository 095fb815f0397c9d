<!-- What a reel of the person's own tank takes. -->
<script lang="ts">
	import { volumeUnit } from '$core/units';
	import { volumeQuantity } from '$lib/forms/measured';
	import NumberBox from '$lib/forms/NumberBox.svelte';
	import type { Remembered } from '$lib/timing/remembered.svelte';
	import type { Mixing } from './mixing';
	import { reels, volumeFor } from './reels.svelte';

	interface Props {
		typed: Remembered<Mixing>;
		/** What is in the tank. */
		loads: Parameters<typeof volumeFor>[0];
	}
	let { typed, loads }: Props = $props();

	const kinds = [
		{ key: 'small', label: 'A reel of 35 mm takes' },
		{ key: 'roll', label: 'A reel of roll film takes' }
	] as const;

	/** What is mixed follows, as long as nobody typed another volume. */
	function set(key: 'small' | 'roll', millilitres: number) {
		const follows = loads.length > 0 && typed.value.millilitres === volumeFor(loads);
		reels.set({ [key]: millilitres });
		if (follows) typed.set({ millilitres: volumeFor(loads) });
	}
</script>

<details>
	<summary>Your tank</summary>
	<div class="fields">
		{#each kinds as { key, label } (key)}
			<NumberBox
				label="{label}, {volumeUnit()}"
				hint="as it is marked under the tank"
				quantity={volumeQuantity}
				value={reels.value[key]}
				least={50}
				most={5000}
				problem="must be a volume, such as 300 ml"
				onchange={(millilitres) => millilitres && set(key, millilitres)}
			/>
		{/each}
	</div>
</details>
