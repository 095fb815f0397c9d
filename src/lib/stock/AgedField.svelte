<!-- Whether a load counts on what age has done to its pack or roll. -->
<script lang="ts">
	import type { Aged } from '$core/film';
	import { agedInWords } from '$words';

	interface Props {
		offered: Aged;
		aged: Aged | undefined;
		onchange: (aged: Aged | undefined) => void;
	}
	let { offered, aged, onchange }: Props = $props();
</script>

<label class="tick-box"
	><input
		type="checkbox"
		checked={aged !== undefined}
		onchange={(event) => onchange(event.currentTarget.checked ? offered : undefined)}
	/>
	Count on its age: {agedInWords(offered)}</label
>
