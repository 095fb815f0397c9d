<!-- The stand-in's made-up scene, with what is placed in it. -->
<script lang="ts">
	import type { Snippet } from 'svelte';
	import { LAMP, patches, SCENE, SHADE_FROM, type StandInLight } from '$core/standin';
	import ChoiceField from '$lib/forms/ChoiceField.svelte';

	interface Props {
		light: StandInLight;
		onlight: (light: StandInLight) => void;
		onpoint?: (point: { x: number; y: number }) => void;
		children?: Snippet;
	}
	let { light, onlight, onpoint, children }: Props = $props();

	/** How dark a surface is drawn, per cent of ink. */
	const darkness = (reflectance: number) => Math.round(100 - 100 * reflectance ** 0.45);

	function point(event: MouseEvent & { currentTarget: SVGElement }) {
		const box = event.currentTarget.getBoundingClientRect();
		onpoint?.({
			x: ((event.clientX - box.left) / box.width) * SCENE.width,
			y: (1 - (event.clientY - box.top) / box.height) * SCENE.height
		});
	}
</script>

<p class="notice small">A simulation, to learn and try things with. It measures nothing real.</p>
<ChoiceField
	label="Its light"
	value={light}
	options={[
		{ value: 'lamp', name: 'a lamp on the left' },
		{ value: 'sun', name: 'sun, with a shed’s shade' },
		{ value: 'overcast', name: 'an even grey sky' }
	]}
	onchange={onlight}
/>
<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_noninteractive_element_interactions -- the same is set by the fields below -->
<svg
	viewBox="0 0 {SCENE.width} {SCENE.height}"
	role="img"
	aria-label="A sail, a coat and a grey card before a wall"
	onclick={point}
>
	{#each patches as { id, x, y, width, height, reflectance } (id)}
		<rect
			{x}
			y={SCENE.height - y - height}
			{width}
			{height}
			style:fill="color-mix(in oklab, var(--panel), var(--ink) {darkness(reflectance)}%)"
		/>
	{/each}
	{#if light === 'sun'}
		<rect class="shade" x={SHADE_FROM} y="0" width={SCENE.width - SHADE_FROM} height={SCENE.height} />
	{:else if light === 'lamp'}
		<circle class="lamp" cx={LAMP.x} cy={SCENE.height - LAMP.y} r="0.12" />
	{/if}
	{@render children?.()}
</svg>

<style>
	svg {
		width: 100%;
		border: 1px solid var(--edge);
		border-radius: var(--radius-base);
	}
	.shade {
		fill: color-mix(in oklab, var(--ink) 40%, transparent);
	}
	.lamp {
		fill: var(--panel);
		stroke: var(--ink);
		stroke-width: 0.04;
	}
</style>
