<script lang="ts" generics="T extends string">
	import Field from './Field.svelte';

	interface Props {
		label: string;
		hint?: string;
		problem?: string;
		value: T;
		options: readonly { value: T; name: string }[];
		onchange: (value: T) => void;
	}
	let { label, hint, problem, value, options, onchange }: Props = $props();
</script>

<Field {label} {hint} {problem}>
	{#snippet control(attributes)}
		<select {...attributes} {value} onchange={(event) => onchange(event.currentTarget.value as T)}>
			{#each options as option (option.value)}
				<option value={option.value}>{option.name}</option>
			{/each}
		</select>
	{/snippet}
</Field>
