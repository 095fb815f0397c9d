<!-- The chance as ten little prints, and whether it is worth a frame to find out more. -->
<script lang="ts">
	import { untrack } from 'svelte';
	import { isSeenAtOnce } from '$core/film';
	import { likelyErrors, trialWorth } from '$core/match';
	import { trialInWords } from '$core/words';
	import TenPrints from '$lib/prints/TenPrints.svelte';
	import type { Loaded } from './bag';
	import type { ShootState } from './shoot-state.svelte';
	import { intentOf, lightFor } from './wishes';

	let { shoot, chosen }: { shoot: ShootState; chosen: Loaded } = $props();

	/** While the light is dragged, the prints wait until it rests. */
	const REST_MS = 120;

	const wanted = $derived.by(() => {
		const { asItIs } = shoot.answers;
		const { light } = shoot.lights;
		if (!light || !asItIs) return null;
		const own = shoot.rig.of(chosen.id);
		return [
			chosen.camera,
			chosen.film,
			lightFor(light, own),
			intentOf(shoot.wanted.scene, own),
			asItIs
		] as const;
	});
	const at = $derived(shoot.lights.triedEv);
	let restsAt = $state.raw(untrack(() => at));
	$effect(() => {
		const next = at;
		const rest = setTimeout(() => (restsAt = next), REST_MS);
		return () => clearTimeout(rest);
	});
	const moves = $derived(at !== restsAt);
	/** What was asked before the light began to move. */
	let before: typeof wanted = null;
	const asked = $derived.by(() => {
		// What only grows old, or is set otherwise, is answered at once: prints that faded would blink.
		if (!moves) before = wanted;
		return before;
	});
	const errors = $derived(asked ? likelyErrors(...asked) : []);
	const isInstant = $derived(isSeenAtOnce(chosen.film));
	const worth = $derived.by(() => {
		if (!asked || !isInstant || chosen.left < 2) return '';
		const [camera, film, light, intent, { verdict }] = asked;
		// What fails is mended first: what would help stands beside it.
		if (verdict === 'too-dark' || verdict === 'too-light') return '';
		const found = trialWorth(camera, film, light, shoot.answers.bag, intent, chosen.left);
		return found ? trialInWords(found, chosen.left) : '';
	});
</script>

{#if errors.length > 0}
	<!-- Of an older light they are not the answer that stands above them: they fade until they are. -->
	<div class:behind={moves} aria-busy={moves}>
		<TenPrints camera={chosen.camera} film={chosen.film} {errors} />
		{#if worth}<p class="soft small">Is a test frame worth it? {worth}</p>{/if}
	</div>
{/if}

<style>
	.behind {
		opacity: 0.2;
	}
</style>
