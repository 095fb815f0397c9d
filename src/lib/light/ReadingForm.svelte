<!-- A reading that is typed: its fields, what they come to, and the button that takes it. -->
<script lang="ts" generics="T extends object">
	import type { Snippet } from 'svelte';
	import { resolveLight, type Light } from '$core/light';
	import { lightInWords } from '$words';
	import type { FormState } from '$lib/forms/form-state.svelte';

	interface Props {
		form: FormState<T>;
		/** Said until the fields come to something. */
		empty: string;
		/** Said beside what they come to. */
		more?: (light: Light) => string;
		/** What the fields are filled from is still being read: the reading before it is not to be taken for it. */
		busy?: boolean;
		onread: (light: Light) => void;
		children: Snippet;
	}
	let { form, empty, more, busy = false, onread, children }: Props = $props();

	const light = $derived(form.valid ? ($state.snapshot(form.draft) as unknown as Light) : null);
	const comesTo = $derived.by(() => {
		if (!light) return empty;
		const { ev, sd } = resolveLight(light);
		return `That is ${lightInWords(ev, sd)}. ${more?.(light) ?? ''}`;
	});

	function submit(event: SubmitEvent) {
		event.preventDefault();
		const reading = form.submit();
		if (reading) onread(reading as unknown as Light);
	}
</script>

<form onsubmit={submit} novalidate>
	{@render children()}
	<button class="action" type="submit" disabled={busy}>Use this reading</button>
	<p class="soft" role="status">{comesTo}</p>
</form>

<style>
	form {
		display: grid;
		gap: 0.75rem;
	}
	form :global(.pair) {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(min(4.6rem, 100%), 1fr));
		align-items: end;
		gap: 0.5rem;
	}
</style>
