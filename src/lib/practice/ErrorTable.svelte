<!-- How guesses run, by something about them. -->
<script lang="ts">
	import type { EyeError } from '$core/practice';
	import { formatStops } from '$core/units';
	import { capital, eyeErrorInWords, withinInWords } from '$words';

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

	const amount = (stops: number) => (stops < 1 / 6 ? 'under ⅓' : formatStops(stops));
	const likely = ([least, most]: [number, number]) =>
		least < 1 / 6 ? `up to ${amount(most)}` : `${amount(least)} to ${amount(most)}`;
	const spreadOf = ({ spread, spreadWithin }: EyeError) =>
		spread === undefined ? 'one is not enough' : `${amount(spread)}, likely ${likely(spreadWithin!)}`;
</script>

<section aria-labelledby={id}>
	<h2 {id}>{title}</h2>
	<div class="table-box">
		<table class="figures">
			<thead>
				<tr>
					<th scope="col">{of}</th>
					<th scope="col">{counted}</th>
					<th scope="col">Bias</th>
					<th scope="col">Spread, stops</th>
				</tr>
			</thead>
			<tbody>
				{#each rows as { name, error } (name)}
					<tr>
						<th scope="row">{capital(name)}</th>
						<td data-of={counted}>{error.guesses}</td>
						<td data-of="Bias">
							{capital(eyeErrorInWords(error))}
							{#if error.biasWithin}<span class="soft small">{withinInWords(error.biasWithin)}</span>{/if}
						</td>
						<td data-of="Spread, stops">{spreadOf(error)}</td>
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
	/* A phone has no room for columns: each row is a few lines. */
	@media (max-width: 820px) {
		thead {
			position: absolute;
			clip-path: inset(50%);
		}
		section {
			position: relative;
		}
		tr {
			display: block;
			padding: 0.5rem 0;
			border-bottom: 1px solid var(--line);
		}
		th[scope='row'] {
			font-weight: var(--heavy);
		}
		th[scope='row'],
		td {
			display: block;
			padding: 0;
			border: 0;
		}
		td::before {
			content: attr(data-of) ': ';
			color: var(--ink-soft);
		}
		td .soft {
			display: inline;
		}
	}
</style>
