<!-- The loads, the last one first, by the month in which they were loaded. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { monthOfMoment } from '$words';
	import { pageOf, standingInWords, type OnShelf } from './shelf';

	interface Props {
		loads: readonly OnShelf[];
		/** Where the next page begins, and this one; null: there is none, it begins with the newest. */
		older: string | null;
		after: string | null;
		/** Id of the load that is open. */
		open: string;
	}
	let { loads, older, after, open }: Props = $props();

	const months = $derived.by(() => {
		const groups: { name: string; loads: OnShelf[] }[] = [];
		for (const load of loads) {
			const name = monthOfMoment(load.loadedAt, Date.now(), { locale: page.data.locale });
			if (groups.at(-1)?.name !== name) groups.push({ name, loads: [] });
			groups.at(-1)!.loads.push(load);
		}
		return groups;
	});
	let nav = $state<HTMLElement>();
	// Where they lie beside each other, the one that is open is in sight.
	$effect(() => {
		const current = nav?.querySelector<HTMLElement>(`a[href*='${open}'][aria-current]`);
		if (nav && current) nav.scrollLeft = current.offsetLeft - nav.offsetLeft;
	});
</script>

<nav aria-label="Loads" bind:this={nav}>
	{#each months as { name, loads } (loads[0].id)}
		<h2 class="soft">{name}</h2>
		<ul>
			{#each loads as load (load.id)}
				<li>
					<a
						href={resolve(`/frames?load=${load.id}${pageOf(after)}`)}
						aria-current={load.id === open ? 'true' : undefined}
					>
						<strong>{load.camera}</strong>
						<span class="soft small">{load.film}</span>
						<span class="soft small">{standingInWords(load)}</span>
					</a>
				</li>
			{/each}
		</ul>
	{/each}
	{#if older || after}
		<ul>
			{#if older}
				<li><a href={resolve(`/frames?load=${open}${pageOf(older)}`)}>Older loads</a></li>
			{/if}
			{#if after}
				<li><a href={resolve(`/frames?load=${open}`)}>Back to the newest</a></li>
			{/if}
		</ul>
	{/if}
</nav>

<style>
	h2 {
		padding: 0.75rem 0.75rem 0.25rem calc(0.75rem + 4px);
		font-size: 1rem;
	}
	h2:first-child {
		padding-top: 0;
	}
	a {
		display: grid;
		padding: 0.5rem 0.75rem;
		border-left: 4px solid transparent;
		text-decoration: none;
		line-height: 1.3;
	}
	a[aria-current] {
		border-color: var(--ink);
		background: var(--hollow);
	}
	@media (max-width: 820px) {
		nav,
		ul {
			display: flex;
			gap: 0.25rem;
		}
		nav {
			overflow-x: auto;
		}
		/* What was shot on last comes first; its month can be read off the frames. */
		h2 {
			display: none;
		}
		a {
			min-width: 10.5rem;
			border-left: 0;
			border-bottom: 4px solid transparent;
		}
	}
</style>
