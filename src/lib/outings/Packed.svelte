<!-- What to carry for an outing: the least that covers its scenes, what each gets, and what is missing. -->
<script lang="ts">
	import { page } from '$app/state';
	import { filmKinds } from '$core/film';
	import type { Scene } from '$core/plan';
	import { formatClock } from '$core/units';
	import { carriedInWords, extraInWords, framesInWords, listed, plannedInWords } from '$words';
	import { verdictColour } from '$lib/parts/verdict-colour';
	import VerdictMark from '$lib/parts/VerdictMark.svelte';
	import type { Packed } from '$lib/plan/pack-desk.svelte';
	import type { Asked } from './pack-question';

	let { packed, asked, scenes }: { packed: Packed; asked: Asked; scenes: readonly Scene[] } = $props();

	const { packing, more, two } = $derived(packed);
	const open = $derived(
		packing.uses.some(
			(use, at) => use === null && ![...more, ...two].some(({ scenes: covered }) => covered.includes(at))
		)
	);
	const carried = $derived(carriedInWords(packing, asked, page.data.locale));
	const given = $derived(
		packing.uses.map((use, at) => ({
			scene: scenes[at],
			said: use && {
				verdict: use.outcome.verdict,
				words: plannedInWords(
					{
						camera: asked.cameras[use.camera],
						film: asked.films[use.film],
						filters: use.filters.map((filter) => asked.filters[filter]),
						outcome: use.outcome
					},
					!use.support
				)
			}
		}))
	);
	const names = (places: readonly number[]) => places.map((at) => `“${scenes[at].name}”`).join(', ');
	const known = filmKinds.length;
</script>

<h2>What to carry</h2>
{#if packing.things === 0}
	<p class="soft">Nothing in the bag covers any scene of this outing, even on a tripod.</p>
{:else}
	<ul class="carried">
		{#each carried.lines as line (line)}<li>{line}</li>{/each}
	</ul>
	<p class="small">{carried.sum}</p>
	{#if carried.buy}<p>{carried.buy}</p>{/if}
{/if}
<h2>What each scene gets</h2>
<ol class="scenes">
	{#each given as { scene, said } (scene.id)}
		<li>
			<p>
				<strong>{scene.name}</strong>
				<span class="soft figures">{formatClock(scene.at)} · {framesInWords(scene.frames)}</span>
			</p>
			{#if said}
				<p>
					<span style:color={verdictColour[said.verdict]}><VerdictMark verdict={said.verdict} /></span>
					{said.words}
				</p>
			{:else}
				<p class="notice">Nothing in the bag covers it.</p>
			{/if}
		</li>
	{/each}
</ol>
{#if more.length > 0}
	<h2>One more thing would cover</h2>
	<ul>
		{#each more as { extra, scenes: covered } (extra.kind)}
			<li>{names(covered)}: {extraInWords(extra)}</li>
		{/each}
	</ul>
{/if}
{#if two.length > 0}
	<h2>Two more things would cover</h2>
	<ul>
		{#each two as { extras, scenes: covered } (covered.join(' '))}
			<li>{names(covered)}: {listed(extras.map(extraInWords))}</li>
		{/each}
	</ul>
{/if}
{#if open}
	<p class="soft">
		No two common additions would cover the rest: no tripod, no filter, none of {known} films and no other camera.
	</p>
{/if}

<style>
	h2 {
		font-size: 1.125rem;
		padding-top: 0.75rem;
	}
	.carried li {
		font-weight: var(--heavy);
		font-size: 1.0625rem;
	}
	.scenes li {
		border-top: 1px solid var(--line);
		padding-block: 0.4rem;
	}
</style>
