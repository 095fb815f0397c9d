<!-- What is so on this device alone. -->
<script lang="ts">
	import { coordinatesInWords } from '$words';
	import { displayIn, displays, textSizes } from '$lib/display/displays';
	import { shown } from '$lib/display/shown.svelte';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import { sheet } from '$lib/keys/sheet.svelte';
	import { cuesHere } from '$lib/records/cues-here.svelte';
	import Switch from '$lib/parts/Switch.svelte';
	import { ownPosition } from '$lib/here/own-position.svelte';

	const AS_SYSTEM = 'system';
</script>

<section aria-labelledby="here">
	<h2 id="here">On this device</h2>
	<div class="fields">
		<ChoiceField
			label="Its display"
			value={shown.chosen ?? AS_SYSTEM}
			options={[
				{ value: AS_SYSTEM, name: 'as the system is set, light or dark' },
				...displays.map(({ id, name }) => ({ value: id, name }))
			]}
			onchange={(next) => shown.choose(displayIn(next) ?? null)}
		/>
		<ChoiceField
			label="Its letters"
			value={shown.text}
			options={textSizes}
			onchange={(next) => shown.write(next)}
		/>
	</div>
	<Switch
		name="Note where I am with every frame"
		on={ownPosition.wanted}
		onchange={(on) => ownPosition.want(on)}
	/>
	<p class="soft small">It’s saved with the frame, and goes nowhere but your own records.</p>
	<Switch
		name="Use single keys, such as B for a bracket"
		on={sheet.single}
		onchange={(on) => sheet.want(on)}
	/>
	<Switch
		name="Sound when a time is counted"
		on={cuesHere.sound}
		onchange={(sound) => cuesHere.set({ sound })}
	/>
	<Switch
		name="Vibrate when a time is counted"
		on={cuesHere.vibration}
		onchange={(vibration) => cuesHere.set({ vibration })}
	/>
	<Switch
		name="Nothing moves by itself, whatever the system says"
		on={shown.still}
		onchange={(on) => shown.hold(on)}
	/>
	<p><button class="plain-link" onclick={() => sheet.show()}>All keys</button></p>
	<div role="status">
		{#if ownPosition.says}<p class="notice">{ownPosition.says}</p>{/if}
		{#if ownPosition.wanted && ownPosition.last}<p>Now: {coordinatesInWords(ownPosition.last)}.</p>{/if}
	</div>
</section>

<style>
	section {
		display: grid;
		gap: 0.5rem;
		max-width: 44rem;
	}
	.fields {
		grid-template-columns: repeat(auto-fill, minmax(min(16rem, 100%), 1fr));
	}
</style>
