<!-- What is wanted of the picture, whatever camera takes it: the usual wishes in one tap, the rest behind them. -->
<script lang="ts">
	import { lengthUnit } from '$core/units';
	import isEqual from 'fast-deep-equal';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';
	import { secondsOf, subjectSpeeds, wantedTimeOf, wantedTimes } from '$lib/parts/wanted';
	import DistanceBox from './DistanceBox.svelte';
	import type { ShootState } from './shoot-state.svelte';
	import type { SceneWishes } from './wishes';

	let { shoot }: { shoot: ShootState } = $props();

	const { scene } = $derived(shoot.wanted);
	const taps: { name: string; wish: SceneWishes }[] = [
		{ name: 'Blur behind', wish: { depth: 'shallow' } },
		{ name: 'All sharp', wish: { depth: 'deep' } },
		{ name: 'Freeze it', wish: { seconds: secondsOf('freeze') } },
		{ name: 'Let it streak', wish: { seconds: secondsOf('blur') } }
	];
	const isWanted = (wish: SceneWishes) =>
		(Object.keys(wish) as (keyof SceneWishes)[]).every((key) => isEqual(scene[key], wish[key]));
	const undone = (wish: SceneWishes): SceneWishes =>
		Object.fromEntries(Object.keys(wish).map((key) => [key, undefined]));
</script>

<div class="taps" role="group" aria-label="I want">
	{#each taps as { name, wish } (name)}
		<button
			class="quiet"
			aria-pressed={isWanted(wish)}
			onclick={() => shoot.want(isWanted(wish) ? undone(wish) : wish)}>{name}</button
		>
	{/each}
</div>
<details>
	<summary>Time, movement, distance</summary>
	<div class="fields">
		<ChoiceField
			label="Time"
			value={wantedTimeOf(scene.seconds)}
			options={wantedTimes}
			onchange={(time) => shoot.want({ seconds: secondsOf(time) })}
		/>
		<ChoiceField
			label="The subject"
			value={String(scene.subjectSpeed ?? 0)}
			options={subjectSpeeds}
			onchange={(speed) => shoot.want({ subjectSpeed: Number(speed) || undefined })}
		/>
		<DistanceBox {shoot} label="Its distance, {lengthUnit()}" />
	</div>
</details>

<style>
	.fields {
		grid-template-columns: repeat(auto-fill, minmax(min(8rem, 100%), 1fr));
	}
	.taps {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(min(7rem, 100%), 1fr));
		gap: 0.35rem;
		padding-top: 0.5rem;
	}
	.taps .quiet {
		padding-inline: 0.5rem;
	}
	.taps [aria-pressed='true'] {
		background: var(--ink);
		color: var(--paper);
	}
</style>
