<!-- A shutter by a phone's video through it: how to film it, what was found in it, and where it was held open. -->
<script lang="ts">
	import { onMount, type Snippet } from 'svelte';
	import { resolve } from '$app/paths';
	import type { ClipFiring } from '$core/bench';
	import { counted } from '$words';
	import { clipDoubt, clipRefused } from '$words/clip';
	import ChooseFile from '$lib/forms/ChooseFile.svelte';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import MarkSlider from '../MarkSlider.svelte';
	import { exactTime } from '../exact-time';
	import TraceView from '../TraceView.svelte';
	import { ClipDesk } from './clip-desk.svelte';
	import type { ClipProblem } from './clips';
	import ClipSetup from './ClipSetup.svelte';
	import StandInClip from './StandInClip.svelte';

	let { use }: { use: Snippet<[firings: readonly ClipFiring[]]> } = $props();

	const desk = new ClipDesk();
	onMount(() => () => desk.close());

	const problems: Readonly<Record<ClipProblem, string>> = {
		unreadable: 'This is no video that can be read here. MP4, MOV and WebM can.',
		codec:
			'This browser can’t read this kind of video. Have the phone record as “most compatible”, and film again.',
		long: 'This video has more than 10,000 frames. Trim it to the firings and the open shutter.',
		missing: 'Some of its frames couldn’t be read, so its times would be wrong. Film it again, or trim it.',
		'nothing-lit': 'Nothing in it grows bright. Is the lens lit from the front, and in the picture?'
	};
	const { answer, seconds, framesPerSecond, trace } = $derived(
		desk.shown ?? ({} as Partial<typeof desk.shown & object>)
	);
	const found = $derived(answer && 'firings' in answer ? answer : null);
	/** Where it is held open: as it was marked or found, else its last quarter. */
	const open = $derived<readonly [number, number]>(
		desk.look.open ?? found?.open ?? [0.75 * (seconds ?? 0), seconds ?? 0]
	);
	const marks = $derived([
		...(found?.firings ?? []).map((firing) => ({ open: firing.at, close: firing.at + firing.seconds })),
		{ open: open[0], close: open[1] }
	]);
	const part = (firing: ClipFiring) => Math.max(1, Math.round((100 * firing.sd) / firing.seconds));

	function mark(end: 0 | 1, to: number) {
		const next: [number, number] =
			end === 0 ? [Math.min(to, open[1] - 0.1), open[1]] : [open[0], Math.max(to, open[0] + 0.1)];
		void desk.looked({ ...desk.look, open: next });
	}
</script>

<p class="soft">
	Film light through the empty camera with a phone, three firings and the shutter held open. How bright each
	frame is beside the open shutter tells how long it was open.
</p>
<details>
	<summary>How to film it</summary>
	<ClipSetup />
</details>
<div class="acts">
	<ChooseFile accept="video/*" choose={(file) => void desk.read(file)}
		>{desk.reading === null ? 'Choose a video' : `Reading … ${Math.round(100 * desk.reading)} %`}</ChooseFile
	>
	<a class="quiet" href={resolve('/bag/steps')} target="_blank" rel="noopener">Open the screen of steps</a>
</div>
<details>
	<summary>No phone at hand: try a stand-in</summary>
	<StandInClip {desk} />
</details>
<div role="status">
	{#if desk.problem}<p class="notice">{problems[desk.problem]}</p>{/if}
	{#if answer && 'refused' in answer}<p class="notice">{clipRefused[answer.refused]}</p>{/if}
</div>
{#if trace && seconds !== undefined}
	<TraceView
		{trace}
		{marks}
		chosen={marks.length - 1}
		label="How bright the shutter is, over the whole video"
	/>
	<p class="soft small">
		{seconds.toFixed(1)} s at {Math.round(framesPerSecond!)} frames a second. Dashed: where the shutter is held
		open{found && found.steps > 0
			? `; behind it ${counted(found.steps, '1 step of the screen was', '# steps of the screen were')} found`
			: ''}.
	</p>
{/if}
{#if found}
	<ul class="firings" aria-label="Firings">
		{#each found.firings as firing, index (index)}
			<li class="figures">{index + 1}: {exactTime(firing.seconds)} ± {part(firing)} %</li>
		{/each}
	</ul>
	{@render use(found.firings)}
	{#each clipDoubt(found) as doubt (doubt)}<p class="soft small">{doubt}</p>{/each}
{/if}
{#if seconds !== undefined}
	<details>
		<summary>Mark where it is held open, or say that it plays slowed down</summary>
		{#each [[0, 'Open from'], [1, 'Open to']] as const as [end, words] (end)}
			<MarkSlider
				label={words}
				max={seconds}
				step={seconds / 200}
				value={open[end]}
				says={(at) => `${at.toFixed(2)} s`}
				onchange={(at) => mark(end, at)}
			/>
		{/each}
		<ChoiceField
			label="It plays"
			hint="some phones save slow motion as it is seen: what took one second plays for eight"
			value={String(desk.look.slowed)}
			options={[
				{ value: '1', name: 'as fast as it was' },
				{ value: '4', name: 'four times slower' },
				{ value: '8', name: 'eight times slower' }
			]}
			onchange={(slowed) => void desk.looked({ slowed: Number(slowed) })}
		/>
	</details>
{/if}

<style>
	.acts,
	.firings {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem 1.25rem;
		padding: 0.5rem 0;
	}
</style>
