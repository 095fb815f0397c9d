<!-- The end of every form: what is wrong, the one action, and what became of it. -->
<script lang="ts">
	import type { Snippet } from 'svelte';
	import type { FormState } from './form-state.svelte';

	interface Props {
		form: FormState<object>;
		action: string;
		busy: boolean;
		/** What became of the last try; empty while nothing was tried. */
		message: string;
		more?: Snippet;
	}
	let { form, action, busy, message, more }: Props = $props();
	const issues = $derived(form.issues);
</script>

<div class="end">
	<div role="status">
		{#if message}<p class="notice">{message}</p>{/if}
		{#if issues.length > 0}
			<p class="notice">
				{issues.length === 1 ? 'One field needs fixing' : `${issues.length} fields need fixing`}:
				{issues.map(({ path, message: what }) => (path ? `${path} ${what}` : what)).join('; ')}
			</p>
		{/if}
	</div>
	<div class="buttons">
		<button class="action" type="submit" disabled={busy}>{busy ? 'Saving …' : action}</button>
		{@render more?.()}
	</div>
</div>

<style>
	.end {
		display: grid;
		gap: 0.75rem;
	}
	.buttons {
		display: flex;
		flex-wrap: wrap;
		gap: 0.75rem;
	}
</style>
