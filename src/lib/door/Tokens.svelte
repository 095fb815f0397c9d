<!-- Tokens for scripts: made here, told once, ended here. -->
<script lang="ts">
	import type { PassTold } from '$contract/door';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import { newToken } from '$lib/records/door';
	import Line from './Line.svelte';
	import Passes from './Passes.svelte';

	interface Props {
		tokens: readonly PassTold[];
		look: () => Promise<void>;
		away: (id: string) => Promise<void>;
	}
	let { tokens, look, away }: Props = $props();

	let name = $state('');
	let access = $state<'read' | 'write'>('read');
	let problem = $state('');
	let made = $state('');
	const accesses = [
		{ value: 'read', name: 'read' },
		{ value: 'write', name: 'read and write' }
	] as const;

	async function make(event: SubmitEvent) {
		event.preventDefault();
		const done = await newToken(name, access);
		problem = done.ok ? '' : done.message;
		made = done.ok ? done.answer.token : '';
		if (done.ok) name = '';
		await look();
	}
</script>

<section aria-labelledby="tokens">
	<h2 id="tokens">Tokens for scripts</h2>
	<Passes name="Tokens" passes={tokens} verb="End" {away} />
	<form class="fields" onsubmit={make}>
		<Line label="Name" {problem} bind:value={name} />
		<ChoiceField label="Access" value={access} options={accesses} onchange={(value) => (access = value)} />
		<p class="end"><button class="quiet">Make a token</button></p>
	</form>
	<div role="status">
		{#if made}
			<p class="notice">
				Copy it now. It won’t be shown again.<br /><code>{made}</code><br />
				<span class="soft">Scripts send it as <code>Authorization: Bearer</code>.</span>
			</p>
		{/if}
	</div>
</section>

<style>
	section {
		display: grid;
		gap: 0.75rem;
	}
	code {
		overflow-wrap: anywhere;
	}
	.end {
		align-self: end;
	}
</style>
