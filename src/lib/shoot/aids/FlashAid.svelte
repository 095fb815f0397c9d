<!-- A flash: where it is right, at which aperture and power, as fill, and what the eye does meanwhile. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { automaticExposure, slowestByHand } from '$core/camera';
	import { flashDoubt, flashLosses, OPEN_AIR, usualFills } from '$core/flash';
	import { isDaylight } from '$core/light';
	import { bestLit } from '$core/match';
	import {
		formatAperture,
		formatDistance,
		formatDoubt,
		formatGuideNumber,
		formatPart,
		formatStops,
		formatTime,
		lengthUnit,
		markedApertures,
		nearestMark,
		stopsInWords
	} from '$core/units';
	import { backgroundInWords, timeInWords, verdictInShort, whereInWords } from '$words';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import NumberBox from '$lib/forms/NumberBox.svelte';
	import { distanceQuantity } from '$lib/forms/quantity';
	import DistanceStrip from '$lib/parts/DistanceStrip.svelte';
	import DistanceBox from '../DistanceBox.svelte';
	import { flashesFor, intentOf, lightFor, type FlashWish } from '../wishes';
	import type { AidProps } from './aids';
	import { apertureAt, bandsOf, fillWay, rightAt, type FlashedAt } from './flash-desk';
	import { aperturesOf } from './sharp-desk';

	let { shoot, loaded }: AidProps = $props();

	const MOST_APERTURES = 7;
	/** Light that is there counts as worth filling from here on, stops. */
	const WORTH_FILLING = -2;

	const { camera, film } = $derived(loaded);
	const own = $derived(shoot.rig.of(loaded.id));
	const all = $derived(flashesFor(shoot.answers.gear, camera));
	const flash = $derived(shoot.answers.flashOf(loaded));
	/** As it comes, with every power that it has. */
	const whole = $derived(all.find(({ id }) => id === flash?.id));
	const intent = $derived(intentOf(shoot.wanted.scene, own));
	const given = $derived(shoot.lights.light ? lightFor(shoot.lights.light, own) : null);
	const best = $derived(flash && given ? bestLit(camera, film, given, { flash }, intent) : null);
	const outdoors = $derived(given !== null && isDaylight(given));
	const at = $derived(
		best && flash && given
			? ({ camera, film, flash, intent, outdoors, f: best.outcome.f } satisfies FlashedAt)
			: null
	);
	const bands = $derived(at && best ? bandsOf(at, best.change.power, best.change.background) : []);
	const said = $derived.by(() => {
		if (!best) return '';
		const set = `at ${formatAperture(best.outcome.f)}, ${powerName(best.change.power)}`;
		const right = bands.find(({ kind }) => kind === 'right');
		const usable = bands.find(({ kind }) => kind === 'usable');
		const where = right ?? usable;
		if (!where) return `Right at no distance ${set}: ${verdictInShort(best.outcome)}.`;
		return `${right ? 'Right' : 'Usable at best'} ${whereInWords(where)}, ${set}.`;
	});
	const subject = $derived(shoot.wanted.scene.subjectDistance);
	const fills = $derived.by(() => {
		if (!at || !best || !whole || best.change.background < WORTH_FILLING) return [];
		return usualFills.map((fill) =>
			fillWay({ ...at, flash: { ...whole, loss: flash?.loss } }, best.change.background, fill, best.change.to)
		);
	});
	const sync = $derived(camera.flash?.sync);
	const eye = $derived(automaticExposure(camera));
	const shakes = $derived(
		best !== null &&
			!own.support &&
			best.outcome.seconds > slowestByHand(camera) &&
			best.change.background > WORTH_FILLING
	);

	const set = (changes: FlashWish) =>
		shoot.setChosen({ flash: true, flashed: { ...own.flashed, ...changes } });
	const powerName = (power: number) => (power === 1 ? 'full power' : `${formatPart(power)} power`);
	const CEILING = 'ceiling';
	const USUAL_CEILING = 1.5;
	const loss = $derived(flash?.loss ?? 0);
	const ceiling = $derived(own.flashed?.ceiling);
	const losses = $derived([
		...flashLosses.map(({ name, stops }) => ({
			value: String(stops),
			name: stops === 0 ? name : `${name}, costs ${formatStops(stops)}`
		})),
		{ value: CEILING, name: 'bounced off a white ceiling' }
	]);
	const shine = (how: string) =>
		how === CEILING
			? set({ loss: undefined, ceiling: USUAL_CEILING })
			: set({ loss: Number(how) || undefined, ceiling: undefined });
</script>

{#if !shoot.lights.light}
	<p>Read the light first: it makes the background.</p>
{:else if !best || !flash || !at || !whole}
	<p>
		With these settings, none of this camera’s times works with its flash{sync
			? `: it works at ${formatTime(sync)} and slower`
			: ''}. Free the aperture or the time under “On the camera” and “What I want”.
	</p>
{:else}
	<section>
		<p class="answer figure" role="status">{said}</p>
		<DistanceStrip label={said} {bands} {subject} />
		{#if subject !== undefined}
			<p>
				At {formatDistance(subject)}: <strong>{verdictInShort(best.outcome)}</strong>, give or take {formatDoubt(
					flashDoubt(outdoors)
				)} for the flash.
			</p>
		{/if}
		<p>{backgroundInWords(best.change)}</p>
		{#if own.flash}
			<button class="quiet" onclick={() => shoot.setChosen({ flash: false })}>Shoot without flash</button>
		{:else}
			<button class="action" onclick={() => set({})}>Use flash</button>
		{/if}
		{#if eye}
			<p>
				The eye still sets about {timeInWords(camera, best.outcome)} for the background. The flash lights the subject,
				whatever that time is.
			</p>
		{/if}
		{#if shakes}<p>
				Hand-held at {timeInWords(camera, best.outcome)}, the background will blur; the subject won’t.
			</p>{/if}
		{#if sync}<p class="soft">Its flash works at {formatTime(sync)} and slower.</p>{/if}
		<div class="fields">
			<DistanceBox {shoot} label="Your subject stands at, {lengthUnit()}" />
			{#if all.length > 1}
				<ChoiceField
					label="Which flash"
					value={flash.id}
					options={all.map(({ id, name }) => ({ value: id, name }))}
					onchange={(id) => set({ id, power: undefined })}
				/>
			{/if}
			{#if whole.powers.length > 1}
				<ChoiceField
					label="Its power"
					value={own.flashed?.power === undefined ? '' : String(own.flashed.power)}
					options={[
						{ value: '', name: 'what suits best' },
						...whole.powers.map((power) => ({ value: String(power), name: powerName(power) }))
					]}
					onchange={(power) => set({ power: power === '' ? undefined : Number(power) })}
				/>
			{/if}
			<ChoiceField
				label="Direct or bounced"
				value={ceiling === undefined ? String(loss) : CEILING}
				options={losses}
				onchange={shine}
			/>
			{#if ceiling !== undefined}
				<NumberBox
					label="Ceiling above it, {lengthUnit()}"
					quantity={distanceQuantity}
					hint="costs {formatStops(loss)} through the longer path and the paint"
					value={ceiling}
					least={0.1}
					most={20}
					problem="must be a height in metres, such as 1.5"
					onchange={(up) => up && set({ ceiling: up })}
				/>
			{/if}
		</div>
	</section>

	{#if fills.length > 0}
		<section aria-labelledby="fill-title">
			<h3 id="fill-title">As fill in the existing light</h3>
			<ul>
				{#each fills as { fill, power, distance } (fill)}
					<li>
						<span>
							{stopsInWords(fill)} below it, for {fill === -1 ? 'open shadows' : 'a catchlight, no more'}:
							{power === null ? '' : `${powerName(power)} at ${formatDistance(best.change.to)}, or `}full
							power from {formatDistance(distance)}
						</span>
						{#if power !== null}
							<button class="quiet" onclick={() => set({ power })}>Set {powerName(power)}</button>
						{/if}
					</li>
				{/each}
			</ul>
		</section>
	{/if}

	<section aria-labelledby="right-title">
		<h3 id="right-title">Right at, on {film.name}</h3>
		<!-- svelte-ignore a11y_no_noninteractive_tabindex -- what scrolls is reached by keyboard -->
		<div class="scroll" role="region" aria-label="Distances by aperture and power" tabindex="0">
			<table class="figures">
				<thead>
					<tr>
						<th scope="col">Power</th>
						{#each aperturesOf(camera).slice(0, MOST_APERTURES) as f (f)}<th scope="col"
								>{formatAperture(f)}</th
							>{/each}
					</tr>
				</thead>
				<tbody>
					{#each whole.powers as power (power)}
						<tr>
							<th scope="row">{powerName(power)}</th>
							{#each aperturesOf(camera).slice(0, MOST_APERTURES) as f (f)}
								<td>{formatDistance(rightAt({ ...at, f }, power))}</td>
							{/each}
						</tr>
					{/each}
				</tbody>
			</table>
		</div>
		{#if aperturesOf(camera).length > 1 && subject !== undefined}
			<p>
				For {formatDistance(subject)}: {whole.powers
					.map(
						(power) =>
							`${formatAperture(nearestMark(markedApertures, apertureAt(at, subject, power)))} at ${powerName(power)}`
					)
					.join(', ')}.
			</p>
		{/if}
		<p class="soft small">
			Guide number {formatGuideNumber(flash.guideNumber)} at ISO 100{loss > 0
				? `, less ${formatStops(loss)} for what it goes through or off`
				: ''}. {outdoors
				? `Outdoors nothing bounces its light back: ${stopsInWords(OPEN_AIR.stops)} less, give or take ${formatDoubt(OPEN_AIR.sd)}, is counted.`
				: `Guide numbers are measured indoors: outdoors at night or in a large room it gives ${stopsInWords(OPEN_AIR.stops)} less, give or take ${formatDoubt(OPEN_AIR.sd)}.`}
			<a href={resolve('/frames/learnt')}>What judged frames say about it</a>
		</p>
	</section>
{/if}
<p class="caution">
	The capacitor of a flash, also inside a camera, holds a charge that can kill, for days: never open one.
	Don’t fire it close to eyes, or at people driving.
</p>

<style>
	li {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		justify-content: space-between;
		gap: 0.25rem 1rem;
		padding: 0.25rem 0;
	}
</style>
