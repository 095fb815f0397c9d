<script lang="ts">
	import WhatIf from '$lib/what-if/WhatIf.svelte';

	let { data } = $props();
</script>

<WhatIf {...data} />
