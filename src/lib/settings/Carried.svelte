<!-- Whether everything is carried on this device, and how much room that takes. -->
<script lang="ts">
	import { canCarry, carry } from '$lib/records/carry.svelte';
	import Switch from '$lib/parts/Switch.svelte';
	import { lastTogether } from '$lib/together/words';

	let { locale }: { locale: string } = $props();

	const MEGABYTE = 1_000_000;
	let used = $state<number | null>(null);
	/** It was to be forgotten, and something waits in it. */
	let holds = $state(false);
	$effect(() => {
		void carry.together;
		void navigator.storage?.estimate?.().then(({ usage }) => (used = usage ?? null));
	});
	async function want(on: boolean) {
		holds = !(await carry.want(on));
	}
	const inMegabytes = (bytes: number) =>
		new Intl.NumberFormat(locale, { maximumFractionDigits: 1 }).format(bytes / MEGABYTE);
	const { together, share } = $derived(carry);
</script>

{#if canCarry}
	<section aria-labelledby="carried">
		<h2 id="carried">Without a server</h2>
		<Switch name="Carry everything on this device" on={carry.wanted} onchange={want} />
		<div role="status">
			{#if holds}
				<p class="notice">
					Changes made here haven’t reached the server yet and would be lost. Switch it off once they have.
				</p>
			{:else if !carry.wanted}
				<p>Views open only while the server answers. Anything not saved yet stays here all the same.</p>
			{:else if !isSecureContext}
				<p>
					This address is plain http, so the browser can’t keep the program itself: opening another view needs
					the server. This page keeps working, and anything not saved yet stays here. At the desk, <em
						>Phones</em
					> shows how to get https.
				</p>
			{:else if together?.whole}
				<p>
					Everything is here: every view opens without the server, {lastTogether(
						together.at,
						Date.now(),
						locale
					)}.{#if used !== null}{` It uses ${inMegabytes(used)} MB in this browser, program included.`}{/if}
				</p>
			{:else}
				<p>Downloading: {Math.round(share * 100)} % is here.</p>
			{/if}
		</div>
	</section>
{/if}

<style>
	section {
		display: grid;
		gap: 0.5rem;
		max-width: 44rem;
	}
</style>
