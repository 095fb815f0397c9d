<script lang="ts">
	import SideNav from '$lib/parts/SideNav.svelte';

	const sides = [
		{ id: 'today', name: 'Today', path: '/practice' },
		{ id: 'outside', name: 'Real lights', path: '/practice/outside' },
		{ id: 'paper', name: 'On paper', path: '/practice/paper' },
		{ id: 'progress', name: 'Progress', path: '/practice/progress' }
	] as const;

	let { here }: { here: (typeof sides)[number]['id'] } = $props();
</script>

<SideNav label="Sides of Practice" {sides} {here} />
