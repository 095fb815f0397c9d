<!-- Each kind of prediction as a row of its frames: what came out is filled, what did not is crossed. -->
<script lang="ts">
	import type { PromiseBin } from '$core/learn';
	import { capital, chanceInWords } from '$words';
	import { promiseInWords } from '$words/promise';

	let { bins }: { bins: readonly PromiseBin[] } = $props();

	/** More are not counted by looking. */
	const MOST = 40;
	const percent = (part: number) => `${Math.round(100 * part)} %`;
	const rows = $derived(
		bins
			.toSorted((a, b) => b.promised - a.promised)
			.map((bin) => ({ ...bin, out: Math.round(bin.cameOut * bin.frames), fits: promiseInWords(bin) }))
	);
</script>

<table class="rows">
	<thead>
		<tr><th scope="col">Predicted to come out</th><th scope="col">What did</th></tr>
	</thead>
	<tbody>
		{#each rows as { promised, frames, out, fits, interval } (promised)}
			<tr>
				<th scope="row">{capital(chanceInWords(promised))}</th>
				<td>
					{#if frames <= MOST}
						<span class="frames" aria-hidden="true">
							{#each { length: frames } as _, at (at)}<i class:lost={at >= out}></i>{/each}
						</span>
					{:else}
						<span class="bar" aria-hidden="true"><i style:width="{(100 * out) / frames}%"></i></span>
					{/if}
					<span class="figures">{out} of {frames}: {fits}.</span>
					<span class="soft small figures"
						>Its true rate is likely {percent(interval[0])} to {percent(interval[1])}.</span
					>
				</td>
			</tr>
		{/each}
	</tbody>
</table>

<style>
	th,
	td {
		padding-right: 0.75rem;
	}
	th[scope='row'] {
		width: 10rem;
	}
	.frames {
		display: flex;
		flex-wrap: wrap;
		gap: 3px;
		padding-bottom: 0.25rem;
	}
	.frames i {
		width: 1.1rem;
		height: 0.8rem;
		border: 1.5px solid var(--bar);
		border-radius: 1px;
		background: var(--bar);
	}
	.frames i.lost {
		border-color: var(--ink);
		background: linear-gradient(
			to top right,
			transparent calc(50% - 1px),
			var(--ink) calc(50% - 1px) calc(50% + 1px),
			transparent calc(50% + 1px)
		);
	}
	.bar {
		display: block;
		height: 0.8rem;
		margin-bottom: 0.25rem;
		border: 1.5px solid var(--bar);
	}
	.bar i {
		display: block;
		height: 100%;
		background: var(--bar);
	}
</style>
