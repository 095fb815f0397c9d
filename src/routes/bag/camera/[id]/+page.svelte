<script lang="ts">
	import CameraForm from '$lib/bag/CameraForm.svelte';

	let { data } = $props();
</script>

<CameraForm
	stored={data.camera}
	flashes={data.flashes}
	films={data.films}
	measurements={data.measurements}
	pictures={data.pictures}
	kindId={data.kindId}
/>
