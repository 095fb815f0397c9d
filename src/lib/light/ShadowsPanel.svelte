<!-- Daylight by eye: what it is called, and what the other schools would say. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { resolveLight, rivalsOf, type ShadowsReading } from '$core/light';
	import { conditionKey, PRACTISED, untrainedDoubt } from '$core/practice';
	import { ownDoubtInWords, rivalsInWords } from '$words';
	import { ownSettings } from '$lib/records/own-settings.svelte';
	import { readBy, type PanelProps } from './panel';
	import ShadowsChoice from './ShadowsChoice.svelte';

	let { lights, light, onread }: PanelProps = $props();

	const current = $derived(readBy(light, 'shadows'));
	const rivals = $derived(light ? rivalsInWords(rivalsOf(light)) : '');
	const ownDoubt = (reading: ShadowsReading) => lights.doubts.find(({ of }) => of === conditionKey(reading));
	const own = $derived(current ? ownDoubt(current) : undefined);

	const { guesses } = $derived(lights);

	function read(reading: ShadowsReading) {
		const usual = resolveLight(reading).sd;
		const sd = ownDoubt(reading)?.sd ?? untrainedDoubt(usual, guesses);
		onread(sd === usual ? reading : { ...reading, sd });
	}
</script>

<ShadowsChoice {current} usual={ownSettings.record?.school} onread={read} />
{#if own}<p class="soft small">Your own margin, from practice: {ownDoubtInWords(own)}.</p>
{:else if guesses < PRACTISED}<p class="soft small">
		Counted a little less sure than a practised eye, until you’ve guessed {PRACTISED} lights in
		<a href={resolve('/practice')}>Practice</a>{guesses > 0 ? ` (${guesses} so far)` : ''}.
	</p>{/if}
{#if rivals}<p class="soft small rivals">{rivals}</p>{/if}
