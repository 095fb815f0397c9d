<!-- What is so on this device alone. -->
<script lang="ts">
	import { coordinatesInWords } from '$core/words';
	import { ownPosition } from '$lib/here/own-position.svelte';
</script>

<section aria-labelledby="here">
	<h2 id="here">On this device</h2>
	<label class="tick-box">
		<input
			type="checkbox"
			checked={ownPosition.wanted}
			onchange={(event) => ownPosition.want(event.currentTarget.checked)}
		/>
		Note where I am with every frame
	</label>
	<p class="soft small">It is kept with the frame, and goes nowhere but to your own records.</p>
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
</style>
