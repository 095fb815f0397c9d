<!-- An outing on paper. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import { plannedScene, scenesInOrder } from '$core/plan';
	import { formatClock } from '$core/units';
	import { framesInWords, needsInWords, plannedInWords, sceneLightInWords } from '$words';
	import type { OutingRecord } from '$contract/records';
	import { dateInWords } from '$words';
	import type { BagRecords } from '$lib/shoot/bag';

	let { outing, records }: { outing: OutingRecord & { id: string }; records: BagRecords } = $props();

	const rows = $derived(
		scenesInOrder(outing).map((scene) => {
			const { cameras, films } = records;
			const planned = plannedScene(outing, scene, { cameras, films });
			return {
				scene,
				planned,
				needs: needsInWords(scene),
				plan: planned ? plannedInWords(planned, scene.take?.handheld !== false) : 'not packed yet'
			};
		})
	);
	/** All that the scenes are taken with, each once. */
	const carried = $derived.by(() => {
		const plans = rows.flatMap(({ planned }) => planned ?? []);
		const names = plans.flatMap(({ camera, film, filters: worn }) => [camera, film, ...worn]);
		const held = outing.scenes.some(({ take }) => take?.handheld === false);
		return [...new Set(names.map(({ name }) => name)), ...(held ? ['a tripod'] : [])].join(', ');
	});
	const print = () => window.print();
</script>

<svelte:head><title>{outing.name} · Just Enough</title></svelte:head>
<div class="page">
	<p class="screen"><a class="plain-link" href={resolve(`/plan/outings/${outing.id}`)}>{outing.name}</a></p>
	<h1>{outing.name}</h1>
	<p>{dateInWords(outing.date)}{outing.where.name ? `, ${outing.where.name}` : ''}</p>
	{#if carried}<p><strong>Carry: {carried}.</strong></p>{/if}
	<div class="table-box">
		<table>
			<thead
				><tr
					><th scope="col">At</th><th scope="col">Scene</th><th scope="col">How</th><th scope="col">Frames</th
					></tr
				></thead
			>
			<tbody>
				{#each rows as { scene, needs, plan } (scene.id)}
					<tr>
						<td class="figures">{formatClock(scene.at)}</td>
						<td>
							<strong>{scene.name}</strong>
							<p class="small">{sceneLightInWords(scene.light)}{needs ? `; ${needs}` : ''}</p>
						</td>
						<td>{plan}</td>
						<td class="figures boxes" aria-label={framesInWords(scene.frames)}
							>{#each Array.from({ length: Math.min(12, scene.frames) }, (_, at) => at) as box (box)}<span
									aria-hidden="true"
								></span>{/each}{#if scene.frames > 12}<span class="count">of {scene.frames}</span>{/if}</td
						>
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
	<p class="small">
		Never look at the sun through a finder. At night, watch for traffic and the tide, and tell someone where
		you’re going.
	</p>
	<p class="screen"><button class="action" onclick={print}>Print</button></p>
</div>

<style>
	table {
		width: 100%;
		border-collapse: collapse;
		margin-block: 1rem;
	}
	th {
		text-align: left;
	}
	td,
	th {
		border-bottom: 1px solid var(--line);
		padding: 0.5rem 0.75rem 0.5rem 0;
		vertical-align: top;
	}
	.boxes {
		width: 7rem;
	}
	td:nth-child(3) {
		width: 45%;
	}
	.boxes span:not(.count) {
		display: inline-block;
		width: 1.1rem;
		height: 1.1rem;
		margin: 0 0.25rem 0.25rem 0;
		border: 1.5px solid var(--ink);
	}
	@media print {
		.screen {
			display: none;
		}
		tr {
			break-inside: avoid;
		}
	}
</style>
