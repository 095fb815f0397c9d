<!-- What is sharp, from the camera to infinity; where the subject should stand, and where in the finder. -->
<script lang="ts">
	import { markLabel } from '$core/camera';
	import { aimedAt, closeUpFor, standAt } from '$core/focus';
	import { formatAperture, formatDistance, lengthUnit } from '$core/units';
	import { aimedInWords, flareInWords, sharpInWords, standInWords } from '$words';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import NumberBox from '$lib/forms/NumberBox.svelte';
	import DistanceStrip from '$lib/parts/DistanceStrip.svelte';
	import DistanceBox from '../DistanceBox.svelte';
	import AimPicture from './AimPicture.svelte';
	import type { AidProps } from './aids';
	import { Remembered } from '$lib/timing/remembered.svelte';
	import { aperturesOf, zoneOf } from './sharp-desk';

	let { shoot, loaded, done }: AidProps = $props();

	const NONE = '0';
	const OWN = 'own';
	const typed = new Remembered('sharp', { closeUp: NONE, dioptres: 2 });

	const { camera } = $derived(loaded);
	const apertures = $derived(aperturesOf(camera));
	const now = $derived(shoot.answers.outcome?.f ?? apertures[Math.floor(apertures.length / 2)]);
	const nearest = $derived(
		apertures.reduce((a, b) => (Math.abs(Math.log(b / now)) < Math.abs(Math.log(a / now)) ? b : a))
	);
	let picked = $state<number | undefined>(undefined);
	const f = $derived(picked ?? nearest);
	let mark = $state<number | undefined>(undefined);
	const marks = $derived(camera.focus.kind === 'zones' ? camera.focus : null);

	const closeUps = $derived(
		shoot.answers.gear.flatMap((piece) =>
			piece.type === 'close-up' ? [{ name: piece.name, dioptres: piece.dioptres }] : []
		)
	);
	const dioptres = $derived.by(() => {
		const { closeUp } = typed.value;
		if (closeUp === OWN) return typed.value.dioptres;
		return closeUps.find(({ name }) => name === closeUp)?.dioptres ?? 0;
	});

	const subject = $derived(shoot.wanted.scene.subjectDistance);
	const zone = $derived(zoneOf(camera, f, { subject, mark, dioptres }));
	const stand = $derived(subject === undefined ? undefined : standAt(zone, subject));
	const needed = $derived.by(() => {
		if (subject === undefined || dioptres > 0 || subject >= zone.from) return null;
		return closeUpFor(zone.from, subject);
	});
	/** Where the head is aimed for, m. */
	const USUAL_DISTANCE = 1.5;
	const aimed = $derived(
		camera.finder || camera.back ? aimedAt(camera, camera, subject ?? USUAL_DISTANCE) : null
	);
	const flare = $derived(flareInWords(camera));
	const fixes = $derived(camera.aperture.kind === 'stops');

	function keep() {
		shoot.setChosen({ aperture: f });
		done();
	}
</script>

<section>
	<p class="answer figure" role="status">{standInWords(zone, subject)}</p>
	<DistanceStrip
		label="{formatAperture(f)}: {standInWords(zone, subject)}"
		bands={[{ ...zone, kind: 'sharp', words: 'sharp' }]}
		{subject}
		stand={stand === subject ? undefined : stand}
	/>
	<div class="fields">
		<DistanceBox {shoot} label="Your subject stands at, {lengthUnit()}" />
		{#if marks}
			<ChoiceField
				label="Lens set to"
				value={mark === undefined ? '' : String(mark)}
				options={[
					{ value: '', name: 'what suits best' },
					...marks.distances.map((distance, at) => ({
						value: String(at),
						name: `${marks.labels?.[at] ?? ''} ${formatDistance(distance)}`.trim()
					}))
				]}
				onchange={(value) => (mark = value === '' ? undefined : Number(value))}
			/>
		{/if}
		<ChoiceField
			label="Close-up lens"
			value={typed.value.closeUp}
			options={[
				{ value: NONE, name: 'none' },
				...closeUps.map(({ name }) => ({ value: name, name })),
				{ value: OWN, name: 'another: dioptres' }
			]}
			onchange={(closeUp) => typed.set({ closeUp })}
		/>
		{#if typed.value.closeUp === OWN}
			<NumberBox
				label="Its dioptres"
				value={typed.value.dioptres}
				least={0.1}
				most={30}
				problem="must be a strength such as 2"
				onchange={(strength) => strength && typed.set({ dioptres: strength })}
			/>
		{/if}
	</div>
	{#if dioptres > 0}
		<p>
			With it, everything beyond {formatDistance(zone.to)} is blurred. It costs no light; measure from the front
			of the lens.
		</p>
	{:else if needed}
		<p>
			Or a close-up lens of {Number(needed.toPrecision(2))} dioptres, and {formatDistance(subject!)} measured with
			a string.
		</p>
	{/if}
</section>

<section aria-labelledby="each-f">
	<h3 id="each-f">At each aperture</h3>
	<ul class="each">
		{#each apertures as each (each)}
			{@const its = zoneOf(camera, each, { subject, mark, dioptres })}
			<li>
				<button class="quiet" aria-pressed={each === f} onclick={() => (picked = each)}>
					<span class="figures">{formatAperture(each)}</span>
					<span class="soft">{markLabel(camera, each, null) ?? ''}</span>
				</button>
				<DistanceStrip label={sharpInWords(its)} bands={[{ ...its, kind: 'sharp' }]} thin />
				<span class="small">{sharpInWords(its)}</span>
			</li>
		{/each}
	</ul>
	{#if fixes && f !== now}
		<button class="action" onclick={keep}>Set {formatAperture(f)}</button>
	{/if}
</section>

{#if aimed}
	<section class="aim" aria-labelledby="aim-title">
		<div>
			<h3 id="aim-title">Put the head here</h3>
			<p class="answer figure">{aimedInWords(aimed)}</p>
			<p class="soft">
				Assuming your subject is {formatDistance(subject ?? USUAL_DISTANCE)} away.
				{camera.back
					? 'The back sees a different part of the scene than the finder; that doesn’t change with distance.'
					: ''}
			</p>
		</div>
		<AimPicture frame={camera.frame} {aimed} />
	</section>
{/if}
{#if flare}<p class="caution">{flare}</p>{/if}

<style>
	.each li {
		display: grid;
		grid-template-columns: 7.5rem minmax(0, 1fr) 11rem;
		align-items: center;
		gap: 0.25rem 1rem;
		padding: 0.15rem 0;
	}
	.each button {
		justify-content: flex-start;
	}
	.each button[aria-pressed='true'] {
		background: var(--hollow);
		box-shadow: inset 0 -3px 0 var(--ink);
	}
	.aim {
		grid-template-columns: 1fr auto;
		align-items: start;
	}
	@media (max-width: 820px) {
		.aim {
			grid-template-columns: minmax(0, 1fr);
		}
		.each li {
			grid-template-columns: 6.5rem minmax(0, 1fr);
		}
		.each li > span {
			grid-column: 2;
		}
	}
</style>
