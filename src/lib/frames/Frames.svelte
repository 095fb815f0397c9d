<!-- Each load with its frames in order. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { settingsInShort, verdictInShort } from '$core/words';
	import type { CameraRecord, FilmRecord, FrameRecord, LoadRecord } from '$contract/records';
	import { verdictColour } from '$lib/parts/verdict-colour';
	import VerdictMark from '$lib/parts/VerdictMark.svelte';
	import type { Kept } from '$lib/records/client';
	import { atMoment } from '$lib/parts/moment';
	import { frameLight } from './frame-words';

	interface LoadShown {
		load: Kept<LoadRecord>;
		camera: Kept<CameraRecord>;
		film: Kept<FilmRecord>;
	}
	let {
		loads,
		chosen,
		frames
	}: { loads: LoadShown[]; chosen: LoadShown | null; frames: Kept<FrameRecord>[] } = $props();
</script>

<svelte:head><title>Frames · Just Enough</title></svelte:head>
<div class="page">
	<h1>Frames</h1>
	{#if !chosen}
		<p class="soft">
			No film has been loaded yet. Once one is, each frame you take stands here with its light and settings:
			frame 1, grey day, f/11, just enough.
		</p>
		<p><a class="action" href={resolve('/bag/load')}>Load a film</a></p>
	{:else}
		<div class="columns">
			<nav aria-label="Loads">
				<ul>
					{#each loads as { load, camera, film } (load.id)}
						<li>
							<a
								href={resolve(`/frames?load=${load.id}`)}
								aria-current={load.id === chosen.load.id ? 'true' : undefined}
							>
								<strong>{camera.name}</strong>
								<span class="soft small">{film.name} · {load.unloadedAt ? 'taken out' : 'in the camera'}</span
								>
								<span class="soft small">{atMoment(load.loadedAt)}</span>
							</a>
						</li>
					{/each}
				</ul>
			</nav>
			<section aria-labelledby="load-title">
				<h2 id="load-title">{chosen.camera.name}, {chosen.film.name}</h2>
				<p class="soft">
					{frames.length} of {chosen.load.frames} frames logged, loaded {atMoment(chosen.load.loadedAt)}.
					{#if chosen.load.note}{chosen.load.note}.{/if}
				</p>
				{#if frames.length === 0}
					<p class="notice">
						Nothing taken on this load yet. On Shoot, one key logs a frame with all that the screen shows.
					</p>
				{:else}
					<div class="table-box">
						<table class="figures">
							<thead>
								<tr
									><th scope="col">Frame</th><th scope="col">Predicted</th><th scope="col">Settings</th><th
										scope="col">Light</th
									><th scope="col">Taken</th><th scope="col">Note</th></tr
								>
							</thead>
							<tbody>
								{#each frames as frame (frame.id)}
									<tr>
										<th scope="row"
											><a
												class="number figure"
												href={resolve(`/frames/${frame.id}`)}
												aria-label="Edit frame {frame.number}">{frame.number}</a
											></th
										>
										<td data-name="Predicted">
											<span class="verdict" style:color={verdictColour[frame.predicted.verdict]}>
												<VerdictMark verdict={frame.predicted.verdict} />
												{verdictInShort(frame.predicted)}
											</span>
										</td>
										<td data-name="Settings"
											>{settingsInShort(chosen.camera, frame.settings)}{frame.handheld === false
												? ', on a support'
												: ''}</td
										>
										<td data-name="Light">{frameLight(frame.light)}</td>
										<td data-name="Taken">{atMoment(frame.takenAt)}</td>
										<td data-name="Note" class="note">{frame.note ?? ''}</td>
									</tr>
								{/each}
							</tbody>
						</table>
					</div>
				{/if}
			</section>
		</div>
	{/if}
</div>

<style>
	.page {
		max-width: 80rem;
	}
	.columns {
		display: grid;
		grid-template-columns: 14rem minmax(0, 1fr);
		gap: 2rem;
		padding-top: 1rem;
	}
	nav a {
		display: grid;
		padding: 0.5rem 0.75rem;
		border-left: 4px solid transparent;
		text-decoration: none;
		line-height: 1.3;
	}
	nav a[aria-current] {
		border-color: var(--ink);
		background: var(--hollow);
	}
	.table-box {
		padding-top: 0.75rem;
		overflow-x: auto;
	}
	table {
		width: 100%;
		border-collapse: collapse;
	}
	th,
	td {
		text-align: left;
		padding: 0.45rem 1rem 0.45rem 0;
		border-bottom: 1px solid var(--line);
		vertical-align: baseline;
		font-size: 0.9375rem;
	}
	thead th {
		font-weight: var(--heavy);
	}
	.number {
		font-size: 1.25rem;
		display: inline-block;
		min-width: 2.75rem;
		padding: 0.4rem 0;
	}
	.verdict {
		font-weight: var(--heavy);
		white-space: nowrap;
	}
	.note {
		max-width: 18rem;
	}
	@media (max-width: 820px) {
		.columns {
			grid-template-columns: minmax(0, 1fr);
			gap: 1rem;
		}
		nav ul {
			display: flex;
			overflow-x: auto;
			gap: 0.25rem;
		}
		nav a {
			min-width: 10rem;
			border-left: 0;
			border-bottom: 4px solid transparent;
		}
		thead {
			position: absolute;
			left: -100rem;
		}
		tr {
			display: grid;
			grid-template-columns: 3.25rem 1fr;
			border-bottom: 1px solid var(--line);
			padding: 0.4rem 0;
		}
		th,
		td {
			border: 0;
			padding: 0.05rem 0;
		}
		tbody th {
			grid-row: 1 / 6;
		}
		td {
			grid-column: 2;
		}
		td[data-name='Taken'] {
			display: none;
		}
		td:empty {
			display: none;
		}
	}
</style>
