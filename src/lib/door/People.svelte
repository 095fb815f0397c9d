<!-- For the owner: who has records here, each their own. -->
<script lang="ts">
	import type { PairingTold, PersonTold } from '$contract/door';
	import { passedInWords } from '$words';
	import { invite, newPerson, removePerson, rename } from '$lib/records/door';
	import Line from './Line.svelte';

	let { people, look }: { people: readonly PersonTold[]; look: () => Promise<void> } = $props();

	let name = $state('');
	/** The owner's, who was never asked. */
	let own = $state('');
	let problem = $state('');
	let message = $state('');
	let invited = $state.raw<{ who: string; invitation: PairingTold } | null>(null);
	/** The one that is asked about before it is let in no more. */
	let asked = $state<string | null>(null);

	const owner = $derived(people.find((person) => person.owner));
	const others = $derived(people.filter((person) => !person.owner));
	const standing = ({ begun, seenAt }: PersonTold) =>
		begun
			? seenAt
				? `seen ${passedInWords(seenAt, Date.now())}`
				: 'no device signed in'
			: 'hasn’t signed in yet';
	const pictured = (svg: string) => `data:image/svg+xml;utf8,${encodeURIComponent(svg)}`;

	async function show(who: string, made: Awaited<ReturnType<typeof invite>>) {
		problem = !made.ok && made.at ? made.message : '';
		message = !made.ok && !made.at ? made.message : '';
		if (made.ok) invited = { who, invitation: made.answer };
		await look();
	}
	async function add(event: SubmitEvent) {
		event.preventDefault();
		const who = name;
		const made = await newPerson(who);
		if (made.ok) name = '';
		await show(who, made);
	}
	async function remove({ id }: PersonTold) {
		const done = await removePerson(id);
		message = done.ok ? '' : done.message;
		asked = null;
		await look();
	}
	async function call(event: SubmitEvent) {
		event.preventDefault();
		const done = await rename(owner!.id, own);
		message = done.ok ? '' : done.message;
		await look();
	}
</script>

<section aria-labelledby="people">
	<h2 id="people">People</h2>
	<p class="soft">
		Everyone keeps their own records, and nobody sees anyone else’s, not even you. Cameras are shared by file.
	</p>
	{#if owner && owner.name === ''}
		<form class="fields" onsubmit={call}>
			<Line label="Your own name" hint="You can sign in with it, or leave it out." bind:value={own} />
			<p class="end"><button class="quiet">Keep it</button></p>
		</form>
	{/if}
	<ul aria-label="People">
		{#each others as person (person.id)}
			<li>
				<strong class="name">{person.name}</strong>
				<span class="soft">{standing(person)}</span>
				<span class="buttons">
					<button
						class="quiet"
						aria-label="{person.begun ? 'New passphrase' : 'Invite again'}: {person.name}"
						onclick={async () => show(person.name, await invite(person.id))}
						>{person.begun ? 'New passphrase' : 'Invite again'}</button
					>
					<button class="quiet" aria-label="Remove: {person.name}" onclick={() => (asked = person.id)}
						>Remove</button
					>
				</span>
				{#if asked === person.id}
					<p class="notice">
						{person.name} can’t sign in any more. Their records stay in the data folder.
						<span class="buttons">
							<button class="action" onclick={() => void remove(person)}>Remove them</button>
							<button class="quiet" onclick={() => (asked = null)}>Cancel</button>
						</span>
					</p>
				{/if}
			</li>
		{:else}
			<li class="soft">Nobody else yet.</li>
		{/each}
	</ul>
	<form class="fields" onsubmit={add}>
		<Line label="Name of a person" {problem} bind:value={name} />
		<p class="end"><button class="quiet">Invite them</button></p>
	</form>
	<div role="status">
		{#if invited}
			<div class="notice">
				<p>For {invited.who} only, once, within a day. They choose their own passphrase with it.</p>
				<img
					src={pictured(invited.invitation.code)}
					alt="Invitation of {invited.who}"
					width="220"
					height="220"
				/>
				<p class="address">{invited.invitation.address}</p>
			</div>
		{/if}
		{#if message}<p class="notice">{message}</p>{/if}
	</div>
</section>

<style>
	section {
		display: grid;
		gap: 0.75rem;
	}
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
	.buttons {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem;
		margin-left: auto;
	}
	.end {
		align-self: end;
	}
	img {
		margin-block: 0.75rem;
		background: #fff;
		border-radius: var(--radius-base);
	}
	.address {
		overflow-wrap: anywhere;
	}
</style>
