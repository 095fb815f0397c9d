<!-- The settings as they are marked on the camera: on a phone what the hand must set first and large. -->
<script lang="ts">
	import type { SettingRow } from '$words';
	import WheelPicture from '$lib/parts/WheelPicture.svelte';

	interface Props {
		rows: readonly SettingRow[];
		narrow: boolean;
		/** Three in a row, where there is hardly room. */
		tight?: boolean;
		/** Places of the wheel, and the one that it is turned to. */
		wheel: readonly number[];
		turned: number | null;
	}
	let { rows, narrow, tight = false, wheel, turned }: Props = $props();
	const ordered = $derived(
		narrow ? [...rows.filter(({ must }) => must), ...rows.filter(({ must }) => !must)] : rows
	);
</script>

<dl class="rows" class:narrow class:tight>
	{#each ordered as row (row.name)}
		<div class="row" class:must={row.must} data-must={row.must ? '' : undefined}>
			<dt class="soft">{row.name}</dt>
			<dd>
				{#if row.name === 'Wheel' && !narrow}<span class="wheel"
						><WheelPicture places={[...wheel]} at={turned} /></span
					>{/if}
				<span class="value figure figures">{row.value}</span>
				{#if row.note}<span class="note soft">{row.note}</span>{/if}
			</dd>
		</div>
	{/each}
</dl>

<style>
	.rows {
		margin-top: 0.6rem;
	}
	.row {
		display: flex;
		justify-content: space-between;
		align-items: baseline;
		gap: 0.75rem;
		border-top: 1px solid var(--line);
		padding: 0.3rem 0;
	}
	dd {
		text-align: right;
	}
	.value {
		font-size: 1.375rem;
	}
	.wheel {
		display: block;
	}
	.wheel :global(svg) {
		margin-left: auto;
	}
	.note {
		font-size: 0.875rem;
		padding-left: 0.35rem;
	}
	.narrow {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(min(9.5rem, 100%), 1fr));
		column-gap: 0.9rem;
		margin-top: 0.25rem;
	}
	.narrow .row {
		display: block;
		padding: 0.1rem 0 0.2rem;
		line-height: 1.2;
	}
	.narrow dt {
		font-size: 0.8125rem;
	}
	.narrow dd {
		text-align: left;
	}
	.narrow .value {
		font-size: 0.9375rem;
		font-weight: 400;
		font-family: inherit;
	}
	.narrow .must .value {
		font-size: 1.25rem;
		font-weight: 700;
		font-family: var(--typo-heading--font-family);
	}
	.narrow .note {
		font-size: 0.8125rem;
	}
	.tight {
		grid-template-columns: repeat(auto-fill, minmax(min(5.25rem, 100%), 1fr));
		align-items: start;
		column-gap: 0.6rem;
		margin-top: 0;
	}
	.tight .must .value {
		font-size: 1.0625rem;
	}
	.tight .must .note {
		display: none;
	}
</style>
