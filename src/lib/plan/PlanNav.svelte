<script lang="ts">
	import SideNav from '$lib/parts/SideNav.svelte';

	const sides = [
		{ id: 'day', name: 'A day', path: '/plan' },
		{ id: 'year', name: 'A year', path: '/plan/year' },
		{ id: 'outings', name: 'Outings', path: '/plan/outings' },
		{ id: 'compare', name: 'Compare', path: '/plan/compare' },
		{ id: 'what-if', name: 'What if', path: '/plan/what-if' }
	] as const;

	let { here }: { here: (typeof sides)[number]['id'] } = $props();
</script>

<SideNav label="Sides of Plan" {sides} {here} />
