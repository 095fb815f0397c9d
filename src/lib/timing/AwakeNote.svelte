<!-- Where the browser does not keep the screen on: that is said before it goes dark in the middle of something. -->
<script lang="ts">
	const sleeps = !('wakeLock' in navigator);
	const why = $derived(
		isSecureContext ? 'this browser does not keep it on' : 'browsers keep it on over https alone'
	);
</script>

{#if sleeps}
	<p class="soft">The screen may go dark meanwhile: {why}. Touch it now and then.</p>
{/if}
