<!-- Where the browser does not keep the screen on: that is said before it goes dark in the middle of something. -->
<script lang="ts">
	const sleeps = !('wakeLock' in navigator);
	const why = $derived(
		isSecureContext ? 'this browser can’t keep it on' : 'browsers keep it on only over https'
	);
</script>

{#if sleeps}
	<p class="soft">The screen may go dark: {why}. Touch it now and then.</p>
{/if}
