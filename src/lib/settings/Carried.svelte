<!-- Whether everything is carried on this device, and how much room that takes. -->
<script lang="ts">
	import { canCarry, carry } from '$lib/records/carry.svelte';
	import { lastTogether } from '$lib/together/words';

	let { locale }: { locale: string } = $props();

	const MEGABYTE = 1_000_000;
	let used = $state<number | null>(null);
	$effect(() => {
		void carry.together;
		void navigator.storage?.estimate?.().then(({ usage }) => (used = usage ?? null));
	});
	const inMegabytes = (bytes: number) =>
		new Intl.NumberFormat(locale, { maximumFractionDigits: 1 }).format(bytes / MEGABYTE);
	const { together, share } = $derived(carry);
</script>

{#if canCarry}
	<section aria-labelledby="carried">
		<h2 id="carried">Without a server</h2>
		<label class="tick-box">
			<input
				type="checkbox"
				checked={carry.wanted}
				onchange={(event) => void carry.want(event.currentTarget.checked)}
			/>
			Carry everything on this device
		</label>
		<div role="status">
			{#if !carry.wanted}
				<p>Views open only while the server answers. What waits to be saved stays here all the same.</p>
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
