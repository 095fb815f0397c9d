<!-- When something was, by the clock of where it was, as the reader writes dates. -->
<script lang="ts">
	import { page } from '$app/state';
	import { momentInWords } from '$words';

	let { at, zone }: { at: string; zone?: string } = $props();
</script>

<time datetime={at} title={zone}>{momentInWords(at, { zone, locale: page.data.locale })}</time>
