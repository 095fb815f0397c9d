<!-- The day's light as a line over its hours, the cameras as bands under it, and one minute looked at. -->
<script lang="ts">
	import { quickMatch, type Intent } from '$core/match';
	import type { Camera } from '$core/camera';
	import type { Film } from '$core/film';
	import { SUNRISE } from '$core/light';
	import { formatDoubt, formatEv } from '$core/units';
	import type { Snippet } from 'svelte';
	import type { DayPlan, PlanWindow } from '$core/plan';
	import { runsOf, settingsInShort, verdictInShort, windowInWords } from '$words';
	import { verdictColour } from '$lib/parts/verdict-colour';
	import Slider from '$lib/parts/Slider.svelte';
	import VerdictMark from '$lib/parts/VerdictMark.svelte';
	import { heightOf, lightPaths, LIGHT_HEIGHT, type DayAxis } from './day-axis';

	interface Row {
		id: string;
		camera: Camera;
		film: Film;
		windows: PlanWindow[];
		/** What is wanted of it; null where it has not what is wanted. */
		intent: Intent | null;
	}
	interface Props {
		plan: DayPlan;
		axis: DayAxis;
		rows: Row[];
		/** More of the time that is looked at. */
		more: Snippet<[at: string]>;
	}
	let { plan, axis, rows, more }: Props = $props();

	const paths = $derived(lightPaths(plan, axis));
	/** The sample that is looked at. */
	let looked = $state<number | null>(null);
	/** Now, on the day that it is; noon on others. */
	const first = $derived.by(() => {
		const now = (Date.now() - axis.from) / (axis.to - axis.from);
		return Math.round((now > 0 && now < 1 ? now : 1 / 2) * (plan.samples.length - 1));
	});
	const at = $derived(Math.min(looked ?? first, plan.samples.length - 1));
	const sample = $derived(plan.samples[at]);
	const instant = $derived(Date.parse(sample.at));
	/** Late in the day the mark is still inside the picture. */
	const marked = $derived(`min(${axis.at(instant)}%, 100% - 2px)`);
	const levels = [0, 5, 10, 15];
	const answers = $derived(
		rows.flatMap(({ id, camera, film, intent }) =>
			intent ? [{ id, camera, ...quickMatch(camera, film, { ev: sample.ev, sd: sample.sd }, intent) }] : []
		)
	);
	/** Width of the bands, and of a letter on them, px. */
	let wide = $state(0);
	const LETTER = 7;
	/** Where a window begins and ends, per cent of the width. */
	const placed = (from: string, to: string) => {
		const left = axis.at(Date.parse(from));
		return { left, width: axis.at(Date.parse(to)) - left };
	};
	/** What is written on the bands of a camera: what is set, as far as there is room for it. */
	const wordsOn = (camera: Camera, windows: PlanWindow[]) =>
		runsOf(windows).flatMap((run) => {
			const { left, width } = placed(run[0].from, run[run.length - 1].to);
			const all = windowInWords(camera, run).replace(/, [^,]*$/, '');
			const room = (width / 100) * wide - LETTER * 2;
			const words = [all, all.split(', ')[0]].find((each) => each.length * LETTER <= room);
			return words && run[0].steady === 'hand' ? [{ words, left, width, verdict: run[0].verdict }] : [];
		});
	const night = $derived(
		plan.samples.flatMap(({ at: time, sunAltitude }, index) => {
			const next = plan.samples[index + 1];
			if (sunAltitude >= SUNRISE || !next) return [];
			const from = axis.at(Date.parse(time));
			return [{ from, width: axis.at(Date.parse(next.at)) - from }];
		})
	);

	function point(event: PointerEvent) {
		const box = (event.currentTarget as HTMLElement).getBoundingClientRect();
		const part = Math.max(0, Math.min(1, (event.clientX - box.left) / box.width));
		looked = Math.round(part * (plan.samples.length - 1));
	}
</script>

<div class="day">
	<div class="line" role="presentation" onpointermove={point} onpointerdown={point}>
		{#each night as { from, width } (from)}<span class="night" style:left="{from}%" style:width="{width}%"
			></span>{/each}
		<svg viewBox="0 0 100 {LIGHT_HEIGHT}" preserveAspectRatio="none" aria-hidden="true">
			{#each levels as level (level)}<line x1="0" x2="100" y1={heightOf(level)} y2={heightOf(level)} />{/each}
			<path class="doubt" d={paths.doubt} />
			<path class="light" d={paths.light} />
		</svg>
		{#each levels as level (level)}
			<span class="level small figures" style:top="{(heightOf(level) / LIGHT_HEIGHT) * 100}%"
				>{level === 0 ? 'EV 0' : level}</span
			>
		{/each}
		<span class="now" style:left={marked}></span>
	</div>
	<ul class="bands" aria-hidden="true">
		{#each rows as { id, camera, windows } (id)}
			<li>
				<span class="name small">{camera.name}</span>
				<span class="band" bind:clientWidth={wide}>
					{#each windows as { from, to, verdict, steady } (from)}
						{@const { left, width } = placed(from, to)}
						<span
							class={verdict}
							class:support={steady === 'support'}
							style:left="{left}%"
							style:width="{width}%"
						></span>
					{/each}
					{#each wordsOn(camera, windows) as { words, left, width, verdict } (left)}
						<span class="words on-{verdict}" style:left="{left}%" style:width="{width}%"
							><span>{words}</span></span
						>
					{/each}
					<span class="now" style:left={marked}></span>
				</span>
			</li>
		{/each}
	</ul>
	<div class="hours figures small" aria-hidden="true">
		{#each axis.hours as { at: hour, label } (hour)}<span style:left="{axis.at(hour)}%">{label}</span>{/each}
	</div>
	<p class="soft small">
		Filled: just enough. Hatched: usable. A thin band needs a tripod. The shaded hours have no sun.
	</p>
	<div class="look">
		<span aria-hidden="true"
			>Look at <strong class="figures">{axis.clock(sample.at)}</strong>: EV {formatEv(sample.ev)}, give or
			take {formatDoubt(sample.sd)}</span
		>
		<Slider
			label="Look at"
			max={plan.samples.length - 1}
			value={at}
			says={(index) => `${axis.clock(plan.samples[index].at)}, EV ${formatEv(plan.samples[index].ev)}`}
			onchange={(next) => (looked = next)}
		/>
	</div>
	{@render more(sample.at)}
	<ul class="answers">
		{#each answers as { id, camera, best, unmet } (id)}
			<li>
				<strong>{camera.name}</strong>
				{#if unmet.length > 0}<span class="soft">can’t reach that time</span>{:else}
					<span style:color={verdictColour[best.verdict]}
						><VerdictMark verdict={best.verdict} /> {verdictInShort(best)}</span
					>
				{/if}
				<span class="soft small">{settingsInShort(camera, best)}</span>
			</li>
		{/each}
	</ul>
</div>

<style>
	.day {
		--names: 7.5rem;
		padding-top: 0.75rem;
	}
	.line {
		position: relative;
		height: 11rem;
		margin-left: var(--names);
		cursor: crosshair;
		touch-action: pan-y;
	}
	svg {
		position: absolute;
		inset: 0;
		width: 100%;
		height: 100%;
	}
	svg line {
		stroke: var(--line);
		stroke-width: 1;
		vector-effect: non-scaling-stroke;
	}
	.light {
		fill: none;
		stroke: var(--ink);
		stroke-width: 2.5;
		vector-effect: non-scaling-stroke;
	}
	.doubt {
		fill: color-mix(in srgb, var(--ink) 15%, transparent);
	}
	.level {
		position: absolute;
		right: 100%;
		transform: translateY(-50%);
		padding-right: 0.4rem;
		white-space: nowrap;
	}
	.night {
		position: absolute;
		inset-block: 0;
		background: var(--hollow);
	}
	.now {
		position: absolute;
		inset-block: 0;
		border-left: 2px dashed var(--ink);
	}
	.bands li {
		display: grid;
		grid-template-columns: var(--names) 1fr;
		align-items: center;
		height: 1.5rem;
	}
	.name {
		white-space: nowrap;
		overflow: hidden;
		text-overflow: ellipsis;
	}
	.band {
		position: relative;
		height: 1.25rem;
	}
	.just-enough,
	.usable {
		position: absolute;
		inset-block: 0.1rem;
		border: 1.5px solid var(--bar);
	}
	.just-enough {
		background: var(--bar);
	}
	.usable {
		background: repeating-linear-gradient(
			-45deg,
			color-mix(in srgb, var(--bar) 38%, transparent) 0 1.5px,
			transparent 1.5px 6px
		);
	}
	.support {
		inset-block: 0.4rem;
	}
	.words {
		position: absolute;
		inset-block: 0;
		display: grid;
		place-content: center;
		overflow: hidden;
		font-size: 0.8125rem;
		line-height: 1;
		white-space: nowrap;
	}
	.on-just-enough {
		color: var(--paper);
	}
	.on-usable > span {
		padding: 0 0.3rem;
		background: var(--paper);
	}
	.hours {
		position: relative;
		height: 1.5rem;
		margin-left: var(--names);
	}
	.hours span {
		position: absolute;
		transform: translateX(-50%);
	}
	.look {
		display: grid;
		gap: 0.25rem;
		padding-top: 0.5rem;
	}
	/* Under the hours: what is looked at stands where its minute does. */
	.look :global(.slider) {
		margin-left: var(--names);
	}
	.answers {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(min(14rem, 100%), 1fr));
		gap: 0.5rem 1.25rem;
		padding-block: 0.5rem 1rem;
	}
	.answers li {
		display: grid;
		line-height: 1.3;
	}
	@media (max-width: 820px) {
		.day {
			--names: 5.5rem;
		}
	}
</style>
