<!-- A button that chooses a file; the same one may be chosen again. -->
<script lang="ts">
	import type { Snippet } from 'svelte';

	interface Props {
		/** As the browser's chooser has it. */
		accept: string;
		choose: (file: File) => void;
		children: Snippet;
	}
	let { accept, choose, children }: Props = $props();
</script>

<label class="quiet">
	<input
		class="sr-only"
		type="file"
		{accept}
		onchange={(event) => {
			const file = event.currentTarget.files?.[0];
			if (file) choose(file);
			event.currentTarget.value = '';
		}}
	/>
	{@render children()}
</label>

<style>
	label {
		justify-self: start;
	}
	label:has(:focus-visible) {
		outline: 3px solid var(--ink);
		outline-offset: 2px;
	}
</style>
