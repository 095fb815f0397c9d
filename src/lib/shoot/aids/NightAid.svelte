<!-- Night and long exposures: whether to go on, what to count and behind which filter, trails, and the falling light. -->
<script lang="ts">
	import { cameraKind, takenBy } from '$core/camera';
	import { localTime, zoneAt } from '$core/light';
	import {
		countableStack,
		COUNTABLE_SECONDS,
		FALLS,
		fallOf,
		filmTrails,
		nextFrames,
		stacks,
		stopsFor,
		tooDark,
		trailLength,
		trailTime
	} from '$core/night';
	import { goesInto } from '$core/film';
	import { formatClock, formatTime, lengthUnit, stopsInWords } from '$core/units';
	import {
		capital,
		handDoubtInWords,
		settingsInShort,
		stackInWords,
		timeInWords,
		tooDarkInWords,
		trailInWords,
		verdictInShort
	} from '$words';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import NumberBox from '$lib/forms/NumberBox.svelte';
	import { distanceQuantity } from '$lib/forms/quantity';
	import { timeQuantity } from '$lib/forms/exposures';
	import { subjectSpeeds } from '$lib/parts/wanted';
	import { intentOf } from '../wishes';
	import type { AidProps } from './aids';
	import { greysOf } from './night-desk';
	import { Remembered } from '$lib/timing/remembered.svelte';

	let { shoot, loaded, done }: AidProps = $props();

	const MOST_STACKS = 8;
	/** Nobody counts longer, s. */
	const LONGEST = 1800;
	const MOST_FILMS = 6;
	const typed = new Remembered('night', { every: 3, speed: 1.5, distance: 10, part: 50, wanted: 8 });

	const { camera, film } = $derived(loaded);
	const outcome = $derived(shoot.answers.asItIs);
	const light = $derived(shoot.lights.light);
	const ev = $derived(shoot.lights.resolved?.ev ?? 0);
	const where = $derived(shoot.lights.where);
	const own = $derived(shoot.rig.of(loaded.id));
	const dusk = $derived(light && where ? { light, now: shoot.lights.now, where } : null);
	const fall = $derived(dusk ? fallOf(dusk) : 0);
	const falls = $derived(Math.abs(fall) > FALLS);
	const dark = $derived(dusk ? tooDark(dusk, shoot.answers.reaches.get(loaded.id)?.usable ?? []) : null);
	const clock = (at: number) =>
		where ? formatClock(localTime(at, zoneAt(where.latitude, where.longitude)).time) : '';

	const byHand = $derived(outcome?.handTimed ?? false);
	const { greys, on, others, metered } = $derived(
		greysOf(film, shoot.answers.bag.filters ?? [], own.filters, outcome?.seconds ?? 1)
	);
	const ways = $derived(
		stacks(film, metered, greys)
			.filter(({ seconds }) => seconds >= 1 / 2 && seconds <= LONGEST)
			.slice(0, MOST_STACKS)
	);
	const cure = $derived(countableStack(film, metered, greys));
	const ideal = $derived(stopsFor(film, metered, typed.value.wanted));
	const nearest = $derived(
		stacks(film, metered, greys).reduce((a, b) =>
			Math.abs(b.stops - ideal) < Math.abs(a.stops - ideal) ? b : a
		)
	);
	const isOn = (names: readonly { name: string }[]) =>
		names.length === on.length && names.every(({ name }) => on.some((each) => each.name === name));

	const moving = $derived({ speed: typed.value.speed, distance: typed.value.distance });
	const films = $derived(
		outcome
			? filmTrails(
					camera,
					shoot.answers.films
						.filter((each) => !each.archived && goesInto(each, takenBy(camera, film)))
						.slice(0, MOST_FILMS),
					moving,
					ev,
					outcome.f
				)
			: []
	);
	const frames = $derived(
		dusk && falls
			? nextFrames(camera, film, dusk, typed.value.every, {
					...intentOf(shoot.wanted.scene, own),
					handheld: false
				})
			: []
	);
	const notes = $derived(cameraKind(camera.kind)?.night ?? []);
</script>

{#if !light || !outcome}
	<p>Read the light first.</p>
{:else}
	<section>
		<p class="answer figure" role="status">
			{#if dark && falls}{tooDarkInWords(dark, clock)}{:else}{capital(verdictInShort(outcome))} at {timeInWords(
					camera,
					outcome
				)}.{/if}
		</p>
		{#if !where}
			<p class="soft">
				Say where you are when you read the light, and this shows since when, and what the next frames need.
			</p>
		{/if}
		{#each notes as note (note)}<p>{note}</p>{/each}
	</section>

	{#if byHand}
		<section aria-labelledby="count-times">
			<h3 id="count-times">Times to count</h3>
			{#if outcome.seconds < COUNTABLE_SECONDS}
				<p>
					{handDoubtInWords(outcome.seconds)}
					{#if cure}You can count it with {stackInWords(cure)}.{:else}No filter in the bag makes it {COUNTABLE_SECONDS}
						s: two stops of ND would.{/if}
				</p>
			{/if}
			<ul>
				{#each ways as way (way.stops)}
					<li>
						<span class="figures">{stackInWords(way)}</span>
						<button
							class="quiet"
							aria-pressed={isOn(way.filters)}
							onclick={() => {
								shoot.setChosen({ filters: [...others, ...way.filters] });
								done();
							}}
							>{way.filters.length === 0 ? 'Without' : 'Put on'}<span class="sr-only"
								>: {stackInWords(way)}</span
							></button
						>
					</li>
				{/each}
			</ul>
			<div class="fields">
				<NumberBox
					label="I want it to last, s"
					value={typed.value.wanted}
					quantity={timeQuantity}
					least={0.1}
					most={86_400}
					problem="must be a time, such as 8 or 2 min"
					onchange={(wanted) => wanted && typed.set({ wanted })}
				/>
			</div>
			<p>
				{#if ideal < 1 / 6}It already lasts that long without a filter, or longer.{:else}
					That needs {stopsInWords(ideal)} of ND. Closest in the bag: {stackInWords(nearest)}.{/if}
			</p>
		</section>
	{/if}

	{#if frames.length > 0}
		<section aria-labelledby="dusk-title">
			<h3 id="dusk-title">The next six frames</h3>
			<p>
				The light {fall > 0 ? 'falls' : 'rises'} a stop about every {Math.max(
					1,
					Math.round(1 / Math.abs(fall))
				)} minutes, from the sun here today.
			</p>
			<div class="fields">
				<NumberBox
					label="Minutes between frames"
					value={typed.value.every}
					least={0.2}
					most={60}
					problem="must be minutes, such as 3"
					onchange={(every) => every && typed.set({ every })}
				/>
			</div>
			<ol class="figures">
				{#each frames as { at, outcome: next } (at)}
					<li>
						<span>{clock(at)}</span>
						<strong>{settingsInShort(camera, next)}</strong>
						<span>{verdictInShort(next)}</span>
					</li>
				{/each}
			</ol>
		</section>
	{/if}

	<section aria-labelledby="trail-title">
		<h3 id="trail-title">Trails</h3>
		<div class="fields">
			<ChoiceField
				label="The light"
				value={String(typed.value.speed)}
				options={subjectSpeeds.filter(({ value }) => value !== '0')}
				onchange={(speed) => typed.set({ speed: Number(speed) })}
			/>
			<NumberBox
				label="Its distance, {lengthUnit()}"
				quantity={distanceQuantity}
				value={typed.value.distance}
				least={0.1}
				most={10_000}
				problem="must be a distance such as 4 ft or 10 m"
				onchange={(distance) => distance && typed.set({ distance })}
			/>
			<NumberBox
				label="Wanted length, % of the frame"
				value={typed.value.part}
				least={1}
				most={1000}
				problem="must be per cent, such as 50"
				onchange={(part) => part && typed.set({ part })}
			/>
		</div>
		<p>
			In {timeInWords(camera, outcome)} it draws {trailInWords(trailLength(camera, moving, outcome.seconds))}.
			{typed.value.part} % takes
			<strong>{formatTime(trailTime(camera, moving, typed.value.part / 100))}</strong>.
		</p>
		{#if films.length > 1}
			<div class="scroll">
				<table class="figures">
					<thead
						><tr><th scope="col">In this light</th><th scope="col">open for</th><th scope="col">trail</th></tr
						></thead
					>
					<tbody>
						{#each films as { film: each, seconds, part } (each.id)}
							<tr>
								<th scope="row">{each.name}</th>
								<td>{formatTime(seconds)}</td>
								<td>{trailInWords(part)}</td>
							</tr>
						{/each}
					</tbody>
				</table>
			</div>
		{/if}
	</section>
{/if}
<p class="caution">
	At night, watch for roads, railways and the tide, wear something visible, and know your way back. Keep your
	lamp out of other people’s eyes.
</p>

<style>
	li {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0.25rem 1rem;
		padding: 0.2rem 0;
	}
	ul li {
		justify-content: space-between;
	}
</style>
