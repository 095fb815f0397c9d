<!-- The chance as ten little prints, and whether it is worth a frame to find out more. -->
<script lang="ts">
	import isEqual from 'fast-deep-equal';
	import { untrack } from 'svelte';
	import { isSeenAtOnce } from '$core/film';
	import { resolveLight } from '$core/light';
	import { likelyErrors, type trialWorth, type TrialWorth } from '$core/match';
	import { trialInWords } from '$words';
	import TenPrints from '$lib/prints/TenPrints.svelte';
	import type { Loaded } from './bag';
	import type { ShootState } from './shoot-state.svelte';
	import { intentOf, lightFor } from './wishes';

	let { shoot, chosen }: { shoot: ShootState; chosen: Loaded } = $props();

	/** While the light is dragged, the prints wait until it rests. */
	const REST_MS = 120;
	/** By so much a reading moves as it grows older from one look at the clock to the next, at most, stops. */
	const HARDLY = 0.1;

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
	/** Whether a test frame is worth it is a long question: it is answered beside the page. */
	const question = $derived.by((): Parameters<typeof trialWorth> | null => {
		if (!asked || !isInstant || chosen.left < 2) return null;
		const [camera, film, light, intent, { verdict }] = asked;
		// What fails is mended first: what would help stands beside it.
		if (verdict === 'too-dark' || verdict === 'too-light') return null;
		return [camera, film, light, shoot.answers.bag, intent, chosen.left];
	});
	let answered = $state.raw<{ to: typeof question; id: string; found: TrialWorth | null } | null>(null);
	$effect(() => {
		const to = question;
		const { id } = chosen;
		let left = false;
		if (to && shoot.desk.ready) {
			void shoot.desk
				.worth(...($state.snapshot(to) as typeof to))
				.then((found) => !left && (answered = { to, id, found }));
		}
		return () => (left = true);
	});
	/** What only grew a little older has the same answer until the next one comes; another question has none yet. */
	const isStill = (to: typeof question) => {
		if (!question || !to) return false;
		const [, , light, , intent, left] = question;
		const moved = Math.abs(resolveLight(light).ev - resolveLight(to[2]).ev);
		return moved < HARDLY && left === to[5] && isEqual(intent, to[4]);
	};
	const worth = $derived.by(() => {
		if (!answered?.found || answered.id !== chosen.id || !isStill(answered.to)) return '';
		return trialInWords(answered.found, chosen.left);
	});
	const waits = $derived(question !== null && answered?.to !== question);
</script>

{#if errors.length > 0}
	<!-- Of an older light they are not the answer that stands above them: they fade until they are. -->
	<div class:behind={moves} aria-busy={moves || waits}>
		<TenPrints camera={chosen.camera} film={chosen.film} {errors} />
		{#if worth}<p class="soft small">Is a test frame worth it? {worth}</p>{/if}
	</div>
{/if}

<style>
	.behind {
		opacity: 0.2;
	}
</style>
