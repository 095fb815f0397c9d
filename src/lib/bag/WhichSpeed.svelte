<!-- Which film speed a camera asks for in a light: in words, on a line of speeds, and what there is of it. -->
<script lang="ts">
	import { takenBy } from '$core/camera';
	import { filmTypes, goesInto, type FilmType } from '$core/film';
	import { landmarks } from '$core/light';
	import { speedIn, speedRanges } from '$core/match';
	import { formatEv } from '$core/units';
	import { anyOf, capital, filmOfSpeedInWords, filmTypeName, speedInWords } from '$words';
	import type { CameraRecord } from '$contract/records';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import VerdictMark from '$lib/parts/VerdictMark.svelte';
	import { axisOver } from '$lib/shoot/axis';
	import ReachBars from '$lib/shoot/ReachBars.svelte';
	import { answersInLight, type FilmInReach } from './film-in-reach';

	interface Props {
		camera: CameraRecord;
		/** The films of the bag that go in, with what is put on them. */
		films: readonly FilmInReach[];
	}
	let { camera, films }: Props = $props();

	const lights = landmarks.toSorted((a, b) => b.ev - a.ev);
	let light = $state('sun');
	const { ev } = $derived(lights.find(({ words }) => words === light) ?? lights[0]);
	const takes = $derived(takenBy(camera));
	const types = $derived(filmTypes.filter((each) => goesInto({ type: each }, takes)));
	let picked = $state<FilmType | ''>('');
	const type = $derived(picked || (takes.type ?? types[0] ?? 'colour-negative'));
	const asked = $derived({ camera, film: { type } });
	const answer = $derived(speedIn(asked, { ev }));
	const ranges = $derived(speedRanges(asked, { ev }));
	const sold = $derived(speedIn({ camera }, { ev }).films);
	const owned = $derived(answersInLight(films, ev));

	/** The line goes from ISO 6 to 6400, in stops above ISO 100. */
	const axis = axisOver([-4, 6]);
	const marks = [12, 25, 50, 100, 200, 400, 800, 1600, 3200].map((iso) => ({
		iso,
		left: axis.at(Math.log2(iso / 100))
	}));
</script>

<section aria-labelledby="speed">
	<h2 id="speed">Which speed it asks for</h2>
	<div class="fields">
		<ChoiceField
			label="In this light"
			value={light}
			options={lights.map((each) => ({ value: each.words, name: `${each.words}, EV ${formatEv(each.ev)}` }))}
			onchange={(next) => (light = next)}
		/>
		{#if types.length > 1}
			<ChoiceField
				label="Type of film"
				value={type}
				options={types.map((each) => ({ value: each, name: filmTypeName[each] }))}
				onchange={(next) => (picked = next)}
			/>
		{/if}
	</div>
	<p class="figure figures" role="status">{speedInWords(answer)}</p>
	<div class="line" aria-hidden="true">
		<div class="bar">
			<ReachBars {axis} good={ranges.good} usable={ranges.usable} />
			<span class="right" style:left="{axis.at(ranges.right)}%"></span>
		</div>
		{#each marks as { iso, left } (iso)}<span class="speed small figures" style:left="{left}%">{iso}</span
			>{/each}
	</div>
	{#if owned.length > 0}
		<h3>In your bag</h3>
		<ul>
			{#each owned as { name, verdict, behind } (name)}
				<li>
					<VerdictMark {verdict} />
					{name}{behind ? ` with ${behind}` : ''}: {verdict === 'just-enough' ? 'just enough' : 'usable'}
				</li>
			{/each}
		</ul>
	{:else if films.length > 0}
		<p>No film in your bag works here, with or without your filters.</p>
	{/if}
	<h3>On sale</h3>
	{#if sold.length > 0}
		<p class="figures">
			{capital(anyOf(sold.filter(({ verdict }) => verdict === 'just-enough').map(filmOfSpeedInWords))) ||
				'Nothing is just enough'}{sold.some(({ verdict }) => verdict === 'usable')
				? `; usable: ${sold
						.filter(({ verdict }) => verdict === 'usable')
						.map(filmOfSpeedInWords)
						.join(', ')}`
				: ''}.
		</p>
	{:else}
		<p>No film on sale works in this light without a filter.</p>
	{/if}
</section>

<style>
	section {
		padding-top: 1.5rem;
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: 0.5rem;
	}
	.fields {
		grid-template-columns: repeat(auto-fill, minmax(min(16rem, 100%), 1fr));
	}
	.figure {
		font-size: 1.25rem;
	}
	.line {
		position: relative;
		height: 3rem;
		margin-inline: 0.75rem;
	}
	.bar {
		position: relative;
		height: 1.25rem;
		border-bottom: 1px solid var(--line);
	}
	.right {
		position: absolute;
		inset-block: -0.25rem;
		border-left: 3px solid var(--ink);
		transform: translateX(-50%);
	}
	.speed {
		position: absolute;
		top: 1.5rem;
		transform: translateX(-50%);
	}
	@media (max-width: 820px) {
		.speed:nth-of-type(2n) {
			display: none;
		}
	}
</style>
