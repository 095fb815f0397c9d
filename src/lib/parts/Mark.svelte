<!-- The mark: a mouth of light under a level line, filled just so far. -->
<script lang="ts">
	let { size = 28 }: { size?: number } = $props();
</script>

<svg viewBox="0 0 28 28" width={size} height={size} aria-hidden="true">
	<path
		d="M3 18 A11 11 0 0 1 25 18"
		fill="none"
		stroke="currentColor"
		stroke-width="2.6"
		stroke-linecap="round"
	/>
	<path d="M8.5 18 A5.5 5.5 0 0 1 19.5 18 Z" fill="currentColor" />
	<path d="M2 23h24" stroke="currentColor" stroke-width="2.6" stroke-linecap="round" />
</svg>
