<!-- Which frames of a load are shown, in which order, and how. -->
<script lang="ts">
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import { orderNames, whichNames, type Order, type Which } from './strip-view';

	interface Props {
		which: Which;
		order: Order;
		/** Whether they stand as a table, and the address that turns that round. */
		asTable: boolean;
		other: string;
		selecting: boolean;
		onselect: () => void;
	}
	let { which = $bindable(), order = $bindable(), asTable, other, selecting, onselect }: Props = $props();

	const options = <T extends string>(names: Readonly<Record<T, string>>) =>
		(Object.keys(names) as T[]).map((value) => ({ value, name: names[value] }));
</script>

<div class="tools">
	<ChoiceField
		label="Show"
		value={which}
		options={options(whichNames)}
		onchange={(next) => (which = next as Which)}
	/>
	<ChoiceField
		label="In order"
		value={order}
		options={options(orderNames)}
		onchange={(next) => (order = next as Order)}
	/>
	<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved where it is made -->
	<a class="quiet" href={other}>{asTable ? 'As a contact sheet' : 'As a table'}</a>
	{#if !asTable}
		<button class="quiet" onclick={onselect}>{selecting ? 'Done selecting' : 'Select several'}</button>
	{/if}
</div>

<style>
	.tools {
		display: flex;
		flex-wrap: wrap;
		align-items: end;
		gap: 0.5rem 0.75rem;
		padding-block: 0.75rem 1rem;
	}
	/* What is chosen says what it is. */
	.tools :global(label) {
		position: absolute;
		clip-path: inset(50%);
	}
</style>
