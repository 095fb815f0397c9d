<!-- The answer as a screen reader says it: one sentence, once the light rests. -->
<script lang="ts">
	import { settingsInShort, verdictInShort } from '$words';
	import type { ShootState } from './shoot-state.svelte';

	let { shoot }: { shoot: ShootState } = $props();

	/** Nobody listens to every step of a drag, ms. */
	const REST_MS = 500;

	const now = $derived.by(() => {
		const { chosen, outcome } = shoot.answers;
		if (!chosen || !outcome) return '';
		return `${chosen.camera.name}: ${verdictInShort(outcome)}, ${settingsInShort(chosen.camera, outcome)}`;
	});
	let said = $state('');
	$effect(() => {
		const next = now;
		const rest = setTimeout(() => (said = next), REST_MS);
		return () => clearTimeout(rest);
	});
</script>

<p class="sr-only" aria-live="polite" aria-busy={said !== now} data-spoken>{said}</p>
