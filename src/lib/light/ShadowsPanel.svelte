<!-- Daylight by eye: what it is called, and what the other schools would say. -->
<script lang="ts">
	import { rivalsOf, type ShadowsReading } from '$core/light';
	import { conditionKey } from '$core/practice';
	import { ownDoubtInWords, rivalsInWords } from '$core/words';
	import { readBy, type PanelProps } from './panel';
	import ShadowsChoice from './ShadowsChoice.svelte';

	let { lights, light, onread }: PanelProps = $props();

	const current = $derived(readBy(light, 'shadows'));
	const rivals = $derived(light ? rivalsInWords(rivalsOf(light)) : '');
	const ownDoubt = (reading: ShadowsReading) => lights.doubts.find(({ of }) => of === conditionKey(reading));
	const own = $derived(current ? ownDoubt(current) : undefined);

	function read(reading: ShadowsReading) {
		const doubt = ownDoubt(reading);
		onread(doubt ? { ...reading, sd: doubt.sd } : reading);
	}
</script>

<ShadowsChoice {current} onread={read} />
{#if own}<p class="soft small">Your own doubt, by practice: {ownDoubtInWords(own)}.</p>{/if}
{#if rivals}<p class="soft small rivals">{rivals}</p>{/if}
