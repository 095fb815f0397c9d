<!-- A phone's first time: two codes to be scanned, one after the other. -->
<script lang="ts">
	import type { DoorTold, PairingTold } from '$contract/door';
	import { newPairing } from '$lib/records/door';

	let { door, look }: { door: DoorTold; look: () => Promise<void> } = $props();

	const LOOK_MS = 2000;
	let pairing = $state.raw<PairingTold | null>(null);
	let problem = $state('');
	let now = $state(Date.now());
	/** Those that were in before the code was shown: who comes after came by it. */
	let before = new Set<string>();
	let came = $state('');
	const left = $derived(pairing ? Math.max(0, Date.parse(pairing.until) - now) : 0);
	const clock = $derived(
		`${Math.floor(left / 60_000)}:${String(Math.floor(left / 1000) % 60).padStart(2, '0')}`
	);

	async function show() {
		came = '';
		before = new Set(door.devices.map(({ id }) => id));
		const made = await newPairing();
		problem = made.ok ? '' : made.message;
		pairing = made.ok ? made.answer : null;
		now = Date.now();
	}
	$effect(() => {
		if (!pairing) return;
		const clock = setInterval(() => (now = Date.now()), 1000);
		const looking = setInterval(() => void look(), LOOK_MS);
		return () => {
			clearInterval(clock);
			clearInterval(looking);
		};
	});
	$effect(() => {
		const arrived = pairing && door.devices.find(({ id }) => !before.has(id));
		if (arrived) {
			came = `${arrived.name} is in.`;
			pairing = null;
		} else if (pairing && left === 0) pairing = null;
	});
	const pictured = (svg: string) => `data:image/svg+xml;utf8,${encodeURIComponent(svg)}`;
</script>

<section aria-labelledby="bring">
	<h2 id="bring">Pair a phone</h2>
	<ol class:two={door.authority}>
		{#if door.authority}
			<li>
				<h3>1. Trust this machine, once</h3>
				<img
					src={pictured(door.authority.code)}
					alt="Code of {door.authority.address}"
					width="220"
					height="220"
				/>
				<p>Scan it with the phone’s camera, download the certificate, and follow the steps. Or open</p>
				<p class="address">{door.authority.address}</p>
				<details>
					<summary>Is it the good one?</summary>
					<p class="soft">The phone shows these digits (SHA-256) before it trusts it:</p>
					<p class="digits figures">{door.authority.fingerprint}</p>
				</details>
			</li>
		{/if}
		<li>
			<h3>{door.authority ? '2. Pair it' : 'Pair it'}</h3>
			{#if pairing}
				<img src={pictured(pairing.code)} alt="Code that pairs one phone" width="220" height="220" />
				<p><strong class="figures">{clock}</strong> left. It pairs one phone, once.</p>
			{:else}
				<p><button class="action" onclick={show}>Show the code</button></p>
				<p>It’s good for five minutes and one phone.</p>
			{/if}
			<p class="soft">Without a code, use the passphrase at</p>
			{#each door.addresses as address (address)}<p class="address">{address}</p>{/each}
		</li>
	</ol>
	<div role="status">
		{#if came}<p class="notice">{came}</p>{/if}
		{#if problem}<p class="notice">{problem}</p>{/if}
	</div>
</section>

<style>
	section,
	li {
		display: grid;
		gap: 0.75rem;
		align-content: start;
	}
	ol {
		display: grid;
		gap: 2rem;
		list-style: none;
		padding: 0;
	}
	@media (min-width: 700px) {
		.two {
			grid-template-columns: 1fr 1fr;
		}
	}
	h3 {
		padding-top: 0.5rem;
	}
	img {
		/* Black on white in every display: it is to be scanned. */
		background: #fff;
		border-radius: var(--radius-base);
	}
	.address {
		font-weight: var(--heavy);
		overflow-wrap: anywhere;
	}
	.digits {
		overflow-wrap: anywhere;
		font-size: 0.9375rem;
	}
</style>
