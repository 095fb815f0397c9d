<!-- The trade's words, for who meets one for the first time. -->
<script lang="ts">
	import { termGroups } from '$words/terms';
</script>

<svelte:head><title>Words · Just Enough</title></svelte:head>
<div class="page">
	<h1>Words</h1>
	<p class="soft">What photographers say, and what they mean by it.</p>
	{#each termGroups as { about, terms } (about)}
		<section aria-labelledby="about-{about}">
			<h2 id="about-{about}">{about}</h2>
			<dl>
				{#each terms as { id, word, means, example } (id)}
					<div {id}>
						<dt>{word}</dt>
						<dd>{means} <span class="soft">{example}</span></dd>
					</div>
				{/each}
			</dl>
		</section>
	{/each}
</div>

<style>
	.page {
		display: grid;
		gap: 1.5rem;
	}
	dl {
		display: grid;
		gap: 0 2rem;
		grid-template-columns: repeat(auto-fit, minmax(min(22rem, 100%), 1fr));
	}
	dl > div {
		padding: 0.75rem 0;
		border-top: 1px solid var(--line);
		scroll-margin-top: 5rem;
	}
	dl > div:target {
		background: var(--panel);
		outline: 2px solid var(--ink);
		outline-offset: 4px;
	}
	dt {
		font-weight: var(--heavy);
	}
</style>
