<!-- The four sides of Frames. -->
<script lang="ts">
	import { resolve } from '$app/paths';

	const sides = [
		{ id: 'loads', name: 'Loads', path: '/frames' },
		{ id: 'all', name: 'All frames', path: '/frames/all' },
		{ id: 'learnt', name: 'Learnt', path: '/frames/learnt' },
		{ id: 'honest', name: 'Honest?', path: '/frames/honest' }
	] as const;

	let { here }: { here: (typeof sides)[number]['id'] } = $props();
</script>

<nav aria-label="Sides of Frames">
	{#each sides as { id, name, path } (id)}
		<a href={resolve(path)} aria-current={id === here ? 'page' : undefined}>{name}</a>
	{/each}
</nav>

<style>
	nav {
		display: flex;
		gap: 0 1.25rem;
		overflow-x: auto;
		white-space: nowrap;
		border-bottom: 1px solid var(--line);
	}
	a {
		display: inline-flex;
		align-items: center;
		min-height: 2.75rem;
		border-bottom: 3px solid transparent;
		text-decoration: none;
	}
	a[aria-current] {
		border-color: var(--ink);
		font-weight: var(--heavy);
	}
</style>
