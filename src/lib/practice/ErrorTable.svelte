<!-- How guesses run, by something about them. -->
<script lang="ts">
	import type { EyeError } from '$core/practice';
	import { formatStops } from '$core/units';

	import { eyeErrorInWords, withinInWords } from '$core/words';

	interface Props {
		title: string;
		/** What the rows are. */
		of: string;
		rows: readonly { name: string; error: EyeError }[];
		/** What is counted. */
		counted?: string;
	}
	let { title, of, rows, counted = 'Guesses' }: Props = $props();
	const id = $props.id();

	const capital = (text: string) => text[0].toUpperCase() + text.slice(1);
	const amount = (stops: number) => (stops < 1 / 6 ? 'under ⅓' : formatStops(stops));
	const spreadOf = ({ spread, spreadWithin }: EyeError) =>
		spread === undefined
			? 'one is not enough'
			: `${amount(spread)}, truly ${amount(spreadWithin![0])} to ${amount(spreadWithin![1])}`;
</script>

<section aria-labelledby={id}>
	<h2 {id}>{title}</h2>
	<div class="wide">
		<table class="figures">
			<thead>
				<tr>
					<th scope="col">{of}</th>
					<th scope="col">{counted}</th>
					<th scope="col">Runs</th>
					<th scope="col">Spread, stops</th>
				</tr>
			</thead>
			<tbody>
				{#each rows as { name, error } (name)}
					<tr>
						<th scope="row">{capital(name)}</th>
						<td>{error.guesses}</td>
						<td>
							{capital(eyeErrorInWords(error))}
							{#if error.biasWithin}<span class="soft small">truly {withinInWords(error.biasWithin)}</span
								>{/if}
						</td>
						<td>{spreadOf(error)}</td>
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
</section>

<style>
	h2 {
		padding-top: 1.25rem;
	}
	.wide {
		overflow-x: auto;
		position: relative;
	}
	table {
		width: 100%;
	}
	th,
	td {
		text-align: left;
		vertical-align: top;
		padding: 0.35rem 1rem 0.35rem 0;
		border-bottom: 1px solid var(--line);
	}
	th[scope='row'] {
		font-weight: 400;
		min-width: 9rem;
	}
	td .soft {
		display: block;
	}
</style>
