<!-- The sides of a view. -->
<script lang="ts" generics="Id extends string">
	import { resolve } from '$app/paths';

	interface Props {
		label: string;
		sides: readonly { id: Id; name: string; path: string }[];
		here: Id;
	}
	let { label, sides, here }: Props = $props();
</script>

<nav aria-label={label}>
	{#each sides as { id, name, path } (id)}
		<a href={resolve(path as '/')} aria-current={id === here ? 'page' : undefined}>{name}</a>
	{/each}
</nav>

<style>
	nav {
		display: flex;
		flex-wrap: wrap;
		gap: 0 1.25rem;
		white-space: nowrap;
		border-bottom: 1px solid var(--line);
	}
	a {
		display: inline-flex;
		align-items: center;
		min-width: min(2.75rem, 44px);
		min-height: min(2.75rem, 44px);
		border-bottom: 3px solid transparent;
		text-decoration: none;
	}
	a[aria-current] {
		border-color: var(--ink);
		font-weight: var(--heavy);
	}
</style>
