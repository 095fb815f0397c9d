<!-- What is wanted of the picture, whatever camera takes it. -->
<script lang="ts">
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import { secondsOf, subjectSpeeds, wantedTimeOf, wantedTimes } from '$lib/parts/wanted';
	import DistanceBox from './DistanceBox.svelte';
	import type { ShootState } from './shoot-state.svelte';

	let { shoot }: { shoot: ShootState } = $props();
</script>

<div class="fields">
	<ChoiceField
		label="Time"
		value={wantedTimeOf(shoot.wanted.scene.seconds)}
		options={wantedTimes}
		onchange={(time) => shoot.want({ seconds: secondsOf(time) })}
	/>
	<ChoiceField
		label="The subject"
		value={String(shoot.wanted.scene.subjectSpeed ?? 0)}
		options={subjectSpeeds}
		onchange={(speed) => shoot.want({ subjectSpeed: Number(speed) || undefined })}
	/>
	<DistanceBox {shoot} label="Its distance, m" />
</div>

<style>
	.fields {
		grid-template-columns: repeat(auto-fill, minmax(8rem, 1fr));
	}
</style>
