<!-- What to do: the verdict first, then the settings as they are marked on the camera. -->
<script module lang="ts">
	import { later } from '$lib/parts/later';

	const rollFinished = later(() => import('./RollFinished.svelte'));
</script>

<script lang="ts">
	import { resolve } from '$app/paths';
	import {
		aimInWords,
		anyOf,
		backgroundInWords,
		castInWords,
		chanceSentence,
		clampedInWords,
		exposureSentence,
		flashRows,
		largestPart,
		mismatchInWords,
		nothingToSet,
		rangeInWords,
		settingRows,
		spoilerInWords,
		verdictTitle,
		whyInWords,
		worksInWords
	} from '$words';
	import { verdictColour } from '$lib/parts/verdict-colour';
	import { automaticExposure, wheelPositions } from '$core/camera';
	import VerdictMark from '$lib/parts/VerdictMark.svelte';
	import Aids from './aids/Aids.svelte';
	import Said from '$lib/words/Said.svelte';
	import Chances from './Chances.svelte';
	import Equivalents from './Equivalents.svelte';
	import OnCamera from './OnCamera.svelte';
	import Later from '$lib/parts/Later.svelte';
	import Remedies from './Remedies.svelte';
	import SettingRows from './SettingRows.svelte';
	import type { ShootState } from './shoot-state.svelte';
	import Wants from './Wants.svelte';
	import { intentOf, lightFor } from './wishes';

	interface Props {
		shoot: ShootState;
		/** Height of what must be in sight on a phone, px. */
		needs?: number;
		/** Where there is hardly room: the settings come before what is said of them. */
		tight?: boolean;
	}
	let { shoot, needs = $bindable(0), tight = false }: Props = $props();

	const chosen = $derived(shoot.answers.chosen);
	const outcome = $derived(shoot.answers.outcome);
	const fails = $derived(outcome?.verdict === 'too-dark' || outcome?.verdict === 'too-light');
	const rows = $derived(
		chosen && outcome
			? [
					...settingRows(chosen.camera, outcome, shoot.answers.handheld, shoot.answers.before),
					...flashRows(shoot.answers.lit)
				]
			: []
	);
	const clamped = $derived.by(() => {
		if (!chosen || !shoot.lights.light || !outcome || shoot.answers.previewed) return '';
		const own = shoot.rig.of(chosen.id);
		return clampedInWords(
			chosen.camera,
			lightFor(shoot.lights.light, own),
			intentOf(shoot.wanted.scene, own),
			outcome
		);
	});
	/** A flash that lights the subject brings its own daylight. */
	const cast = $derived(
		chosen && !shoot.answers.lit
			? castInWords(
					chosen.film,
					shoot.lights.resolved?.kelvin,
					shoot.rig.of(chosen.id).filters,
					shoot.answers.bag.filters
				)
			: ''
	);
	const tones = $derived(
		chosen && outcome && shoot.lights.resolved
			? rangeInWords(chosen.film, shoot.lights.resolved, outcome)
			: ''
	);
	const eye = $derived(chosen ? automaticExposure(chosen.camera) : null);
	const wheel = $derived(eye?.compensation ? wheelPositions(eye.compensation) : []);
	const aim = $derived(chosen ? aimInWords(chosen.camera, chosen.camera) : '');
	const unmet = $derived(
		chosen && !shoot.answers.previewed
			? (shoot.answers.given.get(chosen.id)?.unmet.includes('seconds') ?? false)
			: false
	);
	const narrow = $derived(shoot.line.narrow);
	const nothing = $derived(
		chosen !== undefined && nothingToSet(chosen.camera) && rows.every(({ must }) => !must) && !fails
	);
	/** What has to be known before the settings, the most pressing first; the rest stands below them. */
	const sentences = $derived.by((): { text: string; strong: boolean }[] => {
		if (!chosen || !outcome) return [];
		const but = outcome.verdict === 'just-enough' || outcome.verdict === 'usable' ? 'But' : 'And';
		const exposure = `${exposureSentence(outcome, chosen.film)} ${chanceSentence(outcome)}`;
		const all = [
			{ text: fails ? named : '', strong: true },
			...outcome.spoilers.map((spoiler) => ({
				text: `${but} ${spoilerInWords(spoiler, outcome, chosen.camera)}.`,
				strong: true
			})),
			{ text: clamped, strong: true },
			{ text: unmet ? 'It can’t reach the time you want; this is the closest.' : '', strong: true },
			{ text: exposure, strong: false },
			{ text: shoot.answers.lit ? backgroundInWords(shoot.answers.lit) : '', strong: false },
			{ text: tones, strong: false },
			{ text: cast, strong: false }
		];
		return all.filter(({ text }) => text !== '');
	});
	/** What makes it fail; where that is the film, with its cure. */
	const named = $derived.by(() => {
		if (!chosen || !outcome) return '';
		const why = whyInWords(outcome, chosen.film);
		const film = largestPart(outcome.why ?? {}, outcome.error)?.[0] === 'filmVersusEye';
		if (!why || !film || shoot.answers.previewed) return why;
		return mismatchInWords(chosen.camera, chosen.film, shoot.answers.bag.filters ?? []) || why;
	});
	const first = $derived(tight ? 0 : narrow ? 1 : sentences.length);
	const MOST_NAMED = 3;
	const others = $derived(
		shoot.answers.loaded.filter(
			({ id }) =>
				id !== chosen?.id &&
				['just-enough', 'usable'].includes(shoot.answers.given.get(id)?.best.verdict ?? '')
		)
	);
</script>

{#snippet said(some: typeof sentences)}
	{#each some as { text, strong } (text)}<p class={strong ? 'spoiler' : 'soft'}><Said {text} /></p>{/each}
{/snippet}

{#if chosen}
	<div class="must" bind:clientHeight={needs}>
		<div class="head">
			<strong>{chosen.camera.name}{narrow ? `, ${chosen.film.name}` : ''}</strong>
			<span class="soft figures">
				{#if chosen.secondsLeft !== null}shot {chosen.next}, {chosen.secondsLeft.toFixed(0)} s left
				{:else if chosen.finished}all {chosen.load.frames} frames taken
				{:else}frame {chosen.next} of {chosen.load.frames}{/if}
			</span>
		</div>
		{#if chosen.finished}
			<h2 class="verdict figure">Roll finished</h2>
		{:else if shoot.answers.failed}
			<h2 class="verdict figure">No answer</h2>
			<p class="notice">
				These settings don’t fit what’s saved of {chosen.camera.name}. Change them below, or
				<a class="plain-link" href={resolve(`/bag/camera/${chosen.camera.id}`)}>look at the camera</a>.
			</p>
		{:else if !outcome}
			<h2 class="verdict figure">Read the light</h2>
			<p class="soft">
				Look at the shadow of a post, or your own. Sharp and dark? That’s the first picture: pick it, and
				every camera here answers. You can log a frame without it, too: press the button.
			</p>
		{:else}
			<h2 class="verdict figure" class:fails style:color={verdictColour[outcome.verdict]}>
				<VerdictMark verdict={outcome.verdict} />
				{verdictTitle(outcome)}
			</h2>
			{#if first > 0}<div class="lead">{@render said(sentences.slice(0, first))}</div>{/if}
			{#if narrow}
				{#if nothing}<p class="nothing figure">Nothing to set: just take it.</p>{/if}
				<SettingRows {rows} {narrow} {tight} {wheel} turned={outcome.compensation} />
			{/if}
		{/if}
	</div>
	<div class="rest">
		{#if chosen.finished}
			<Later part={rollFinished} given={{ shoot, chosen }} />
		{:else if outcome}
			{#if narrow}
				<Equivalents {shoot} loaded={chosen} />
				{#if aim}<p class="spoiler">{aim}</p>{/if}
				{@render said(sentences.slice(first))}
			{/if}
			{#if !shoot.answers.previewed && !shoot.answers.lit}<Chances {shoot} {chosen} />{/if}
			{#if fails}
				<p class="notice">
					{worksInWords(shoot.answers.reaches.get(chosen.id)?.usable ?? [])}
					{#if others.length > 0}
						Here, take {anyOf(others.slice(0, MOST_NAMED).map(({ camera }) => camera.name))}{others.length >
						MOST_NAMED
							? ', among others'
							: ''}.
					{:else}
						Nothing in the bag works in this light as it is.
					{/if}
				</p>
			{/if}
			{#if nothing && !narrow}<p class="nothing figure">Nothing to set: just take it.</p>{/if}
			{#if fails}<Remedies {shoot} />{/if}
			{#if !narrow}
				<SettingRows {rows} {narrow} {wheel} turned={outcome.compensation} />
				<Equivalents {shoot} loaded={chosen} />
			{/if}
			<label class="support">
				<input
					type="checkbox"
					checked={shoot.rig.of(chosen.id).support}
					onchange={(event) => shoot.setChosen({ support: event.currentTarget.checked })}
				/>
				It’s on a tripod or a wall
			</label>
			{#if aim && !narrow}<p class="soft aim">{aim}</p>{/if}
			<Wants {shoot} />
			<Aids {shoot} loaded={chosen} />
			{#if !fails}<Remedies {shoot} />{/if}
			<details>
				<summary>On the camera</summary>
				<OnCamera {shoot} loaded={chosen} />
			</details>
		{:else if !chosen.finished}
			<details open={shoot.answers.failed}>
				<summary>On the camera</summary>
				<OnCamera {shoot} loaded={chosen} />
			</details>
		{/if}
	</div>
{/if}

<style>
	.head {
		display: flex;
		justify-content: space-between;
		gap: 1rem;
		font-size: 0.9375rem;
	}
	.verdict {
		font-size: clamp(2.1rem, 3.3vw, 2.75rem);
		letter-spacing: -0.02em;
		padding: 0.15rem 0 0.35rem;
	}
	.fails {
		font-size: clamp(1.9rem, 2.6vw, 2.1rem);
	}
	.verdict :global(svg) {
		width: 0.55em;
		height: 0.55em;
		vertical-align: 0.08em;
	}
	.spoiler {
		font-weight: var(--heavy);
		padding-bottom: 0.25rem;
	}
	.nothing {
		font-size: 1.25rem;
		padding-top: 0.5rem;
	}
	.notice {
		margin-top: 0.5rem;
	}
	.rest :global(summary) {
		display: flex;
		align-items: center;
		min-height: 2.75rem;
		font-weight: var(--heavy);
		border-top: 1px solid var(--line);
		cursor: pointer;
	}
	.rest :global(summary::after) {
		content: '+';
		margin-left: auto;
	}
	.rest :global(details[open] > summary::after) {
		content: '–';
	}
	@media (max-width: 820px), (max-height: 500px) {
		.verdict,
		.fails {
			font-size: 1.75rem;
			line-height: 1.1;
			padding: 0;
		}
		.lead {
			line-height: 1.25;
		}
		.head {
			line-height: 1.3;
		}
		.nothing {
			padding: 0;
		}
	}
	.support {
		display: flex;
		align-items: center;
		gap: 0.5rem;
		min-height: 2.75rem;
		border-top: 1px solid var(--line);
		cursor: pointer;
	}
</style>
