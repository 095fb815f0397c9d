<!-- The record was changed elsewhere: both versions, and whose to keep. -->
<script lang="ts">
	interface Props {
		mine: object;
		theirs: object;
		/** It was changed here while this device was apart from the server. */
		apart?: boolean;
		onmine: () => void;
		ontheirs: () => void;
	}
	let { mine, theirs, apart = false, onmine, ontheirs }: Props = $props();

	const flat = (value: unknown, path = ''): [string, string][] =>
		typeof value === 'object' && value !== null
			? Object.entries(value).flatMap(([key, inner]) => flat(inner, path ? `${path}.${key}` : key))
			: [[path, String(value)]];

	const bookkeeping = ['id', 'version'];
	const differences = $derived.by(() => {
		const [own, other] = [new Map(flat(mine)), new Map(flat(theirs))];
		const paths = [...new Set([...own.keys(), ...other.keys()])].filter(
			(path) => !bookkeeping.includes(path)
		);
		return paths
			.map((path) => ({ path, mine: own.get(path) ?? '–', theirs: other.get(path) ?? '–' }))
			.filter((row) => row.mine !== row.theirs);
	});
</script>

<section class="notice" role="alert" aria-label="Changed elsewhere">
	<p>
		{#if apart}<strong>This was changed here and elsewhere.</strong>
		{:else}<strong>This was changed elsewhere while you were editing.</strong> Nothing is saved yet.{/if} Which
		version is right?
	</p>
	{#if differences.length > 0}
		<table>
			<thead><tr><th>What differs</th><th>Yours</th><th>Stored</th></tr></thead>
			<tbody>
				{#each differences as row (row.path)}
					<tr><th scope="row">{row.path}</th><td>{row.mine}</td><td>{row.theirs}</td></tr>
				{/each}
			</tbody>
		</table>
	{/if}
	<div class="buttons">
		<button class="action" type="button" onclick={onmine}>Save mine</button>
		<button class="quiet" type="button" onclick={ontheirs}>Use the stored one</button>
	</div>
</section>

<style>
	table {
		margin: 0.75rem 0;
	}
	th,
	td {
		text-align: left;
		padding: 0.2rem 1.5rem 0.2rem 0;
	}
	th[scope='row'] {
		font-weight: 400;
	}
	.buttons {
		display: flex;
		flex-wrap: wrap;
		gap: 0.75rem;
	}
</style>
