<!-- What belongs to no view: how the records are kept safe, and what is so on this device. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import type { BackupsTold } from '$contract/backups';
	import About from './About.svelte';
	import Archive from './Archive.svelte';
	import Backups from './Backups.svelte';
	import Carried from './Carried.svelte';
	import Here from './Here.svelte';
	import Reading from './Reading.svelte';

	interface Props {
		/** None where the server isn’t answering: they are its own. */
		backups: BackupsTold | null;
		locale: string;
	}
	let { backups, locale }: Props = $props();
</script>

<svelte:head><title>Settings · Just Enough</title></svelte:head>
<div class="page">
	<h1>Settings</h1>
	<Reading />
	<Here />
	{#if backups}<Backups {backups} />{/if}
	<Archive />
	<Carried {locale} />
	<section aria-labelledby="phones">
		<h2 id="phones">Phones</h2>
		<p>Pair a phone by a code, and see which devices and scripts are signed in.</p>
		<p><a class="quiet" href={resolve('/settings/phones')}>Phones, devices and tokens</a></p>
	</section>
	<About />
	<p>
		<a class="plain-link" href={resolve('/words')}>Words: what they mean</a> ·
		<a class="plain-link" href={resolve('/scripts')}>For scripts: the API</a>
	</p>
</div>

<style>
	.page {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: 2rem;
	}
	section {
		display: grid;
		gap: 0.5rem;
		max-width: 44rem;
	}
</style>
