<!-- Change the passphrase. -->
<script lang="ts">
	import { changePassphrase } from '$lib/records/door';
	import Line from './Line.svelte';

	let old = $state('');
	let fresh = $state('');
	let problems = $state<{ old?: string; new?: string }>({});
	let message = $state('');
	let busy = $state(false);

	async function change(event: SubmitEvent) {
		event.preventDefault();
		busy = true;
		const done = await changePassphrase(old, fresh);
		busy = false;
		problems = !done.ok && done.at ? { [done.at]: done.message } : {};
		message = done.ok ? 'Changed. Other devices sign in again.' : done.at ? '' : done.message;
		if (done.ok) old = fresh = '';
	}
</script>

<section aria-labelledby="passphrase">
	<h2 id="passphrase">Change the passphrase</h2>
	<p class="soft">12 characters or more. Four unrelated words work well.</p>
	<form class="fields" onsubmit={change}>
		<Line label="Current passphrase" problem={problems.old} secret="current-password" bind:value={old} />
		<Line label="New passphrase" problem={problems.new} secret="new-password" bind:value={fresh} />
		<p class="end"><button class="quiet" disabled={busy}>{busy ? 'Working …' : 'Change it'}</button></p>
	</form>
	<div role="status">
		{#if message}<p class="notice">{message}</p>{/if}
	</div>
</section>

<style>
	section {
		display: grid;
		gap: 0.75rem;
	}
	.end {
		align-self: end;
	}
</style>
