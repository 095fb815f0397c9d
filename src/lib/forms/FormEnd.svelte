<!-- The end of every form: what is wrong, the one action, and what became of it. -->
<script lang="ts">
	import { tick, type Snippet } from 'svelte';
	import type { FormState } from './form-state.svelte';
	import { counted } from '$words';

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

	function unfold(control: HTMLElement) {
		const around = control.closest('details');
		if (!around) return;
		around.open = true;
		if (around.parentElement) unfold(around.parentElement);
	}

	let end: HTMLElement | undefined = $state();
	/** The fields that are marked in the form, by what they are called there. */
	let fields = $state.raw<{ name: string; control: HTMLElement }[]>([]);
	$effect(() => {
		void issues;
		void tick().then(() => {
			const marked = end?.closest('form')?.querySelectorAll<HTMLInputElement>('[aria-invalid="true"]') ?? [];
			// One that is folded away would be looked for in vain.
			for (const control of marked) unfold(control);
			fields = [...marked].map((control) => ({
				name: control.labels?.[0]?.textContent.trim() ?? control.ariaLabel ?? '',
				control
			}));
		});
	});
	/** What is wrong with the whole, and with no field of it. */
	const ofNone = $derived(
		issues
			.filter(({ path }) => path === '' || fields.length === 0)
			.map(({ message: what }) => what)
			.join('; ')
	);
	/** Several things may be wrong with one field. */
	const count = $derived(fields.length || issues.length);
	const said = $derived(counted(count, 'One field needs fixing', '# fields need fixing'));
</script>

<div class="end" bind:this={end}>
	<div role="status">
		{#if message}<p class="notice">{message}</p>{/if}
		{#if issues.length > 0}
			<p class="notice">
				{said}:
				{#each fields as { name, control }, at (at)}<button
						type="button"
						class="plain-link field"
						onclick={() => control.focus()}>{name}</button
					>{/each}{ofNone}
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
	.field {
		margin-right: 0.75rem;
	}
	.buttons {
		display: flex;
		flex-wrap: wrap;
		gap: 0.75rem;
	}
</style>
