<!-- Typed quantities side by side, each a field of the draft. -->
<script lang="ts" generics="T extends object">
	import type { FormState } from './form-state.svelte';
	import type { Quantity } from './quantity';
	import QuantityField from './QuantityField.svelte';

	interface Props {
		form: FormState<T>;
		fields: readonly {
			path: Extract<keyof T, string>;
			label: string;
			hint?: string;
			placeholder?: string;
			quantity: Quantity;
		}[];
	}
	let { form, fields }: Props = $props();
</script>

{#each fields as { path, label, hint, placeholder, quantity } (path)}
	<QuantityField
		form={form as FormState<object>}
		{path}
		{label}
		{hint}
		{placeholder}
		value={form.draft[path] as number | undefined}
		{quantity}
		onchange={(value) => (form.draft = { ...form.draft, [path]: value })}
	/>
{/each}
