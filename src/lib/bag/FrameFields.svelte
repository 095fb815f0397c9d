<!-- The film that a camera takes, and the frame that it exposes on it. -->
<script lang="ts">
	import { filmFormats } from '$core/film';
	import type { CameraRecord } from '$contract/records';
	import type { FormState } from '$lib/forms/form-state.svelte';
	import { plainNumber } from '$lib/forms/quantity';
	import QuantityField from '$lib/forms/QuantityField.svelte';
	import TextField from '$lib/forms/TextField.svelte';

	interface Props {
		form: FormState<CameraRecord>;
		set: (fields: Partial<CameraRecord>) => void;
	}
	let { form, set }: Props = $props();
</script>

<div class="fields">
	<TextField
		{form}
		path="format"
		label="Film it takes"
		hint="such as 120, 35 mm, or a kind of pack"
		value={form.draft.format}
		among={filmFormats.map(({ name }) => name)}
		onchange={(format) => set({ format: format.trim() || undefined })}
	/>
	<QuantityField
		{form}
		path="frame.width"
		label="Frame width, mm"
		value={form.draft.frame.width}
		quantity={plainNumber}
		onchange={(width) => set({ frame: { ...form.draft.frame, width: width as number } })}
	/>
	<QuantityField
		{form}
		path="frame.height"
		label="Frame height, mm"
		value={form.draft.frame.height}
		quantity={plainNumber}
		onchange={(height) => set({ frame: { ...form.draft.frame, height: height as number } })}
	/>
	<QuantityField
		{form}
		path="framesPerSecond"
		label="Frames per second"
		hint="cine only"
		value={form.draft.framesPerSecond}
		quantity={plainNumber}
		onchange={(framesPerSecond) => set({ framesPerSecond })}
	/>
</div>
