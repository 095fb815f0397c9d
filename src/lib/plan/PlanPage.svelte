<!-- A side of Plan: what is asked on the left, what comes of it on the right. -->
<script lang="ts">
	import type { ComponentProps, Snippet } from 'svelte';
	import PlanNav from './PlanNav.svelte';

	interface Props {
		title: string;
		here: ComponentProps<typeof PlanNav>['here'];
		/** Names of the two parts. */
		names: { asked: string; answer: string };
		/** Something is still being worked out. */
		busy: boolean;
		/** Something could not be worked out. */
		failed: boolean;
		asked: Snippet;
		answer: Snippet;
	}
	let { title, here, names, busy, failed, asked, answer }: Props = $props();
</script>

<svelte:head><title>{title} · Just Enough</title></svelte:head>
<div class="page wide">
	<h1>{title}</h1>
	<PlanNav {here} />
	<div class="columns">
		<form aria-label={names.asked} onsubmit={(event) => event.preventDefault()}>{@render asked()}</form>
		<section aria-label={names.answer} aria-busy={busy}>
			{#if failed}
				<p class="notice" role="status">
					Some of this couldn’t be worked out. Reload the page; if that doesn’t help, check the cameras and
					films in the bag.
				</p>
			{/if}
			{@render answer()}
		</section>
	</div>
</div>

<style>
	.columns {
		display: grid;
		grid-template-columns: 17rem minmax(0, 1fr);
		gap: 2rem;
		padding-top: 1rem;
	}
	form {
		display: grid;
		gap: 0.6rem;
		align-content: start;
	}
	@media (max-width: 820px) {
		.columns {
			grid-template-columns: minmax(0, 1fr);
			gap: 1rem;
		}
		form {
			grid-template-columns: repeat(auto-fill, minmax(min(9.5rem, 100%), 1fr));
			align-items: end;
		}
		form > :global(:is(p, details)) {
			grid-column: 1 / -1;
		}
	}
</style>
