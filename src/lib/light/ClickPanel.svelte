<!-- By an automatic shutter's opening and closing: tapped along with, or heard; its time turned round through its eye. -->
<script lang="ts">
	import { automaticExposure, HAND_TIMING_SECONDS, markLabel } from '$core/camera';
	import { clickedBy, resolveLight, type Clicked } from '$core/light';
	import { formatAperture, formatEv, formatTime } from '$core/units';
	import { lightInWords } from '$words';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import { clicksOf, record, type Recorder } from './listening';
	import type { PanelProps } from './panel';

	let { inHand, onread }: PanelProps = $props();

	/** What the microphone leaves in doubt: blades and sound are not one, s; common practice. */
	const HEARD_SD = 0.01;
	/** A shutter that is open longer than this was not heard to close, s. */
	const LONGEST = 600;

	const camera = $derived(inHand?.camera);
	const eye = $derived(camera ? automaticExposure(camera) : null);
	const own = $derived(inHand?.own ?? null);
	const apertures = $derived(
		camera && eye?.sets === 'time' && camera.aperture.kind === 'stops' ? camera.aperture.f : []
	);
	let picked = $state<number | null>(null);
	const f = $derived(picked ?? own?.aperture ?? apertures[0]);

	let opened = $state<number | null>(null);
	let timed = $state<{ seconds: number; sd: number } | null>(null);
	let listening = $state.raw<Recorder | null>(null);
	let says = $state('');

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

	function tap() {
		const now = performance.now() / 1000;
		says = '';
		if (opened === null || now - opened > LONGEST) {
			[opened, timed] = [now, null];
			return;
		}
		timed = { seconds: Math.max(0.001, now - opened), sd: HAND_TIMING_SECONDS };
		opened = null;
	}

	async function startListening() {
		[says, timed, opened] = ['', null, null];
		try {
			listening = await record();
		} catch {
			says =
				'No microphone here. Browsers allow it only on this computer itself or over https. Tap along instead.';
		}
	}

	async function stopListening() {
		const clicks = await listening!
			.stop()
			.then(clicksOf)
			.catch(() => []);
		listening = null;
		if (clicks.length < 2) {
			says =
				clicks.length === 1
					? 'Only one click heard. Faster than 1/30 s, opening and closing sound like one; otherwise move closer and try again.'
					: 'No click heard. Move closer, find a quieter place, or tap along.';
			return;
		}
		timed = { seconds: clicks[1] - clicks[0], sd: HEARD_SD };
		if (clicks.length > 2)
			says = `${clicks.length} clicks were heard; the time is that between the first two.`;
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
			onpointerdown={(event) => event.button === 0 && tap()}
			onclick={(event) => event.detail === 0 && tap()}
		>
			{opened === null ? 'Tap when it opens' : 'Tap when it closes'}
		</button>
		{#if listening}
			<button class="quiet" onclick={() => void stopListening()}>It has closed: stop listening</button>
		{:else}
			<button class="quiet" onclick={() => void startListening()}>Listen with the microphone</button>
		{/if}
		<div role="status">
			{#if says}<p class="notice">{says}</p>{/if}
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
