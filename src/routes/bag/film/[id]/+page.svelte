<script lang="ts">
	import FilmForm from '$lib/bag/FilmForm.svelte';

	let { data } = $props();
</script>

<FilmForm stored={data.film} camera={data.camera} />
