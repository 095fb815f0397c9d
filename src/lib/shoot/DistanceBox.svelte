<!-- How far the subject stands, for whatever camera takes it. -->
<script lang="ts">
	import { measures } from '$core/units';
	import NumberBox from '$lib/forms/NumberBox.svelte';
	import { distanceQuantity } from '$lib/forms/quantity';
	import type { ShootState } from './shoot-state.svelte';

	let { shoot, label }: { shoot: ShootState; label: string } = $props();

	const [NEAREST, FARTHEST] = [0.01, 100_000];
</script>

<NumberBox
	{label}
	hint={shoot.wanted.scene.subjectDistance
		? ''
		: measures().length === 'ft'
			? 'or in metres, 2 m; empty: anywhere'
			: 'or in feet, 4 ft; empty: anywhere'}
	quantity={distanceQuantity}
	value={shoot.wanted.scene.subjectDistance}
	least={NEAREST}
	most={FARTHEST}
	problem="must be a distance such as 2.5 m or 4 ft"
	onchange={(subjectDistance) => shoot.want({ subjectDistance })}
/>
