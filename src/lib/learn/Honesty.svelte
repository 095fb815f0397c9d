<!-- Is the program honest? What it promised against what came out. -->
<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { provesLittle, type MonthOfFrames, type PromiseBin, type Score, type Standing } from '$core/learn';
	import { formatMoney } from '$core/units';
	import { counted, lostInWords, scoreInWords } from '$words';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import FramesNav from '$lib/frames/FramesNav.svelte';
	import Chart from '$lib/parts/Chart.svelte';
	import MonthRows from './MonthRows.svelte';
	import PromiseRows from './PromiseRows.svelte';
	import { promiseChart, standingChart } from './honesty-charts';

	interface Named {
		id: string;
		name: string;
	}
	interface Props {
		asked: { camera: string; film: string; way: string; light: string };
		/** Only so many of the newest were looked at; null: all of them. */
		newest: number | null;
		frames: number;
		bins: PromiseBin[];
		/** null: no frame is like that. */
		score: Score | null;
		/** Frames that were exposed well enough, and lost by focus or shake. */
		lostOtherwise: number;
		standings: Standing[];
		/** The last one first. */
		months: MonthOfFrames[];
		cameras: Named[];
		films: Named[];
		ways: string[];
		lights: string[];
	}
	let {
		asked,
		newest,
		frames,
		bins,
		score,
		lostOtherwise,
		standings,
		months,
		cameras,
		films,
		ways,
		lights
	}: Props = $props();

	const any = (what: string, all: readonly Named[]) => [
		{ value: '', name: what },
		...all.map(({ id, name }) => ({ value: id, name }))
	];
	const asNamed = (names: readonly string[]) => names.map((name) => ({ id: name, name }));
	let asChart = $state(false);
	const last = $derived(standings.at(-1));

	function set(changes: Partial<typeof asked>) {
		const said = Object.entries({ ...asked, ...changes }).filter(([, value]) => value !== '');
		return goto(resolve(`/frames/honest?${new URLSearchParams(said)}`), { keepFocus: true, noScroll: true });
	}
</script>

<svelte:head><title>Track record · Just Enough</title></svelte:head>
<div class="page wide">
	<h1>Frames</h1>
	<FramesNav here="honest" />
	<div class="tools">
		<ChoiceField
			label="Camera"
			value={asked.camera}
			options={any('all cameras', cameras)}
			onchange={(camera) => set({ camera })}
		/>
		<ChoiceField
			label="Film"
			value={asked.film}
			options={any('all films', films)}
			onchange={(film) => set({ film })}
		/>
		<ChoiceField
			label="Light read by"
			value={asked.way}
			options={any('any way', asNamed(ways))}
			onchange={(way) => set({ way })}
		/>
		<ChoiceField
			label="In light of"
			value={asked.light}
			options={any('any light', asNamed(lights))}
			onchange={(light) => set({ light })}
		/>
	</div>
	{#if frames === 0 || !last}
		<p class="soft">
			No judged frames match. Each frame keeps the prediction made when it was shot; once judged, it shows up
			here: “predicted 9 in 10: 8 of 10 came out”.
		</p>
		<p><a class="action" href={resolve('/frames')}>To the frames</a></p>
	{:else}
		<p class="answer">
			{Math.round(last.rate * frames)} of {counted(frames, 'one judged frame', '# judged frames')} came out{last.costPerKeeper ===
			null
				? ''
				: `, at ${formatMoney(last.costPerKeeper, page.data.locale)} a keeper`}.
			{#if provesLittle(frames)}Too few to prove anything yet.{/if}
			{#if newest}Only the newest {newest} are counted.{/if}
		</p>
		<p class="soft score">{score ? scoreInWords(score) : ''} {lostInWords(lostOtherwise)}</p>
		<div class="two">
			<section aria-labelledby="promise-title">
				<h2 id="promise-title">Predicted, and what came out</h2>
				<PromiseRows {bins} />
				<details bind:open={asChart}>
					<summary>As a chart</summary>
					{#if asChart}
						<p class="soft small">
							On the slanted line, predictions are exactly right. Bars: where the truth lies, nine times in
							ten.
						</p>
						<Chart
							options={promiseChart(bins)}
							label="What was predicted against what came out; the table has the same"
						/>
					{/if}
				</details>
			</section>
			<section aria-labelledby="time-title">
				<h2 id="time-title">Over time</h2>
				<p class="soft small">
					Share that came out so far, frame by frame{last.costPerKeeper === null
						? ''
						: ', and the cost per keeper'}.
				</p>
				<Chart options={standingChart(standings)} label="Part of frames that came out, over time" />
				<details>
					<summary>Month by month</summary>
					<MonthRows {months} />
				</details>
			</section>
		</div>
	{/if}
</div>

<style>
	.tools {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem 0.75rem;
		padding-block: 0.75rem;
	}
	.answer {
		font-size: 1.375rem;
		padding-block: 0.5rem;
	}
	.score {
		padding-bottom: 0.75rem;
	}
	.two {
		display: grid;
		grid-template-columns: repeat(2, minmax(0, 1fr));
		gap: 2rem;
	}
	@media (max-width: 820px) {
		.two {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
