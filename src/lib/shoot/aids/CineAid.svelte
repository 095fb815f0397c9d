<!-- A spool: shots planned and taken, the counter, the flip, and what a moving shot needs. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { v4 as uuid } from 'uuid';
	import { automaticExposure } from '$core/camera';
	import {
		panLimit,
		panSetting,
		shotList,
		shutterAngle,
		shutterSeconds,
		takenShots,
		type PlannedShot
	} from '$core/cine';
	import { resolveLight } from '$core/light';
	import { formatAperture, formatStops, formatTime } from '$core/units';
	import { counterInWords, panInWords, shotInWords, turnInWords, verdictInShort } from '$words';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import NumberBox from '$lib/forms/NumberBox.svelte';
	import { intentOf } from '../wishes';
	import type { AidProps } from './aids';

	let { shoot, loaded, done }: AidProps = $props();

	const USUAL_SECONDS = 5;
	/** How far the other end of a shot may lie, stops. */
	const ENDS = [-5, -4, -3, -2, -1, 1, 2, 3, 4, 5];

	const { camera, film, load } = $derived(loaded);
	const { logging } = $derived(shoot);
	const spool = $derived(load.spool!);
	const planned = $derived(load.shots ?? []);
	const list = $derived(shotList(spool, planned, takenShots(loaded.frames), load.flippedAfter));
	const taking = $derived(logging.draftOf(loaded.id).shot);
	const flips = $derived(spool.sides > 1 && load.flippedAfter === undefined && list.counter.side === 1);

	let title = $state('');
	let seconds = $state<number | undefined>(USUAL_SECONDS);
	let undo = $state.raw<PlannedShot[] | null>(null);

	async function plan(shots: PlannedShot[]) {
		await logging.plan(loaded, { shots });
	}
	async function add(event: SubmitEvent) {
		event.preventDefault();
		if (title.trim() === '' || seconds === undefined) return;
		undo = null;
		await plan([...planned, { id: uuid(), title: title.trim(), seconds }]);
		if (logging.problem === '') title = '';
	}
	async function drop(id: string) {
		const before = planned;
		await plan(planned.filter((shot) => shot.id !== id));
		if (logging.problem === '') undo = [...before];
	}
	async function back() {
		if (undo) await plan(undo);
		undo = null;
	}
	async function up(id: string) {
		const at = planned.findIndex((shot) => shot.id === id);
		await plan(planned.with(at - 1, planned[at]).with(at, planned[at - 1]));
	}
	function take({ id, title: name }: PlannedShot) {
		logging.setDraft(loaded.id, { shot: id, subject: name });
		done();
	}

	let other = $state(-3);
	const light = $derived(shoot.lights.light ? resolveLight(shoot.lights.light) : null);
	const intent = $derived(intentOf(shoot.wanted.scene, shoot.rig.of(loaded.id)));
	const pan = $derived(
		light ? panSetting(camera, film, { from: light.ev, to: light.ev + other, sd: light.sd }, intent) : null
	);
	const exposure = $derived(camera.shutter.kind === 'fixed' ? camera.shutter.seconds : 1 / 30);
	const turn = $derived(panLimit(camera, exposure));
	const rate = $derived(camera.framesPerSecond ?? spool.framesPerSecond);
	let angle = $state<number | undefined>(undefined);
</script>

<section aria-labelledby="shots-title">
	<p class="answer figure figures" role="status">{counterInWords(list)}</p>
	{#if list.toCome > list.left}
		<p><strong>The planned shots need {list.toCome.toFixed(0)} s: more than there is.</strong></p>
	{/if}
	{#if flips}
		<p>
			Side one ends at {spool.feet} ft: flip the spool in dim light, thread it again, reset the counter.
			<button class="quiet" onclick={() => logging.plan(loaded, { flippedAfter: list.ran })}
				>I’ve flipped it</button
			>
		</p>
	{:else if load.flippedAfter !== undefined}
		<p>
			Flipped after {load.flippedAfter.toFixed(0)} s.
			<button class="plain-link" onclick={() => logging.plan(loaded, { flippedAfter: undefined })}
				>I haven’t</button
			>
		</p>
	{/if}
	<h3 id="shots-title">Shots</h3>
	{#if planned.length === 0}
		<p class="soft">None planned. Three to ten seconds each: “Ferry comes in, 8 s”.</p>
	{/if}
	<ol>
		{#each list.rows as row, at (row.id)}
			<li class:done={row.taken > 0}>
				<span class="what">
					<strong>{row.title}</strong>
					<span class="soft figures">{shotInWords(row)}</span>
				</span>
				<span class="buttons">
					{#if at > 0 && row.taken === 0}
						<button class="quiet" aria-label="{row.title}: earlier" onclick={() => up(row.id)}>↑</button>
					{/if}
					{#if row.taken === 0}
						<button class="quiet" aria-label="{row.title}: drop" onclick={() => drop(row.id)}>Drop</button>
						<button class="quiet" aria-pressed={taking === row.id} onclick={() => take(row)}>
							{taking === row.id ? 'Next' : 'Take next'}<span class="sr-only">: {row.title}</span>
						</button>
					{/if}
				</span>
			</li>
		{/each}
	</ol>
	<p role="status">
		{#if undo}Dropped. <button class="plain-link" onclick={back}>Undo</button>{/if}
		{logging.problem}
	</p>
	<form class="fields" onsubmit={add}>
		<label class="line">
			<strong>Another shot</strong>
			<input type="text" maxlength="80" bind:value={title} />
		</label>
		<NumberBox
			label="How long, s"
			value={seconds}
			least={0.1}
			most={3600}
			problem="must be seconds, such as 5"
			onchange={(value) => (seconds = value)}
		/>
		<button class="quiet add">Plan it</button>
	</form>
	<p>
		<a class="plain-link" href={resolve(`/api/loads/${load.id}/shots.csv`)} download>Shot list as CSV</a>
	</p>
</section>

<section aria-labelledby="pan-title">
	<h3 id="pan-title">From one light to another</h3>
	{#if !pan}
		<p>First read the light at the start of the shot.</p>
	{:else if automaticExposure(camera)}
		<p>The eye follows the light by itself; in deep shade it stops at its widest.</p>
	{:else}
		<div class="fields">
			<ChoiceField
				label="At its end the light is"
				value={String(other)}
				options={ENDS.map((stops) => ({
					value: String(stops),
					name: `${formatStops(stops)} ${stops < 0 ? 'darker' : 'brighter'}`
				}))}
				onchange={(stops) => (other = Number(stops))}
			/>
		</div>
		<p class="answer figure">{panInWords(pan)}</p>
		{#if pan.beyond > 0}
			<p>
				No single aperture suits both. Set for the start alone ({formatAperture(pan.alone.begin.f)}) it is
				{verdictInShort(pan.alone.begin)} there; for its end alone ({formatAperture(pan.alone.end.f)})
				{verdictInShort(pan.alone.end)}. Cut between, or turn the ring as you go.
			</p>
		{/if}
	{/if}
	<p>{turnInWords(turn)}</p>
</section>

<section aria-labelledby="shutter-title">
	<h3 id="shutter-title">The time of each frame</h3>
	<p>
		{formatTime(exposure)} at {rate} frames a second: a shutter open for {shutterAngle(
			rate,
			exposure
		).toFixed(0)}° of its turn.
	</p>
	<div class="fields">
		<NumberBox
			label="Shutter angle, degrees"
			value={angle}
			least={1}
			most={360}
			problem="must be degrees, such as 180"
			onchange={(value) => (angle = value)}
		/>
	</div>
	{#if angle !== undefined}<p>Then each frame gets {formatTime(shutterSeconds(rate, angle))}.</p>{/if}
</section>

<style>
	li {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0.25rem 0.75rem;
		padding: 0.25rem 0;
		border-bottom: 1px solid var(--line);
	}
	.what {
		flex: 1 1 14rem;
		display: grid;
	}
	.done strong {
		text-decoration: line-through;
	}
	.buttons {
		display: flex;
		gap: 0.35rem;
	}
	.line {
		display: grid;
		gap: 0.25rem;
	}
	.line input {
		width: 100%;
		min-width: 0;
		min-height: 2.75rem;
		padding: 0 0.6rem;
		background: var(--panel);
		border: 1px solid var(--edge);
		border-radius: var(--radius-base);
	}
	.add {
		align-self: end;
	}
</style>
