<!-- The chance as ten little prints, and whether it is worth a frame to find out more. -->
<script lang="ts">
	import { untrack } from 'svelte';
	import { automaticExposure } from '$core/camera';
	import { isSeenAtOnce, latitudeOf } from '$core/film';
	import { worthOfTrial } from '$core/learn';
	import { expectedOf, likelyErrors } from '$core/match';
	import { trialInWords } from '$core/words';
	import TenPrints from '$lib/prints/TenPrints.svelte';
	import type { Loaded } from './bag';
	import type { ShootState } from './shoot-state.svelte';
	import { intentOf, lightFor } from './wishes';

	let { shoot, chosen }: { shoot: ShootState; chosen: Loaded } = $props();

	/** How far a camera without a wheel can be answered by its settings, and how finely, stops. */
	const BY_SETTINGS = { step: 1, reach: [-2, 2] as const };

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
	/** At once to begin with: what came later would push what stands below away under the thumb. */
	let asked = $state.raw<typeof wanted>(untrack(() => wanted));
	$effect(() => {
		const next = wanted;
		const rest = setTimeout(() => (asked = next), REST_MS);
		return () => clearTimeout(rest);
	});
	const errors = $derived(asked ? likelyErrors(...asked) : []);
	const isInstant = $derived(isSeenAtOnce(chosen.film));
	const worth = $derived.by(() => {
		if (!asked || !isInstant || chosen.left < 2) return null;
		const expected = expectedOf(...asked);
		const wheel = automaticExposure(chosen.camera)?.compensation;
		const { step, reach } = wheel
			? { step: wheel.step, reach: [wheel.darken, wheel.lighten] as const }
			: BY_SETTINGS;
		return worthOfTrial({
			error: expected.error,
			shared: Math.min(expected.shared, expected.sd),
			rest: Math.sqrt(Math.max(0, expected.sd ** 2 - expected.shared ** 2)),
			range: latitudeOf(chosen.film).usable,
			step,
			reach,
			left: chosen.left
		});
	});
</script>

{#if errors.length > 0}
	<TenPrints camera={chosen.camera} film={chosen.film} {errors} />
	{#if worth}<p class="soft small">Is a test frame worth it? {trialInWords(worth, chosen.left)}</p>{/if}
{/if}
