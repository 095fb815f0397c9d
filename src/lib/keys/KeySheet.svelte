<script lang="ts">
	import { resolve } from '$app/paths';
	import Sheet from '$lib/parts/Sheet.svelte';
	import { everywhere } from './everywhere';
	import { sheet } from './sheet.svelte';

	const close = () => (sheet.open = false);
</script>

{#if sheet.open}
	<Sheet title="Keys" onclose={close}>
		<table>
			<thead class="sr-only"><tr><th>Key</th><th>What it does</th></tr></thead>
			<tbody>
				{#each [...sheet.ofView, ...everywhere] as key (key.shown)}
					<tr><td><kbd>{key.shown}</kbd></td><td>{key.does}</td></tr>
				{/each}
			</tbody>
		</table>
		<p class="soft">
			{#if sheet.single}Pressed by accident? Switch single keys off{:else}Single keys are off. Switch them on{/if}
			in <a href={resolve('/settings#here')} onclick={close}>Settings</a>.
		</p>
		<p>
			<a class="plain-link" href={resolve('/words')} onclick={close}>What the words mean</a>
		</p>
		<button class="quiet" onclick={close}>Close</button>
	</Sheet>
{/if}

<style>
	td {
		padding: 0.3rem 1rem 0.3rem 0;
		vertical-align: top;
	}
	kbd {
		font: inherit;
		font-weight: var(--heavy);
		white-space: nowrap;
	}
</style>
