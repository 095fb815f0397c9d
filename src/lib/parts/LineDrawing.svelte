<!-- The sheet of a small drawing: ours, in one line weight on 64 × 48. -->
<script lang="ts">
	import type { Snippet } from 'svelte';

	let { size, children }: { size: number; children: Snippet } = $props();
</script>

<svg
	viewBox="0 0 64 48"
	width={size}
	height={size * 0.75}
	fill="none"
	stroke="currentColor"
	stroke-width="2"
	stroke-linejoin="round"
	stroke-linecap="round"
	aria-hidden="true"
>
	{@render children()}
</svg>
