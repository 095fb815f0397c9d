<!-- What happens to each frame of a load if it is developed otherwise than it was shot for; and saying so to the load. -->
<script lang="ts">
	import { whatHappens } from '$core/develop';
	import type { Process } from '$core/film';
	import { changedInWords, processInWords } from '$words';
	import type { CameraRecord, FilmRecord, FrameRecord, LoadRecord } from '$contract/records';
	import { isRead } from '$contract/predicted';
	import VerdictMark from '$lib/parts/VerdictMark.svelte';
	import { replace, type Kept } from '$lib/records/client';
	import { refresh } from '$lib/records/refresh';

	interface Props {
		load: Kept<LoadRecord>;
		camera: CameraRecord;
		/** As the load was to be developed so far. */
		film: FilmRecord;
		frames: readonly FrameRecord[];
		next: Process | undefined;
		onsaved?: () => void;
	}
	let { load, camera, film, frames, next, onsaved }: Props = $props();

	let message = $state('');
	const stops = $derived((next?.stops ?? 0) - (load.process?.stops ?? 0));
	const changed = $derived(whatHappens(camera, film, frames.filter(isRead), stops));

	async function save() {
		const { process: _, ...rest } = load;
		const written = await replace('loads', { ...rest, ...(next ? { process: $state.snapshot(next) } : {}) });
		if (written.result === 'saved') {
			message = '';
			onsaved?.();
		} else if (written.result === 'stale')
			message = 'This load was changed elsewhere. This is how it is now; save again.';
		else message = 'Not saved: the server isn’t answering. Try again.';
		if (written.result !== 'unreachable') await refresh();
	}
</script>

<div class="change">
	<p>{next ? `From now on ${processInWords(next)}.` : 'From now on: as the film says.'}</p>
	{#if stops !== 0 && changed.length > 0}
		<p>Frames already shot come out differently:</p>
		<ul class="figures">
			{#each changed as each (each.number)}
				<li><VerdictMark verdict={each.after.verdict} /> {changedInWords(each)}</li>
			{/each}
		</ul>
	{/if}
	{#if message}<p role="alert">{message}</p>{/if}
	<button class="action" onclick={save}>Develop it this way</button>
</div>

<style>
	.change {
		display: grid;
		gap: 0.5rem;
		justify-items: start;
	}
</style>
