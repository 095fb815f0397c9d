<!-- By an automatic shutter's opening and closing: tapped along with, or heard; its time turned round through its eye. -->
<script lang="ts">
	import { automaticExposure, markLabel } from '$core/camera';
	import { clickedBy, resolveLight, type Clicked } from '$core/light';
	import { formatAperture, formatEv, formatTime } from '$core/units';
	import { lightInWords } from '$words';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import { clicksOf, type Heard } from './listening';
	import type { PanelProps } from './panel';
	import { ShutterTimer, type Timed } from './shutter-timer.svelte';

	let { inHand, onread }: PanelProps = $props();

	/** What the microphone leaves in doubt: blades and sound are not one, s; common practice. */
	const HEARD_SD = 0.01;

	const camera = $derived(inHand?.camera);
	const eye = $derived(camera ? automaticExposure(camera) : null);
	const own = $derived(inHand?.own ?? null);
	const apertures = $derived(
		camera && eye?.sets === 'time' && camera.aperture.kind === 'stops' ? camera.aperture.f : []
	);
	let picked = $state<number | null>(null);
	const f = $derived(picked ?? own?.aperture ?? apertures[0]);

	let timed = $state.raw<Timed | null>(null);
	const timer = new ShutterTimer(firstTwo, ([first]) => (timed = first ?? null));

	const clicked = $derived.by((): Clicked | null => {
		if (!camera || !timed || !own) return null;
		const { compensation, iso, filters } = own;
		return clickedBy(camera, timed.seconds, timed.sd, {
			f,
			filters,
			...(compensation === undefined ? {} : { compensation }),
			...(iso === undefined ? {} : { iso })
		});
	});

	/** The time between the first two clicks of what was heard. */
	async function firstTwo(heard: Heard): Promise<{ timed: Timed[]; says: string }> {
		const clicks = await clicksOf(heard);
		if (clicks.length < 2) {
			const says =
				clicks.length === 1
					? 'Only one click heard. Faster than 1/30 s, opening and closing sound like one; otherwise move closer and try again.'
					: 'No click heard. Move closer, find a quieter place, or tap along.';
			return { timed: [], says };
		}
		return {
			timed: [{ seconds: clicks[1] - clicks[0], sd: HEARD_SD }],
			says:
				clicks.length > 2 ? `${clicks.length} clicks were heard; the time is that between the first two.` : ''
		};
	}

	const bound = $derived.by(() => {
		if (!clicked?.limit) return '';
		const { ev } = resolveLight(clicked.reading);
		return clicked.limit === 'slowest'
			? `It stayed open as long as it can, so it’s EV ${formatEv(ev)} or less: a limit, not a reading.`
			: `It was as fast as it gets, so it’s EV ${formatEv(ev)} or more: a limit, not a reading.`;
	});
</script>

{#if !camera || !eye || eye.sets === 'aperture'}
	<p>Choose a camera whose eye sets the time: its shutter’s two clicks tell the light.</p>
{:else}
	<div class="click">
		<p>
			Take {camera.name} as it is set on Shoot, point it at the subject and press its button, with the lens uncovered,
			and empty if you don’t want to spend a frame.
		</p>
		{#if apertures.length > 1}
			<ChoiceField
				label="Its aperture"
				value={String(f)}
				options={apertures.map((each) => ({
					value: String(each),
					name: `${formatAperture(each)} ${markLabel(camera, each, null) ?? ''}`
				}))}
				onchange={(value) => (picked = Number(value))}
			/>
		{/if}
		<button
			class="action tap"
			onpointerdown={(event) => event.button === 0 && timer.tap()}
			onclick={(event) => event.detail === 0 && timer.tap()}
		>
			{timer.opened === null ? 'Tap when it opens' : 'Tap when it closes'}
		</button>
		{#if timer.listening}
			<button class="quiet" onclick={() => void timer.hear()}>It has closed: stop listening</button>
		{:else}
			<button class="quiet" onclick={() => void timer.listen()}>Listen with the microphone</button>
		{/if}
		<div role="status">
			{#if timer.says}<p class="notice">{timer.says}</p>{/if}
			{#if timed && clicked}
				<p>It was open for <strong class="figures">{formatTime(timed.seconds)}</strong>.</p>
				{#if bound}
					<p class="notice">{bound}</p>
				{:else}
					<p>
						That is {lightInWords(resolveLight(clicked.reading).ev, resolveLight(clicked.reading).sd)}.
					</p>
				{/if}
			{/if}
		</div>
		{#if clicked && !bound}
			<button class="action" onclick={() => onread(clicked.reading)}>Use this reading</button>
		{/if}
	</div>
{/if}

<style>
	.click {
		display: grid;
		gap: 0.6rem;
	}
	.tap {
		min-height: 5rem;
		font-size: 1.125rem;
		touch-action: manipulation;
	}
</style>
