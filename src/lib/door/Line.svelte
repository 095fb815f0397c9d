<!-- One line that is typed: a name, or a passphrase. -->
<script lang="ts">
	import Field from '$lib/forms/Field.svelte';

	interface Props {
		label: string;
		value: string;
		hint?: string;
		problem?: string;
		/** A passphrase: the one of now, or a new one. */
		secret?: 'current-password' | 'new-password';
	}
	let { label, value = $bindable(), hint, problem, secret }: Props = $props();
</script>

<Field {label} {hint} {problem}>
	{#snippet control(attributes)}
		<input
			{...attributes}
			type={secret ? 'password' : 'text'}
			autocomplete={secret ?? 'off'}
			maxlength={secret ? 128 : 80}
			required
			bind:value
		/>
	{/snippet}
</Field>
