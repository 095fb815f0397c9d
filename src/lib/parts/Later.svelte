<!-- A part of a view whose code comes when it is shown; where it cannot, that is said. -->
<script lang="ts" generics="Props extends object">
	import type { Later } from './later';

	let { part, given }: { part: Later<Props>; given: Props } = $props();

	let tries = $state(0);
	/** Whatever else it is given changes, it is the same part: fetched again, it would begin anew and forget what it says. */
	const shown = $derived(part);
	const coming = $derived.by(() => {
		void tries;
		return shown();
	});
</script>

{#await coming}
	<div aria-busy="true"></div>
{:then { default: Part }}
	<Part {...given} />
{:catch}
	<p class="notice" role="alert">
		This part of the program couldn’t be loaded: the server isn’t answering.
		<button class="plain-link" onclick={() => (tries += 1)}>Try again</button>
	</p>
{/await}
