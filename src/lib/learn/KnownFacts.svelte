<!-- What the person knows of their cameras without any frame here: said in one line, it teaches as a judged frame does. -->
<script lang="ts">
	import { printsToPick } from '$core/prints';
	import { schools, type ShadowEdgeCondition } from '$core/light';
	import { knownInWords, judgedInWords, wheelInWords } from '$words';
	import { formatAperture, formatTime } from '$core/units';
	import type { CameraRecord, FilmRecord } from '$contract/records';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import { replace, type Kept } from '$lib/records/client';
	import { refresh } from '$lib/records/refresh';
	import { choicesOf, experienceOf, sureness, usualOf, withoutKnown, type KnownDraft } from './known-draft';

	let { cameras, films }: { cameras: Kept<CameraRecord>[]; films: Kept<FilmRecord>[] } = $props();

	const outcomes = printsToPick(0);
	const RIGHT = outcomes.indexOf(0);
	const fresh = (): KnownDraft => ({ condition: 'sharp', intent: {}, stops: 0, sd: 0.25 });

	let cameraId = $state('');
	let filmId = $state('');
	let draft = $state(fresh());
	let message = $state('');

	const camera = $derived(cameras.find(({ id }) => id === cameraId) ?? cameras[0]);
	const offered = $derived(films.filter(({ archived }) => !archived));
	const film = $derived(offered.find(({ id }) => id === filmId) ?? offered[0]);
	const choices = $derived(camera && choicesOf(camera));
	const intent = $derived({ ...(choices && usualOf(choices)), ...draft.intent });
	const said = $derived(
		cameras.flatMap((body) =>
			(body.known ?? []).flatMap((each, at) => {
				const inside = films.find(({ id }) => id === each.filmId);
				return inside ? [{ body, at, words: knownInWords(body, inside, each) }] : [];
			})
		)
	);
	const conditions = Object.entries(schools['shadow-edge'].conditions) as [
		ShadowEdgeCondition,
		{ words: string }
	][];

	function pickCamera(id: string) {
		cameraId = id;
		draft = { ...fresh(), stops: draft.stops, sd: draft.sd };
	}
	const set = (intent: Partial<KnownDraft['intent']>) =>
		(draft = { ...draft, intent: { ...draft.intent, ...intent } });

	async function keep(body: Kept<CameraRecord>, done: string) {
		const written = await replace('cameras', body);
		if (written.result === 'saved') message = done;
		else if (written.result === 'stale')
			message = 'It was changed elsewhere; here is how it is now. Try again.';
		else if (written.result === 'invalid') message = written.issues.map((issue) => issue.message).join('; ');
		else message = 'Not saved: the server isn’t answering.';
		await refresh();
	}

	async function add(event: SubmitEvent) {
		event.preventDefault();
		if (!camera || !film) return;
		const each = experienceOf(camera, film, $state.snapshot(draft), new Date().toISOString());
		const known = [...(camera.known ?? []), each];
		await keep({ ...camera, known }, `Saved: ${knownInWords(camera, film, each)}`);
	}

	const remove = (body: Kept<CameraRecord>, place: number) => keep(withoutKnown(body, place), 'Removed.');
	const places = (values: readonly number[], words: (value: number) => string) =>
		values.map((value) => ({ value: String(value), name: words(value) }));
</script>

{#if camera && film && choices}
	<section aria-labelledby="known-title">
		<h2 id="known-title">What you already know</h2>
		<p class="soft">
			If you’ve shot it for years, say what comes out right. It counts like a judged frame. “Dial at 150,
			wheel ½ toward lighten, 800 film: right.”
		</p>
		{#if said.length > 0}
			<ul>
				{#each said as { body, at, words } (`${body.id} ${at}`)}
					<li>
						<span>{words}</span>
						<button class="quiet" onclick={() => remove(body, at)} aria-label="Remove: {words}">
							Remove it
						</button>
					</li>
				{/each}
			</ul>
		{/if}
		<form onsubmit={add}>
			<div class="fields">
				<ChoiceField
					label="Camera"
					value={camera.id}
					options={cameras.map(({ id, name }) => ({ value: id, name }))}
					onchange={pickCamera}
				/>
				<ChoiceField
					label="Film"
					value={film.id}
					options={offered.map(({ id, name }) => ({ value: id, name }))}
					onchange={(id) => (filmId = id)}
				/>
				{#if choices.positions.length > 0}
					<ChoiceField
						label="Lever"
						value={intent.position ?? ''}
						options={choices.positions.map((label) => ({ value: label, name: label }))}
						onchange={(position) => set({ position })}
					/>
				{/if}
				{#if choices.apertures.length > 0}
					<ChoiceField
						label="Aperture"
						value={String(intent.aperture)}
						options={places(choices.apertures, formatAperture)}
						onchange={(aperture) => set({ aperture: Number(aperture) })}
					/>
				{/if}
				{#if choices.times.length > 0}
					<ChoiceField
						label="Shutter speed"
						value={String(intent.seconds)}
						options={places(choices.times, formatTime)}
						onchange={(seconds) => set({ seconds: Number(seconds) })}
					/>
				{/if}
				{#if choices.dial.length > 0}
					<ChoiceField
						label="Film-speed dial"
						value={String(intent.iso)}
						options={places(choices.dial, (iso) => `ISO ${iso}`)}
						onchange={(iso) => set({ iso: Number(iso) })}
					/>
				{/if}
				{#if choices.wheel.length > 0}
					<ChoiceField
						label="Wheel"
						value={String(intent.compensation)}
						options={places(choices.wheel, wheelInWords)}
						onchange={(place) => set({ compensation: Number(place) })}
					/>
				{/if}
				{#if choices.light}
					<ChoiceField
						label="In which light"
						value={draft.condition}
						options={conditions.map(([value, { words }]) => ({ value, name: words }))}
						onchange={(condition) => (draft = { ...draft, condition })}
					/>
				{/if}
				<ChoiceField
					label="Comes out"
					value={String(outcomes.indexOf(draft.stops) < 0 ? RIGHT : outcomes.indexOf(draft.stops))}
					options={outcomes.map((stops, at) => ({ value: String(at), name: judgedInWords({ stops }) }))}
					onchange={(at) => (draft = { ...draft, stops: outcomes[Number(at)] })}
				/>
				<ChoiceField
					label="How sure"
					value={String(draft.sd)}
					options={sureness}
					onchange={(sd) => (draft = { ...draft, sd: Number(sd) })}
				/>
			</div>
			<button class="quiet">Add it</button>
		</form>
		<p role="status">{message}</p>
	</section>
{/if}

<style>
	section {
		padding-top: 1rem;
	}
	section > p {
		max-width: 46rem;
	}
	li {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0.25rem 0.75rem;
		padding-block: 0.25rem;
	}
	form {
		display: grid;
		gap: 0.75rem;
		justify-items: start;
		padding-top: 0.5rem;
	}
	.fields {
		width: 100%;
	}
</style>
