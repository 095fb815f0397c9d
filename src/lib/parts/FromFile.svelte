<!-- A picture that is here as a file; one that this browser cannot show says so. -->
<script lang="ts">
	import { addressOf } from './address-of.svelte';

	interface Props {
		file: Blob;
		alt: string;
	}
	let { file, alt }: Props = $props();

	const address = addressOf(() => file);
	/** The address that could not be shown. */
	let failed = $state('');
</script>

{#if failed && failed === address.current}
	<p class="soft small">{alt}: this browser can’t show it.</p>
{:else if address.current}
	<img src={address.current} {alt} onerror={() => (failed = address.current)} />
{/if}
