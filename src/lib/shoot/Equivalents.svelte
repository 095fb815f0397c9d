<!-- The scale of equivalents: each aperture with the time that goes with it; one tap sets both. -->
<script lang="ts">
	import { sameMark } from '$core/camera';
	import type { Outcome } from '$core/match';
	import { formatAperture, formatTime } from '$core/units';
	import { verdictInShort } from '$words';
	import VerdictMark from '$lib/parts/VerdictMark.svelte';
	import { verdictColour } from '$lib/parts/verdict-colour';
	import type { Loaded } from './bag';
	import { chosenOn } from './choices';
	import type { ShootState } from './shoot-state.svelte';

	let { shoot, loaded }: { shoot: ShootState; loaded: Loaded } = $props();

	const own = $derived(shoot.rig.of(loaded.id));
	const taken = $derived(shoot.answers.outcome);
	const isTaken = ({ f, seconds }: Outcome) =>
		taken !== undefined && sameMark(f, taken.f) && sameMark(seconds, taken.seconds);
	const isSet = ({ f }: Outcome) =>
		own.aperture !== undefined && sameMark(own.aperture, f) && own.seconds !== undefined;

	function set(outcome: Outcome) {
		const { f: aperture, seconds } = outcome;
		const changes = isSet(outcome)
			? { aperture: undefined, seconds: undefined, handTimed: undefined }
			: { aperture, seconds, handTimed: false };
		shoot.setChosen(chosenOn(loaded.camera, own, changes));
	}
</script>

{#if shoot.answers.scale.length > 1}
	<ul class="scale figures" aria-label="Apertures with the times that go with them">
		{#each shoot.answers.scale as outcome (outcome.f)}
			<li>
				<button class:taken={isTaken(outcome)} aria-pressed={isSet(outcome)} onclick={() => set(outcome)}>
					<span class="f">{formatAperture(outcome.f)}</span>
					<strong>{formatTime(outcome.seconds).replace(' s', '')}</strong>
					<span class="mark" style:color={verdictColour[outcome.verdict]}
						><VerdictMark verdict={outcome.verdict} /><span class="sr-only">{verdictInShort(outcome)}</span
						></span
					>
				</button>
			</li>
		{/each}
	</ul>
{/if}

<style>
	.scale {
		display: flex;
		overflow-x: auto;
		gap: 0.25rem;
		padding: 0.35rem 0 0.1rem;
	}
	li {
		flex: 1 0 auto;
	}
	button {
		display: grid;
		justify-items: center;
		width: 100%;
		min-width: 3.1rem;
		min-height: 2.75rem;
		padding: 0.15rem 0.3rem;
		border-top: 3px solid var(--line);
		line-height: 1.15;
		cursor: pointer;
	}
	.f {
		font-size: 0.8125rem;
	}
	.mark {
		font-size: 0.75rem;
	}
	.taken {
		border-color: var(--ink);
		background: var(--hollow);
	}
	button[aria-pressed='true'] {
		outline: 2px solid var(--ink);
		outline-offset: -2px;
	}
</style>
