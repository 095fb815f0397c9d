<!-- What is so on this device alone. -->
<script lang="ts">
	import { coordinatesInWords } from '$core/words';
	import { displayIn, displays, textSizes } from '$lib/display/displays';
	import { shown } from '$lib/display/shown.svelte';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import { sheet } from '$lib/keys/sheet.svelte';
	import { cuesHere } from '$lib/records/cues-here.svelte';
	import { ownPosition } from '$lib/here/own-position.svelte';

	const AS_SYSTEM = 'system';
</script>

{#snippet tick(name: string, checked: boolean, onchange: (on: boolean) => void)}
	<label class="tick-box">
		<input type="checkbox" {checked} onchange={(event) => onchange(event.currentTarget.checked)} />
		{name}
	</label>
{/snippet}

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
	{@render tick('Note where I am with every frame', ownPosition.wanted, (on) => ownPosition.want(on))}
	<p class="soft small">It’s saved with the frame, and goes nowhere but your own records.</p>
	{@render tick('Use single keys, such as B for a bracket', sheet.single, (on) => sheet.want(on))}
	{@render tick('Sound when a time is counted', cuesHere.sound, (sound) => cuesHere.set({ sound }))}
	{@render tick('Vibrate when a time is counted', cuesHere.vibration, (vibration) =>
		cuesHere.set({ vibration })
	)}
	{@render tick('Nothing moves by itself, whatever the system says', shown.still, (on) => shown.hold(on))}
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
