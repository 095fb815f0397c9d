<!-- An eye without film: the empty camera before a screen of steps, each firing timed; what it does with light that is known. -->
<script lang="ts">
	import { onMount } from 'svelte';
	import {
		automaticExposure,
		dialSpeeds,
		wheelPositions,
		wideOpenFrom,
		withEvenCell,
		type Camera
	} from '$core/camera';
	import { formatTime } from '$core/units';
	import type { Stored } from '$contract/records';
	import { counted } from '$words';
	import { cellInWords } from '$words/camera-parts';
	import { askedFor, askedInWords } from '$words/eye-curve';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import { timeQuantity } from '$lib/forms/exposures';
	import NumberBox from '$lib/forms/NumberBox.svelte';
	import type { Heard } from '$lib/light/listening';
	import { ShutterTimer } from '$lib/light/shutter-timer.svelte';
	import ClipWay from './clip/ClipWay.svelte';
	import { EyeDesk } from './eye-desk.svelte';
	import EyeResult from './EyeResult.svelte';
	import EyeSetup from './EyeSetup.svelte';
	import type { Found } from './found';
	import StandInCamera from './StandInCamera.svelte';
	import { testerError } from './tester-error';
	import TesterError from './TesterError.svelte';

	interface Props {
		camera: Camera & Stored;
		packs: boolean;
		onfound: (found: Found, become: <C extends Camera>(camera: C) => C) => Promise<boolean>;
		onchange: (become: <C extends Camera>(camera: C) => C) => void;
	}
	let { camera, packs, onfound, onchange }: Props = $props();

	const eye = $derived(automaticExposure(camera)!);
	// svelte-ignore state_referenced_locally -- the firings are of the camera that the page is of, as it stands
	const desk = new EyeDesk(camera.id, {
		...{ wheel: wheelPositions(eye.compensation), dial: dialSpeeds(camera) },
		wideOpen: wideOpenFrom(camera)
	});
	onMount(() => desk.open());

	let typed = $state<number | undefined>();
	let error = $state<number | undefined>(testerError.usual);
	const timer = new ShutterTimer(
		async ({ samples, sampleRate }: Heard) => {
			const times = await desk.heard(samples, sampleRate);
			return {
				timed: times.map((seconds) => ({ seconds, sd: desk.timing.sd })),
				says: times.length > 0 ? '' : 'No firing heard. Move closer, find a quieter place, or tap along.'
			};
		},
		(timed) => void desk.add(timed)
	);

	async function addTyped() {
		if (typed === undefined) return;
		await desk.add([{ seconds: typed, sd: ((error ?? testerError.usual) / 100) * typed }]);
		typed = undefined;
	}

	async function found(what: Found, become: <C extends Camera>(camera: C) => C) {
		if (await onfound(what, become)) await desk.clear();
	}

	const screens = { none: null, '240': 240, '480': 480, '1000': 1000 };
	const flicker = $derived(String(desk.flicker ?? 'none') as keyof typeof screens);
</script>

<h2 id="eye-title">Its cell, without film</h2>
<p class="soft">
	A screen gives light whose steps are exact. Some thirty firings of the empty camera before it tell how its
	cell follows the light, where it stops, and what wheel and dial really do.
</p>
{#if eye.response}
	<p class="so-far">
		<span>In use, {cellInWords(eye.response)}.</span>
		<button class="plain-link" onclick={() => onchange(withEvenCell)}>Take it to be even again</button>
	</p>
{/if}
<details>
	<summary>Set it up</summary>
	<EyeSetup {packs} />
	<div class="fields">
		<ChoiceField
			label="The screen flickers"
			hint="as its maker says; many dim by flashing"
			value={flicker}
			options={[
				{ value: 'none', name: 'not that I know' },
				{ value: '240', name: '240 times a second' },
				{ value: '480', name: '480 times a second' },
				{ value: '1000', name: '1000 times or more' }
			]}
			onchange={(next) => void desk.flickers(screens[next])}
		/>
		<NumberBox
			label="An ND to hold over its eye, stops"
			hint="as it is written on it; empty: none. It reaches darker light than the screen has, and three steps tell how strong it really is."
			value={desk.filter ?? undefined}
			least={1}
			most={5}
			problem="must be from 1 to 5 stops: three steps without it must be as dark as others with it"
			onchange={(next) => (desk.filter = next ?? null)}
		/>
	</div>
	{#if desk.timing.wideOpen}
		<p>
			Its eye stops down, too: only times of {formatTime(desk.timing.wideOpen)} and longer, with the aperture wide
			open, tell its cell. An ND makes more of them count.
		</p>
	{/if}
</details>
<div class="asked" role="status">
	{#if desk.asked}
		<p class="what"><strong>{askedInWords(desk.asked, desk.turned)}</strong></p>
		<p class="soft">{askedFor[desk.asked.why]}</p>
	{:else if desk.busy}
		<p aria-busy="true">Working it out …</p>
	{:else if desk.tooFew}
		<p class="what"><strong>Too few of its times count.</strong></p>
		<p class="soft">
			They are too short. Dim the light: hold an ND over the eye, and say so under “Set it up”.
		</p>
	{:else}
		<p class="what"><strong>Enough fired.</strong></p>
	{/if}
	{#if timer.says}<p class="notice">{timer.says}</p>{/if}
</div>
{#if desk.asked}
	<button
		class="action tap"
		onpointerdown={(event) => event.button === 0 && timer.tap()}
		onclick={(event) => event.detail === 0 && timer.tap()}
		>{timer.opened === null ? 'Tap when it opens' : 'Tap when it closes'}</button
	>
	<div class="acts">
		{#if timer.listening}
			<button class="quiet" onclick={() => void timer.hear()}>It has closed: stop listening</button>
		{:else}
			<button class="quiet" onclick={() => void timer.listen()}>Listen with the microphone</button>
		{/if}
		<form
			onsubmit={(event) => {
				event.preventDefault();
				void addTyped();
			}}
		>
			<NumberBox
				label="Or its time by your own tester, s"
				placeholder="1/60"
				value={typed}
				quantity={timeQuantity}
				least={1e-5}
				most={600}
				problem="must be a time up to 10 minutes, such as 1/60"
				onchange={(next) => (typed = next)}
			/>
			<TesterError value={error} onchange={(next) => (error = next)} />
			<button class="quiet">Add it</button>
		</form>
	</div>
	<details>
		<summary>By a phone’s video, for times shorter than 1/60 s</summary>
		<ClipWay>
			{#snippet use(firings)}
				<button
					class="quiet"
					onclick={() => void desk.add(firings.map(({ seconds, sd }) => ({ seconds, sd })))}
					>Add {counted(firings.length, 'this time', 'these # times')}</button
				>
			{/snippet}
		</ClipWay>
	</details>
{/if}
{#if desk.firings.length > 0}
	<p class="so-far">
		<span>{counted(desk.firings.length, '1 firing so far', '# firings so far')}, kept in this browser.</span>
		<button class="plain-link" onclick={() => void desk.takeBack()}>Take back the last</button>
		<button class="plain-link" onclick={() => void desk.clear()}>Begin anew</button>
	</p>
{/if}
{#if desk.curve}
	<EyeResult {camera} firings={desk.firings} curve={desk.curve} timing={desk.timing} onfound={found} />
{/if}
{#if camera.shutter.kind === 'range'}
	<details>
		<summary>No camera at hand: try a stand-in</summary>
		<StandInCamera {desk} shutter={camera.shutter} iso={desk.turned.dial[0]} />
	</details>
{/if}

<style>
	.what {
		font-size: 1.25rem;
	}
	.tap {
		min-height: 4rem;
		touch-action: manipulation;
	}
	.acts {
		display: grid;
		gap: 0.75rem;
		justify-items: start;
	}
	.so-far {
		display: flex;
		flex-wrap: wrap;
		gap: 0.25rem 1rem;
		align-items: center;
	}
</style>
