<!-- How phones and scripts come in: the codes, who is in, and who is sent away. -->
<script lang="ts">
	import { resolve } from '$app/paths';
	import type { DoorTold } from '$contract/door';
	import { carried } from '$lib/records/carried';
	import { carry } from '$lib/records/carry.svelte';
	import { doorTold, sendAway, signOut } from '$lib/records/door';
	import Pairing from './Pairing.svelte';
	import People from './People.svelte';
	import Passes from './Passes.svelte';
	import Passphrase from './Passphrase.svelte';
	import Tokens from './Tokens.svelte';

	let { door: given }: { door: DoorTold | null } = $props();
	/** As it was told last. */
	let told = $state.raw<DoorTold | null>(null);
	const door = $derived(told ?? given);
	let message = $state('');

	async function look() {
		told = (await doorTold()) ?? told;
	}
	async function away(kind: 'devices' | 'tokens', id: string) {
		if (id === door?.here) {
			// Whoever signs in next is not shown what was carried; what waits to be sent stays.
			if (carry.wanted && (await carry.want(false))) await carried.want(true);
			await signOut();
			return location.assign('/sign-in');
		}
		const done = await sendAway(kind, id);
		message = done.ok ? '' : done.message;
		await look();
	}
</script>

<svelte:head><title>Phones · Just Enough</title></svelte:head>
<div class="page">
	<p><a class="plain-link" href={resolve('/settings')}>Settings</a></p>
	<h1>Phones</h1>
	{#if door?.me?.name}<p>You are {door.me.name}.</p>{/if}
	{#if !door}
		<p>Only the server knows who may sign in, and it isn’t answering.</p>
	{:else if !door.closed}
		<p>Right now only this computer can open the program, and nobody has to sign in.</p>
		<p>
			To let a phone on your network in, start it with <code>npm start -- --lan</code>. You choose a
			passphrase first; then this page shows the codes for the phone to scan.
		</p>
	{:else}
		{#if door.lan && door.addresses.length > 0}
			<Pairing {door} {look} />
		{:else if door.lan}
			<p class="notice">This computer isn’t on a network. Once it is, a phone can find it.</p>
		{:else}
			<p>A phone signs in with the passphrase, at this page’s address.</p>
		{/if}
		{#if !door.safe}
			<p class="notice">
				This address is plain http: anyone listening on the network can read the passphrase and sign in after
				you. Start the program with <code>--lan</code>, or put https before it.
			</p>
		{/if}
		<section aria-labelledby="devices">
			<h2 id="devices">Signed-in devices</h2>
			<Passes
				name="Devices"
				passes={door.devices}
				here={door.here}
				verb="Sign out"
				away={(id) => away('devices', id)}
			/>
			<p class="soft">
				A device that’s signed out keeps what it already carries, but gets nothing more. One not used for 30
				days has to sign in again.
			</p>
		</section>
		{#if door.me?.owner}<People people={door.people} {look} />{/if}
		<Tokens tokens={door.tokens} {look} away={(id) => away('tokens', id)} />
		<Passphrase />
		<div role="status">
			{#if message}<p class="notice">{message}</p>{/if}
		</div>
	{/if}
</div>

<style>
	.page {
		display: grid;
		gap: 1.5rem;
		max-width: 56rem;
	}
	section {
		display: grid;
		gap: 0.75rem;
	}
</style>
