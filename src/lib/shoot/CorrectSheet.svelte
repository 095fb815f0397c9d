<!-- A frame that was just logged is put right here, without leaving the light. -->
<script lang="ts">
	import type { FrameRecord } from '$contract/records';
	import FrameForm from '$lib/frames/FrameForm.svelte';
	import Sheet from '$lib/parts/Sheet.svelte';
	import type { Kept } from '$lib/records/client';
	import { refresh } from '$lib/records/refresh';
	import type { Loaded } from './bag';
	import type { ShootState } from './shoot-state.svelte';

	interface Props {
		shoot: ShootState;
		loaded: Loaded;
		frame: Kept<FrameRecord>;
		onclose: () => void;
	}
	let { shoot, loaded, frame, onclose }: Props = $props();

	async function done() {
		onclose();
		await refresh();
	}
</script>

<Sheet title="Correct it" titled wide {onclose}>
	<FrameForm
		{frame}
		camera={loaded.camera}
		film={loaded.film}
		gear={shoot.answers.gear}
		inside={{ done, leave: onclose }}
	/>
</Sheet>
