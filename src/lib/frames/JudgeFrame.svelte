<!-- How a frame came out: beside simulated prints, from a scan, or by eye; what else is wrong with it; keep or not. -->
<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { isDevelopedLater } from '$core/film';
	import { judgedInWords } from '$words';
	import { lensOf, printsToPick, type Told } from '$core/prints';
	import { formatDoubt } from '$core/units';
	import { faults, tones, type Fault, type Judge, type Judgement, type Tone } from '$contract/frames';
	import type { PictureRecord } from '$contract/pictures';
	import type { CameraRecord, FilmRecord, FrameRecord } from '$contract/records';
	import Pictures from '$lib/parts/Pictures.svelte';
	import type { ShownPicture } from '$lib/parts/shown-picture';
	import { pictures as onTheirWay } from '$lib/records/pictures.svelte';
	import Print from '$lib/prints/Print.svelte';
	import { replace, type Kept } from '$lib/records/client';
	import { frameLight, frameSettings } from '$words/frame';
	import Promised from './Promised.svelte';
	import { lastEdit } from './last-edit.svelte';
	import NegativeFields from './NegativeFields.svelte';
	import PictureJudge from './PictureJudge.svelte';
	import { refresh } from '$lib/records/refresh';

	interface Props {
		frame: Kept<FrameRecord>;
		camera: CameraRecord;
		film: FilmRecord;
		pictures: PictureRecord[];
		next: { id: string; number: number } | null;
		/** The picture that it is judged by, to begin with. */
		picked?: string | null;
	}
	let { frame, camera, film, pictures, next, picked = null }: Props = $props();

	const steps = $derived(printsToPick(frame.predicted?.error ?? 0));
	/** Doubt of a look beside the prints, and without them, stops; common practice. */
	const BESIDE = 1 / 3;
	const byWhat: Record<Judge, string> = {
		eye: '',
		prints: '',
		scan: ', by the scan',
		picture: ', by its picture'
	};
	const toneNames: Record<Tone, string> = { shadows: 'shadows are gone', highlights: 'highlights are gone' };
	const faultNames: Record<Fault, string> = {
		blur: 'blurred',
		focus: 'out of focus',
		cast: 'wrong colour',
		fog: 'fogged',
		flare: 'flare',
		dirt: 'dirt or spots',
		framing: 'badly framed'
	};

	// svelte-ignore state_referenced_locally -- begins with what was judged before
	let draft = $state<Partial<Judgement>>({ ...frame.judged });
	let busy = $state(false);
	let message = $state('');
	// svelte-ignore state_referenced_locally -- see above
	let scan = $state.raw<ShownPicture | null>(
		[...pictures, ...onTheirWay.of('frame', frame.id)].find(({ id }) => id === picked) ?? null
	);

	const nearest = $derived(
		draft.stops === undefined
			? -1
			: steps.reduce(
					(best, step, at) =>
						Math.abs(step - draft.stops!) < Math.abs(steps[best] - draft.stops!) ? at : best,
					0
				)
	);
	const toggled = <T,>(list: readonly T[] | undefined, item: T, on: boolean) => {
		const rest = (list ?? []).filter((each) => each !== item);
		return on ? [...rest, item] : rest;
	};

	function match(stops: number) {
		draft = { ...draft, stops: Number(stops.toFixed(4)), sd: BESIDE, by: 'prints' };
	}

	function fromPicture({ stops, sd }: Told, by: 'scan' | 'picture') {
		draft = { ...draft, stops: Number(stops.toFixed(3)), sd: Number(sd.toFixed(3)), by };
	}

	/** What is judged so far, without what is not said; nothing before a print is picked. */
	function judgement(): Judgement | null {
		const { stops, sd, by = 'eye', lost = [], faults: wrong = [], kept, look } = draft;
		if (stops === undefined || sd === undefined) return null;
		const looked = look && Object.values(look).some((value) => value !== undefined);
		return {
			stops,
			sd,
			by,
			judgedAt: new Date().toISOString(),
			...(lost.length > 0 ? { lost } : {}),
			...(wrong.length > 0 ? { faults: wrong } : {}),
			...(kept === undefined ? {} : { kept }),
			...(looked ? { look: $state.snapshot(look) } : {})
		};
	}

	async function save(then: string) {
		const judged = judgement();
		if (!judged) {
			message = 'First pick the print that looks most like yours.';
			return;
		}
		busy = true;
		const written = await replace('frames', { ...frame, judged });
		busy = false;
		if (written.result === 'saved') {
			lastEdit.remember(frame, written.record);
			// eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved where it is named
			await goto(then, { invalidateAll: true });
		} else if (written.result === 'stale') {
			await refresh();
			message = 'This frame was changed elsewhere meanwhile. Your judgement is still here: save it again.';
		} else message = 'Not saved: the server isn’t answering. Your judgement is kept here; try again.';
	}

	const toLoad = $derived(resolve(`/frames?load=${frame.loadId}`));
</script>

<svelte:head><title>Judge frame {frame.number} · Just Enough</title></svelte:head>
<div class="page">
	<p><a class="plain-link" href={resolve(`/frames?load=${frame.loadId}`)}>Frames</a></p>
	<h1>Frame {frame.number} of {camera.name}: how did it come out?</h1>
	<p class="soft">
		{#if frame.predicted}<span>Predicted: <Promised {frame} />;&nbsp;</span>{/if}{frameSettings(
			camera,
			frame
		)}, {frameLight(frame.light)}.
		{frame.subject ?? ''}
	</p>

	<fieldset>
		<legend>Which of these looks most like yours?</legend>
		<p class="soft small">
			A simulated scene on {film.name}. Judge how light or dark it is overall: the sand, the grey card, the
			shed door.
			{#if film.type.endsWith('negative')}Compare a print or scan made without automatic correction.{/if}
		</p>
		<div class="prints">
			{#each steps as stops, at (at)}
				<label class:picked={at === nearest}>
					<input
						type="radio"
						name="print"
						value={String(at)}
						checked={at === nearest}
						onchange={() => match(stops)}
					/>
					<Print
						type={film.type}
						error={stops}
						width={200}
						height={150}
						seed={9}
						lens={lensOf(camera)}
						straight
						seen
					/>
					<span class="small">{judgedInWords({ stops })}</span>
				</label>
			{/each}
		</div>
		<p role="status">
			{#if draft.stops !== undefined && draft.sd !== undefined}
				<strong>It came out {judgedInWords({ stops: draft.stops })}</strong>, give or take {formatDoubt(
					draft.sd
				)}{byWhat[draft.by ?? 'eye']}.
			{/if}
		</p>
	</fieldset>

	<fieldset>
		<legend>Its scan, or a picture of it</legend>
		<Pictures
			owner="frame"
			ownerId={frame.id}
			{pictures}
			what="scan"
			pick="Judge from it"
			onpick={(picture) => (scan = picture)}
		/>
		{#if scan}
			{#key scan.id}<PictureJudge picture={scan} type={film.type} onread={fromPicture} />{/key}
		{/if}
	</fieldset>

	<fieldset class="ticks">
		<legend>Anything else wrong with it?</legend>
		{#each tones as tone (tone)}
			<label class="tick-box">
				<input
					type="checkbox"
					checked={draft.lost?.includes(tone) ?? false}
					onchange={(event) =>
						(draft = { ...draft, lost: toggled(draft.lost, tone, event.currentTarget.checked) })}
				/>
				{toneNames[tone]}
			</label>
		{/each}
		{#each faults as fault (fault)}
			<label class="tick-box">
				<input
					type="checkbox"
					checked={draft.faults?.includes(fault) ?? false}
					onchange={(event) =>
						(draft = { ...draft, faults: toggled(draft.faults, fault, event.currentTarget.checked) })}
				/>
				{faultNames[fault]}
			</label>
		{/each}
	</fieldset>
	{#if isDevelopedLater(film)}
		<fieldset>
			<legend>Its negative</legend>
			<NegativeFields look={draft.look ?? {}} onchange={(look) => (draft = { ...draft, look })} />
		</fieldset>
	{/if}
	<fieldset class="ticks">
		<legend>Keep it?</legend>
		{#each [{ name: 'yes', kept: true }, { name: 'no', kept: false }, { name: 'not decided', kept: undefined }] as { name, kept } (name)}
			<label class="tick-box">
				<input
					type="radio"
					name="kept"
					checked={draft.kept === kept}
					onchange={() => (draft = { ...draft, kept })}
				/>
				{name}
			</label>
		{/each}
	</fieldset>

	<div class="end">
		{#if message}<p role="alert">{message}</p>{/if}
		{#if next}
			<button class="action" disabled={busy} onclick={() => save(resolve(`/frames/${next.id}/judge`))}>
				Save and judge frame {next.number}
			</button>
			<button class="quiet" disabled={busy} onclick={() => save(toLoad)}>Save</button>
		{:else}
			<button class="action" disabled={busy} onclick={() => save(toLoad)}>Save</button>
		{/if}
	</div>
</div>

<style>
	.page {
		max-width: 76rem;
		display: grid;
		gap: 1rem;
	}
	.prints {
		display: grid;
		grid-template-columns: repeat(7, minmax(0, 1fr));
		gap: 0.5rem;
		padding-block: 0.5rem;
	}
	.prints label {
		display: grid;
		gap: 0.2rem;
		padding: 0.3rem;
		cursor: pointer;
		border: 3px solid transparent;
		text-align: center;
		line-height: 1.2;
	}
	.prints input {
		position: absolute;
		opacity: 0;
	}
	.prints label.picked {
		border-color: var(--ink);
		font-weight: var(--heavy);
	}
	.prints label:focus-within {
		outline: 2px dashed var(--ink);
	}
	.ticks {
		display: flex;
		flex-wrap: wrap;
		gap: 0 1.25rem;
	}
	.end {
		display: flex;
		flex-wrap: wrap;
		gap: 0.75rem;
		align-items: center;
		position: sticky;
		bottom: 0;
		background: var(--paper);
		padding-block: 0.5rem;
		border-top: 1px solid var(--line);
	}
	@media (max-width: 820px) {
		.prints {
			grid-template-columns: repeat(3, minmax(0, 1fr));
		}
	}
</style>
