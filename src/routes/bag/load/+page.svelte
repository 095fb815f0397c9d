<script lang="ts">
	import LoadForm from '$lib/bag/LoadForm.svelte';

	let { data } = $props();
</script>

<LoadForm
	took={data.took}
	lastNumber={data.lastNumber}
	recipes={data.recipes}
	records={data.records}
	cameraId={data.cameraId}
	filmId={data.filmId}
	next={data.next}
/>
