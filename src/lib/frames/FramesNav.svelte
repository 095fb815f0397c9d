<script lang="ts">
	import SideNav from '$lib/parts/SideNav.svelte';

	const sides = [
		{ id: 'loads', name: 'Loads', path: '/frames' },
		{ id: 'all', name: 'All frames', path: '/frames/all' },
		{ id: 'learnt', name: 'Habits', path: '/frames/learnt' },
		{ id: 'honest', name: 'Track record', path: '/frames/honest' }
	] as const;

	let { here }: { here: (typeof sides)[number]['id'] } = $props();
</script>

<SideNav label="Sides of Frames" {sides} {here} />
