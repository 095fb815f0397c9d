<!-- What the firings of an empty camera say of its eye, beside what is written on it; and whether it is used. -->
<script lang="ts">
	import {
		offsetByWhite,
		withCurve,
		type EyeCurve,
		type EyeFiring,
		type Timing,
		type WhiteRead
	} from '$core/bench';
	import { dialSpeeds, USABLE_SLOPES, type Camera } from '$core/camera';
	import { formatAperture, formatDoubt, formatStops, formatTime, stopsInWords } from '$core/units';
	import { counted, habitInWords, wheelInWords } from '$words';
	import { eyeNotes, limitInWords, slopeInWords, usedInWords } from '$words/eye-curve';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import NumberBox from '$lib/forms/NumberBox.svelte';
	import Chart from '$lib/parts/Chart.svelte';
	import { eyeChart } from './eye-chart';
	import type { Found } from './found';

	interface Props {
		camera: Camera;
		firings: readonly EyeFiring[];
		curve: EyeCurve;
		timing: Timing;
		onfound: (found: Found, become: <C extends Camera>(camera: C) => C) => void;
	}
	let { camera, firings, curve, timing, onfound }: Props = $props();

	/** What its eye is told first, by its dial or by a place of its lever. */
	const [first] = $derived(dialSpeeds(camera));
	const marked = $derived(camera.shutter.kind === 'range' ? camera.shutter : null);
	const apertures = $derived(
		[camera.aperture.kind === 'range' ? camera.aperture.widest : camera.aperture.f].flat()
	);
	let picked = $state<number | null>(null);
	const f = $derived(picked ?? apertures[0]);
	let ev = $state<number | undefined>();
	const white = $derived<WhiteRead | null>(ev === undefined ? null : { ev, f, iso: first });
	const offset = $derived(white && offsetByWhite(curve.full, white));
	const rows = $derived([
		[
			'Stops of time for a stop of light',
			'1',
			`${curve.slope.value.toFixed(2)} ± ${curve.slope.sd.toFixed(2)}`
		],
		...(['fastest', 'slowest'] as const).map((end) => [
			end === 'fastest' ? 'Fastest' : 'Slowest',
			marked ? formatTime(marked[end]) : '',
			limitInWords(curve[end], timing, end)
		]),
		...curve.wheel.map(({ place, value, sd }) => [
			`Wheel ${wheelInWords(place)}`,
			formatStops(place),
			`${formatStops(value)} ± ${formatDoubt(sd)}`
		]),
		...curve.dial.map(({ iso, value, sd }) => [
			`Dial at ${iso}`,
			formatStops(Math.log2(first / iso)),
			`${formatStops(value)} ± ${formatDoubt(sd)}`
		]),
		...curve.filters.map(({ filter, value, sd }) => [
			'ND over the eye',
			stopsInWords(filter),
			`${value.toFixed(1)} ± ${formatDoubt(sd)}`
		]),
		['From firing to firing', '', `± ${formatDoubt(curve.scatter.value)} stop`]
	]);

	const usable = $derived(
		curve.slope.value >= USABLE_SLOPES.least && curve.slope.value <= USABLE_SLOPES.most
	);

	function use() {
		const given = $state.snapshot(white);
		onfound(
			{
				what: 'response',
				marked: 1,
				value: Number(curve.slope.value.toFixed(3)),
				sd: Number(curve.slope.sd.toFixed(3)),
				method: `with the empty camera, ${counted(firings.length, '1 firing', '# firings')}`
			},
			(before) => withCurve(before, curve, given, timing)
		);
	}
</script>

<p role="status"><strong>{slopeInWords(curve.slope)}</strong></p>
{#each eyeNotes(curve) as note (note)}<p class="notice">{note}</p>{/each}
<Chart
	options={eyeChart(firings, curve)}
	label="Time by step of light: firings and what they say; the table has it in numbers"
/>
<div class="table-box">
	<table class="rows">
		<thead><tr><th scope="col">Of its eye</th><th scope="col">Says</th><th scope="col">Does</th></tr></thead>
		<tbody>
			{#each rows as [name, says, does] (name)}
				<tr><td>{name}</td><td class="figures">{says}</td><td class="figures"><strong>{does}</strong></td></tr
				>
			{/each}
		</tbody>
	</table>
</div>
{#if !camera.offset}
	<details>
		<summary>A meter read the screen’s brightest step</summary>
		<div class="fields">
			<NumberBox
				label="EV at ISO 100, reflected"
				value={ev}
				least={-5}
				most={20}
				problem="must be between −5 and 20"
				onchange={(next) => (ev = next)}
			/>
			{#if apertures.length > 1}
				<ChoiceField
					label="Its aperture before the screen"
					value={String(f)}
					options={apertures.map((each) => ({ value: String(each), name: formatAperture(each) }))}
					onchange={(value) => (picked = Number(value))}
				/>
			{/if}
		</div>
		<div role="status">
			{#if offset}<p>
					There it gives {habitInWords(offset.stops)}, give or take {formatDoubt(offset.sd)}: a screen lacks
					the infrared that old cells see.
				</p>{/if}
		</div>
	</details>
{/if}
{#if usable}
	<p class="soft small">
		{usedInWords(curve, timing, offset !== null)} A limit that wasn’t reached stays as it is marked; so does its
		scatter, because a screen is even and scenes aren’t.
	</p>
	<button class="action" onclick={use}>Use it for {camera.name}</button>
{:else}
	<p class="notice">
		Such a cell can’t be used: it follows the light by less than half of what it should, or by more than twice
		as much. Is the eye covered, or its battery empty?
	</p>
{/if}
