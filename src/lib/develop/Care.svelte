<!-- What to mind before a bath; it cannot be put away for good. -->
<script lang="ts">
	import { careFor, type BathKind } from '$core/develop';

	let { kind }: { kind: BathKind } = $props();
</script>

<section class="notice" aria-label="Before you start">
	<ul>
		{#each careFor(kind) as each (each)}<li>{each}</li>{/each}
	</ul>
</section>

<style>
	section {
		margin-top: 0.5rem;
	}
	li {
		padding-block: 0.15rem;
	}
</style>
