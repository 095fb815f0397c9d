<!-- Whether everything is carried on this device, and how much room that takes. -->
<script lang="ts">
	import { canCarry, carry } from '$lib/records/carry.svelte';
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
	async function want(box: HTMLInputElement) {
		holds = !(await carry.want(box.checked));
		box.checked = carry.wanted;
	}
	const inMegabytes = (bytes: number) =>
		new Intl.NumberFormat(locale, { maximumFractionDigits: 1 }).format(bytes / MEGABYTE);
	const { together, share } = $derived(carry);
</script>

{#if canCarry}
	<section aria-labelledby="carried">
		<h2 id="carried">Without a server</h2>
		<label class="tick-box">
			<input type="checkbox" checked={carry.wanted} onchange={(event) => void want(event.currentTarget)} />
			Carry everything on this device
		</label>
		<div role="status">
			{#if holds}
				<p class="notice">
					What was changed here has not arrived on the server, and would be lost. Untick it once that is done.
				</p>
			{:else if !carry.wanted}
				<p>Views open only while the server answers. What waits to be saved stays here all the same.</p>
			{:else if !isSecureContext}
				<p>
					This address is plain http, over which a browser does not keep the program itself: a view that is
					opened anew needs the server. What this page shows works on, and what waits to be saved stays here.
					At the desk, <em>Phones</em> says how to come by https.
				</p>
			{:else if together?.whole}
				<p>
					All of it is here: every view opens without the server, {lastTogether(
						together.at,
						Date.now(),
						locale
					)}.{#if used !== null}{` It takes ${inMegabytes(used)} MB of this browser, with the program.`}{/if}
				</p>
			{:else}
				<p>It is being fetched: {Math.round(share * 100)} % is here.</p>
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
