<!-- The least changes that would make it surer; choosing one shows it on the lanes before anything is kept. -->
<script lang="ts">
	import type { Remedy } from '$core/match';
	import { remedyInWords, remedyTitle } from '$words';
	import { verdictColour } from '$lib/parts/verdict-colour';
	import VerdictMark from '$lib/parts/VerdictMark.svelte';
	import type { ShootState } from './shoot-state.svelte';

	let { shoot }: { shoot: ShootState } = $props();

	const chosen = $derived(shoot.answers.chosen);
	const best = $derived(shoot.answers.asItIs);
	const shown = $derived(shoot.answers.previewed);
	const sure = $derived(best?.verdict === 'just-enough' && best.spoilers.length === 0);

	function look(remedy: Remedy) {
		shoot.answers.previewed = shown === remedy ? null : remedy;
	}
</script>

{#if best && shoot.desk.failed}
	<p class="notice small" role="status">Couldn’t work out what else would help here.</p>
{/if}
{#if chosen && best && shoot.desk.remedies.length > 0}
	<section class="remedies" aria-labelledby="remedies-title" aria-busy={shoot.desk.behind}>
		<h3 id="remedies-title">{sure ? 'Surer with' : 'It would take'}</h3>
		<ul>
			{#each shoot.desk.remedies as remedy, index (index)}
				<li>
					<button class="remedy" aria-pressed={shown === remedy} onclick={() => look(remedy)}>
						<strong>{remedyTitle(remedy)}</strong>
						<span class="small brings" style:color={verdictColour[remedy.outcome.verdict]}>
							<VerdictMark verdict={remedy.outcome.verdict} />
							{remedyInWords(remedy, best, chosen.camera)}
						</span>
					</button>
				</li>
			{/each}
		</ul>
	</section>
{/if}
{#if shown && !shoot.line.narrow}
	<div class="looking" role="status">
		<span>Just a preview.</span>
		{#if shoot.kept}<button class="quiet" onclick={() => shoot.keepRemedy()}>Keep it</button>{/if}
		<button class="quiet" onclick={() => (shoot.answers.previewed = null)}>Back</button>
	</div>
{:else if shoot.canUndoRemedy && !shown}
	<div class="looking" role="status">
		<span>Kept.</span>
		<button class="plain-link" onclick={() => shoot.undoRemedy()}>Undo</button>
	</div>
{/if}

<style>
	.remedies {
		border-top: 1px solid var(--line);
		padding-top: 0.5rem;
	}
	h3 {
		font-size: 1rem;
	}
	.remedy {
		display: grid;
		width: 100%;
		text-align: left;
		min-height: 2.75rem;
		padding: 0.3rem 0.5rem;
		border-left: 4px solid transparent;
		line-height: 1.25;
		cursor: pointer;
	}
	.remedy[aria-pressed='true'] {
		border-color: var(--ink);
		background: var(--hollow);
	}
	.looking {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0.5rem 0.75rem;
		padding-top: 0.5rem;
	}
</style>
