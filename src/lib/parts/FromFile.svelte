<!-- A picture that is here as a file; one that this browser cannot show says so. -->
<script lang="ts">
	interface Props {
		file: Blob;
		alt: string;
	}
	let { file, alt }: Props = $props();

	let source = $state('');
	let unseen = $state(false);
	$effect(() => {
		const address = URL.createObjectURL(file);
		[source, unseen] = [address, false];
		return () => URL.revokeObjectURL(address);
	});
</script>

{#if unseen}
	<p class="soft small">{alt}: this browser cannot show it.</p>
{:else if source}
	<img src={source} {alt} onerror={() => (unseen = true)} />
{/if}
