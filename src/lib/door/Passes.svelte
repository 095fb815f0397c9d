<!-- Devices or tokens that are let in, those that were seen last first. -->
<script lang="ts">
	import type { PassTold } from '$contract/door';
	import { passedInWords } from '$words';

	interface Props {
		name: string;
		passes: readonly PassTold[];
		/** The one that looks. */
		here?: string | null;
		verb: string;
		away: (id: string) => Promise<void>;
	}
	let { name, passes, here = null, verb, away }: Props = $props();
	const may = { read: 'reads', write: 'reads and writes' } as const;
</script>

<ul aria-label={name}>
	{#each passes as pass (pass.id)}
		<li>
			<span class="name"
				><strong>{pass.name}</strong>{#if pass.id === here}<span class="soft">&ensp;this one</span>{/if}</span
			>
			<span class="soft seen"
				>{name === 'Tokens' ? `${may[pass.access]} · used` : 'seen'}
				{passedInWords(pass.seenAt, Date.now())}</span
			>
			<button class="quiet" aria-label="{verb} {pass.name}" onclick={() => void away(pass.id)}>{verb}</button>
		</li>
	{:else}
		<li class="soft">None yet.</li>
	{/each}
</ul>

<style>
	li {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0.25rem 1rem;
		padding-block: 0.5rem;
		border-top: 1px solid var(--line);
	}
	.name {
		min-width: 12rem;
		overflow-wrap: anywhere;
	}
	button {
		margin-left: auto;
	}
</style>
