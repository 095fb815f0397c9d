<!-- A trial of an eye: which frames to shoot, how they came out, and what that teaches. -->
<script lang="ts">
	import { learnFromTrial, trialOf } from '$core/bench';
	import { dialSpeeds, offsetOf, type Camera } from '$core/camera';
	import type { Film } from '$core/film';
	import { formatDoubt, formatEv, stopsInWords } from '$core/units';
	import { counted, habitInWords, wheelInWords } from '$words';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import type { Found } from './found';

	interface Props {
		camera: Camera;
		films: Film[];
		onfound: (found: Found) => void;
	}
	let { camera, films, onfound }: Props = $props();

	const NOT_YET = 'none';
	let filmName = $state('');
	const film = $derived(films.find(({ name }) => name === filmName) ?? films[0]);
	const trial = $derived(film ? trialOf(camera, film) : null);
	const dials = $derived(dialSpeeds(camera).length > 1);
	let came = $state<Record<number, number | null>>({});
	const judged = $derived((trial?.frames ?? []).map((_, index) => came[index] ?? null));
	const shot = $derived(judged.filter((each) => each !== null).length);
	const result = $derived(
		trial && film && shot > 0 ? learnFromTrial(camera, film, trial.frames, judged) : null
	);

	const thirds = Array.from({ length: 13 }, (_, index) => (6 - index) / 3);
	const outcomes = [
		{ value: NOT_YET, name: 'not shot yet' },
		...thirds.map((stops) => ({
			value: String(stops),
			name: Math.abs(stops) < 1e-9 ? 'right' : `${stopsInWords(stops)} too ${stops > 0 ? 'light' : 'dark'}`
		}))
	];
	/** A click that does this much less or more than it says is worth a word. */
	const TELLING = 0.15;
	const tells = (gain: number) =>
		Math.abs(gain - 1) < TELLING
			? 'The wheel does what it says.'
			: `A stop on the wheel is really ${gain < 1 ? 'less' : 'more'}: ${Math.round(gain * 100)} % of one.`;

	function keep() {
		if (!result) return;
		const { stops, sd } = result.offset;
		onfound({
			what: 'offset',
			marked: offsetOf(camera).stops,
			value: Number(stops.toFixed(3)),
			sd: Number(sd.toFixed(3)),
			method: `by a trial of ${counted(shot, '1 frame', '# frames')}`
		});
	}
</script>

<h2 id="trial-title">Eye and wheel</h2>
{#if films.length === 0}
	<p class="soft">A trial needs a film that fits: put one in the bag.</p>
{:else if !trial || !film}
	<p class="soft">No ordinary light gives its eye room for a trial with this film. Try another film.</p>
{:else}
	<p class="soft">
		The fewest frames that show what this body does. Shoot one subject in steady, even light, about EV {formatEv(
			trial.ev
		)}
		({trial.words}), on a tripod, and say how each came out.
	</p>
	<ChoiceField
		label="On the film"
		value={film.name}
		options={films.map(({ name }) => ({ value: name, name }))}
		onchange={(name) => (filmName = name)}
	/>
	<ol>
		{#each trial.frames as frame, index (index)}
			<li>
				<span>
					<strong>Wheel {wheelInWords(frame.compensation)}{dials ? `, dial at ${frame.iso}` : ''}</strong>
					<span class="soft small">{frame.why}</span>
				</span>
				<ChoiceField
					label="Frame {index + 1} came out"
					value={came[index] == null ? NOT_YET : String(came[index])}
					options={outcomes}
					onchange={(value) => (came = { ...came, [index]: value === NOT_YET ? null : Number(value) })}
				/>
			</li>
		{/each}
	</ol>
	<div role="status">
		{#if result}
			<p>
				<strong>It gives {habitInWords(result.offset.stops)}</strong>, give or take {formatDoubt(
					result.offset.sd
				)}, from {counted(shot, '1 frame', '# frames')}.
				{#if result.wheel}{tells(result.wheel.gain)}{/if}
				{#each result.dial as { iso, stops, sd } (iso)}
					{#if Math.abs(stops) > sd}The dial’s {iso} gives {stopsInWords(stops)}
						{stops > 0 ? 'more' : 'less'} than its first position.{/if}
				{/each}
			</p>
		{/if}
	</div>
	{#if result}<button class="action" onclick={keep}>Save for {camera.name}</button>{/if}
{/if}

<style>
	li {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 14rem;
		gap: 0.5rem 1rem;
		align-items: center;
		padding: 0.5rem 0;
		border-top: 1px solid var(--line);
	}
	li > span {
		display: grid;
	}
	@media (max-width: 820px) {
		li {
			grid-template-columns: 1fr;
		}
	}
</style>
