<!-- A lamp: where it must stand for the chosen camera, with what is before it, a fill and a background. -->
<script lang="ts">
	import { filmSpeedFor, latitudeOf } from '$core/film';
	import { automaticExposure } from '$core/camera';
	import { lampDistanceFor, resolveLight } from '$core/light';
	import { bestOutcome } from '$core/match';
	import {
		backgroundFalloff,
		fillUnderKey,
		floorMarks,
		floorPlan,
		lampColours,
		sideRatio
	} from '$core/studio';
	import { formatDistance, formatDoubt, formatStops, lengthUnit, shortUnit } from '$core/units';
	import {
		backgroundFalloffInWords,
		castInWords,
		floorMarkInWords,
		lightInWords,
		sidesInWords,
		verdictTitle
	} from '$words';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import NumberBox from '$lib/forms/NumberBox.svelte';
	import { centimetreQuantity } from '$lib/forms/measured';
	import { distanceQuantity } from '$lib/forms/quantity';
	import { intentOf } from '../wishes';
	import type { AidProps } from './aids';
	import FloorPicture from './FloorPicture.svelte';
	import { BARE, lampLight, meteredAs, modifierDoubt, modifiersOf, nearestTo, standOf } from './lamp-desk';
	import LearnModifier from './LearnModifier.svelte';
	import { Remembered } from '$lib/timing/remembered.svelte';

	let { shoot, loaded, done }: AidProps = $props();

	/** Usual distances of a small room, m. */
	const USUAL = { from: 2, to: 2, background: 1, camera: 2 };
	/** Nobody stands a lamp farther off, m. */
	const ROOM = 12;
	/** Where lamps stand from the camera's side, degrees. */
	const [KEY_ANGLE, FILL_ANGLE] = [45, 35];
	const typed = new Remembered('lamp', {
		...USUAL,
		before: BARE,
		now: BARE,
		besides: BARE,
		width: 0,
		height: 0,
		fill: false,
		fillAt: 3,
		fillNow: BARE,
		kelvin: 0
	});

	const { camera, film } = $derived(loaded);
	const metered = $derived(shoot.lights.light ? meteredAs(shoot.lights.light) : null);
	const from = $derived(metered?.from ?? typed.value.from);
	const modifiers = $derived(modifiersOf(shoot.answers.gear));
	const takes = (name: string) => modifiers.find((each) => each.name === name) ?? modifiers[0];
	const [before, now, besides, fillNow] = $derived([
		takes(typed.value.before),
		takes(typed.value.now),
		takes(typed.value.besides),
		takes(typed.value.fillNow)
	]);
	const key = $derived({
		from,
		to: typed.value.to,
		before,
		now: [now, besides],
		width: typed.value.width,
		height: typed.value.height
	});
	const fill = $derived(typed.value.fill ? { ...key, to: typed.value.fillAt, now: [fillNow] } : null);
	const lit = $derived(metered ? lampLight(metered.light, key, fill) : null);
	const lamp = $derived(lit?.light ?? null);
	const [ev, sd] = $derived([lit?.ev ?? 0, lit?.sd ?? 0]);
	const besideDoubt = $derived(modifierDoubt(key));
	const outcome = $derived(
		bestOutcome(camera, film, { ev, sd }, intentOf(shoot.wanted.scene, shoot.rig.of(loaded.id)))
	);
	const fails = $derived(outcome.verdict === 'too-dark' || outcome.verdict === 'too-light');

	const reach = $derived(shoot.answers.reaches.get(loaded.id));
	const marks = $derived.by(() => {
		const [good, usable] = [nearestTo(ev, reach?.good ?? []), nearestTo(ev, reach?.usable ?? [])];
		const all = lamp && good && usable ? floorMarks(lamp, good, usable) : [];
		return all.filter(({ distance }) => distance <= ROOM);
	});
	const middle = $derived(marks.find(({ kind }) => kind === 'middle'));
	const speed = $derived.by(() => {
		const [least, most] = latitudeOf(film).good;
		return filmSpeedFor(film, outcome.error - (least + most) / 2);
	});

	/** The fill is a lamp like the key; each alone. */
	const alone = (stand: typeof key) => ({
		method: 'lamp' as const,
		...standOf(metered?.light ?? { ev: 0 }, stand)
	});
	const keyEv = $derived(resolveLight(alone(key)).ev);
	const ratio = $derived(fill && sideRatio(keyEv, resolveLight(alone(fill)).ev));
	const forTwo = $derived(fill ? lampDistanceFor(alone(fill), keyEv - fillUnderKey(2)) : 0);

	const plan = $derived(
		floorPlan({
			camera: shoot.wanted.scene.subjectDistance ?? typed.value.camera,
			key: typed.value.to,
			keyAngle: KEY_ANGLE,
			...(typed.value.fill ? { fill: typed.value.fillAt, fillAngle: FILL_ANGLE } : {}),
			background: typed.value.background
		})
	);
	const cast = $derived(castInWords(film, typed.value.kelvin || undefined));

	const distances = { least: 0.1, most: 100, problem: 'must be a distance such as 4 ft or 1.5 m' };
	const asOptions = $derived(
		modifiers.map(({ name, stops }) => ({
			value: name,
			name: stops === 0 ? name : `${name}, costs ${formatStops(stops)}`
		}))
	);

	async function use() {
		if (!metered) return;
		const { kelvin } = typed.value;
		const reading = { ...metered.light, ...(kelvin ? { kelvin } : {}) };
		await shoot.lights.keep(lampLight(reading, key, fill).light);
		done();
	}
</script>

{#if !metered || !lamp}
	<p>
		First meter the lamp at the subject, any way you like. Then come back: the inverse square does the rest.
	</p>
{:else}
	<div class="two">
		<div class="words">
			<section>
				<p class="answer figure" role="status">
					{verdictTitle(outcome)} with the lamp at {formatDistance(typed.value.to)}{middle
						? `; just right at ${formatDistance(middle.distance)}`
						: ''}
				</p>
				<p>{lightInWords(ev, sd)} on the subject there{fill ? ', by both lamps' : ''}.</p>
				{#if fails && !automaticExposure(camera)}
					<p>Or leave it there and load about ISO {Number(speed.toPrecision(2))}.</p>
				{/if}
				<div class="fields">
					{#if metered.from === undefined}
						<NumberBox
							label="Metered with the lamp at, {lengthUnit()}"
							quantity={distanceQuantity}
							value={typed.value.from}
							{...distances}
							onchange={(value) => value && typed.set({ from: value })}
						/>
					{/if}
					<NumberBox
						label="Lamp now at, {lengthUnit()}"
						quantity={distanceQuantity}
						value={typed.value.to}
						{...distances}
						onchange={(value) => value && typed.set({ to: value })}
					/>
					<ChoiceField
						label="In front of it when metered"
						value={before.name}
						options={asOptions}
						onchange={(name) => typed.set({ before: name })}
					/>
					<ChoiceField
						label="In front of it now"
						value={now.name}
						options={asOptions}
						onchange={(name) => typed.set({ now: name })}
					/>
					<ChoiceField
						label="And in front of that"
						value={besides.name}
						options={asOptions}
						onchange={(name) => typed.set({ besides: name })}
					/>
					<ChoiceField
						label="What lamp"
						value={String(typed.value.kelvin)}
						options={[
							{ value: '0', name: 'not said' },
							...lampColours.map(({ name, kelvin }) => ({
								value: String(kelvin),
								name: `${name}, ${kelvin} K`
							}))
						]}
						onchange={(kelvin) => typed.set({ kelvin: Number(kelvin) })}
					/>
					{#each [['width', `Lit area, ${shortUnit()} wide`], ['height', `${shortUnit()} high`]] as const as [side, label] (side)}
						<NumberBox
							{label}
							placeholder="a bulb"
							value={typed.value[side] || undefined}
							quantity={centimetreQuantity}
							least={0}
							most={1000}
							problem="must be a length, such as 60 cm"
							onchange={(value) => typed.set({ [side]: value ?? 0 })}
						/>
					{/each}
				</div>
				{#if cast}<p>{cast}{typed.value.kelvin === 4000 ? ' Tubes have a green cast, too.' : ''}</p>{/if}
				<button class="action" onclick={use}>Use this light</button>
			</section>
			<section aria-labelledby="tape-title">
				<h3 id="tape-title">Marks to tape on the floor, from the subject</h3>
				<ul>
					{#each marks as mark (mark.kind)}
						<li class="figures" class:middle={mark.kind === 'middle'}>{floorMarkInWords(mark)}</li>
					{/each}
				</ul>
				{#if marks.length === 0}<p>With this film, no distance in a room is right for this lamp.</p>{/if}
			</section>
		</div>
		<FloorPicture
			{plan}
			{marks}
			label="From above, to scale: lamp {formatDistance(typed.value.to)} from the subject"
		/>
	</div>

	<section aria-labelledby="fill-title">
		<h3 id="fill-title">Fill and background</h3>
		<div class="fields">
			<label class="tick-box">
				<input
					type="checkbox"
					checked={typed.value.fill}
					onchange={(event) => typed.set({ fill: event.currentTarget.checked })}
				/>
				A second lamp like it, as fill
			</label>
			{#if typed.value.fill}
				<NumberBox
					label="Fill at, {lengthUnit()}"
					quantity={distanceQuantity}
					value={typed.value.fillAt}
					{...distances}
					onchange={(value) => value && typed.set({ fillAt: value })}
				/>
				<ChoiceField
					label="In front of the fill"
					value={fillNow.name}
					options={asOptions}
					onchange={(name) => typed.set({ fillNow: name })}
				/>
			{/if}
			<NumberBox
				label="Background behind the subject, {lengthUnit()}"
				quantity={distanceQuantity}
				value={typed.value.background}
				least={0}
				most={100}
				problem="must be a distance such as 4 ft or 1 m"
				onchange={(value) => value !== undefined && typed.set({ background: value })}
			/>
			{#if shoot.wanted.scene.subjectDistance === undefined}
				<NumberBox
					label="Camera at, {lengthUnit()}"
					quantity={distanceQuantity}
					value={typed.value.camera}
					{...distances}
					onchange={(value) => value && typed.set({ camera: value })}
				/>
			{/if}
		</div>
		{#if ratio !== null}
			<p>{sidesInWords(ratio)} For 2 stops it stands at {formatDistance(forTwo)}.</p>
		{/if}
		<p>{backgroundFalloffInWords(backgroundFalloff(typed.value.to, typed.value.background, lamp.source))}</p>
	</section>
	<LearnModifier {shoot} />
	{#if besideDoubt > 0}<p class="soft small">
			What’s in front of it costs that, give or take {formatDoubt(besideDoubt)} stop.
		</p>{/if}
{/if}
<p class="caution">
	Lamps on mains are hot and can shock: let them cool before you touch them, keep cables dry, taped down and
	out of the way, and nothing flammable near them. Don’t look into them, or let your subject.
</p>

<style>
	.two {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(16rem, 24rem);
		gap: 1.5rem;
		align-items: start;
	}
	.words {
		display: grid;
		gap: 0.75rem;
	}
	.middle {
		font-weight: var(--heavy);
	}
	@media (max-width: 820px) {
		.two {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
